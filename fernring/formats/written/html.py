"""The booklet as one self-contained HTML page: headings, lists and texts that a screen reader reads in order."""

from collections.abc import Iterator
from html import escape

from ..drawing import Drawing
from ..svg import svg
from .booklet import CAUTION, OTHER_TOOLS, Booklet

STYLE = """
body { font: 17px/1.5 Georgia, serif; color: #1b2d27; background: #fffdf8; max-width: 44rem; margin: 2rem auto; padding: 0 1rem; }
h1, h2, h3 { line-height: 1.2; } h2 { margin-top: 2.2rem; border-bottom: 1px solid #d9d4c7; }
figure { margin: 1rem 0; } figure svg { display: block; max-width: 100%; } .whole svg { width: 24rem; height: auto; }
dl { display: grid; grid-template-columns: max-content 1fr; gap: .2rem 1rem; } dt { color: #5b675f; } dd { margin: 0; }
table { border-collapse: collapse; width: 100%; } th, td { text-align: left; padding: .25rem .6rem .25rem 0; border-bottom: 1px solid #d9d4c7; }
ol { list-style: none; padding: 0; } li { display: grid; grid-template-columns: 11rem 1fr; gap: 1.2rem; align-items: start;
  padding: .8rem 0; border-bottom: 1px solid #d9d4c7; break-inside: avoid; } li figure { margin: 0; } li svg { width: 11rem; height: auto; max-height: 14rem; }
li h3 { margin: 0 0 .3rem; font-size: 1.05rem; } .tint { display: inline-block; width: 1em; height: 1em; border-radius: 50%;
  border: 1px solid #0006; vertical-align: -.1em; } footer { margin-top: 2rem; color: #5b675f; }
"""  # noqa: E501


def booklet_html(book: Booklet) -> str:
    """The whole booklet; nothing in it asks for anything else."""
    return "\n".join(_lines(book)) + "\n"


def _lines(book: Booklet) -> Iterator[str]:
    title = escape(book.title)
    yield f'<!doctype html>\n<html lang="en" dir="ltr"><head><meta charset="utf-8"><title>{title}</title>'
    yield f"<style>{STYLE}</style></head><body><main>"
    yield f'<h1 dir="auto">{title}</h1><p dir="auto">{escape(book.intro)}</p>'
    yield _figure(book.picture, "The finished piece", "whole")
    yield "<h2>Blank and measures</h2><dl>"
    yield from (f'<dt>{escape(name)}</dt><dd dir="auto">{escape(value)}</dd>' for name, value in book.facts)
    yield f"</dl><h2>Dots by measured size</h2><p>{OTHER_TOOLS}</p>"
    yield from _table(("Diameter", "Made here with", "Rows"), [[escape(cell) for cell in row] for row in book.tools])
    yield "<h2>Shades</h2>"
    tints = [
        [f'<span class="tint" style="background:{t.colour}"></span> {escape(t.name)}', t.colour, escape(t.rows)]
        for t in book.tints
    ]
    yield from _table(("Shade", "Colour", "Rows"), tints)
    yield "<h2>Row by row, from the centre out</h2><ol>"
    for step in book.steps:
        text = " ".join(escape(sentence) for sentence in step.sentences)
        figure = _figure(step.drawing, f"Drawing of {step.heading}", "")
        yield f"<li>{figure}<div><h3>{escape(step.heading)}</h3><p>{text}</p></div></li>"
    yield f'</ol><p>{CAUTION}</p><footer dir="auto">{escape(book.foot)}</footer></main></body></html>'


def _figure(drawing: Drawing, words: str, kind: str) -> str:
    picture = svg(drawing, words).replace("<svg ", '<svg role="img" ', 1)
    return f'<figure class="{kind}">{picture}</figure>' if kind else f"<figure>{picture}</figure>"


def _table(heads: tuple[str, ...], rows: list[list[str]]) -> Iterator[str]:
    yield "<table><tr>" + "".join(f"<th>{head}</th>" for head in heads) + "</tr>"
    yield from ("<tr>" + "".join(f"<td>{cell}</td>" for cell in row) + "</tr>" for row in rows)
    yield "</table>"
