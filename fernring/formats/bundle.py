"""Everything in one ZIP: each sheet as PDF and SVG, those for a cutter as DXF too, the written pattern, the piece."""

from ..core.solved import Solved
from ..core.words.lengths import Units
from .dxf import sheet_dxf
from .pages import Stamp, spread
from .paper import Layout, Paper
from .pdf import sheets_pdf
from .piece_json import document_bytes
from .sheets.all import kinds_for
from .sheets.sheet import Choice
from .svg import svg
from .written.booklet import booklet
from .written.html import booklet_html
from .written.pdf import booklet_pdf
from .zipped import Part


def parts(solved: Solved, choice: Choice, layout: Layout, stamp: Stamp) -> list[Part]:
    """Every file of the bundle by its name, each made when asked for; what cannot be printed is refused at once."""
    found: list[Part] = []
    for kind in kinds_for(solved):
        sheet = kind.make(solved, choice)
        spread(sheet.drawing, layout)
        found.append((f"{kind.id}.pdf", lambda sheet=sheet: sheets_pdf([sheet], stamp, layout)))  # type: ignore[misc]
        found.append((f"{kind.id}.svg", lambda sheet=sheet: svg(sheet.in_svg, sheet.title).encode()))  # type: ignore[misc]
        if sheet.cuts:
            found.append((f"{kind.id}.dxf", lambda sheet=sheet: sheet_dxf(sheet)))  # type: ignore[misc]
    return found


def written_parts(solved: Solved, paper: Paper, stamp: Stamp, units: Units) -> list[Part]:
    """The written pattern both ways, and the piece itself, to be opened on another studio."""
    book = booklet(solved, units, stamp.revision, stamp.date)
    return [
        ("pattern.pdf", lambda: booklet_pdf(book, paper)),
        ("pattern.html", lambda: booklet_html(book).encode()),
        ("piece.json", lambda: document_bytes(solved.piece)),
    ]
