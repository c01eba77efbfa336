"""The booklet as one self-contained HTML page: headings, lists and texts that a screen reader reads in order."""

from functools import cache
from typing import TYPE_CHECKING

from ..drawing import Drawing
from ..svg import svg
from .booklet import CAUTION, OTHER_TOOLS, Booklet

if TYPE_CHECKING:
    from jinja2 import Template


def booklet_html(book: Booklet) -> str:
    """The whole booklet; nothing in it asks for anything else. Every text is escaped by the template."""
    return _template().render(book=book, caution=CAUTION, other_tools=OTHER_TOOLS)


@cache
def _template() -> "Template":
    from jinja2 import Environment, PackageLoader

    environment = Environment(
        loader=PackageLoader(__package__, "."), autoescape=True, trim_blocks=True, keep_trailing_newline=True
    )
    environment.globals["picture"] = _picture
    return environment.get_template("booklet.html.jinja")


def _picture(drawing: Drawing, words: str) -> object:
    from markupsafe import Markup

    return Markup(svg(drawing, words).replace("<svg ", '<svg role="img" ', 1))  # its title is escaped there
