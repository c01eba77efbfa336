"""The booklet as PDF, set by reportlab on as many pages as it takes."""

from html import escape
from io import BytesIO
from typing import Any

from reportlab.lib.colors import HexColor
from reportlab.lib.styles import ParagraphStyle
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Flowable, KeepTogether, Paragraph, SimpleDocTemplate, Spacer, Table, TableStyle

from ..drawing import Drawing
from ..fonts import BOLD, REGULAR
from ..paper import SIZES, Paper
from ..pdf import UNITS, draw_shapes
from ..typeset import draw_runs, font_runs, register_fonts
from .booklet import CAUTION, OTHER_TOOLS, Booklet, Step

INK, LINE = HexColor("#1b2d27"), HexColor("#d9d4c7")
EDGE_MM, FIGURE_MM, PICTURE_MM = 18.0, 46.0, 90.0
BODY = ParagraphStyle("body", fontName=REGULAR, fontSize=10.5, leading=15, textColor=INK)
SMALL = ParagraphStyle("small", parent=BODY, fontSize=9, leading=12.5)
HEAD = ParagraphStyle("head", parent=BODY, fontName=BOLD, fontSize=11, leading=15)
PART = ParagraphStyle("part", parent=HEAD, fontSize=14, leading=19, spaceBefore=14, spaceAfter=5, keepWithNext=1)
TITLE = ParagraphStyle("title", parent=HEAD, fontSize=22, leading=28, spaceAfter=6)


class Figure(Flowable):
    """A drawing fitted into a box, never enlarged past true size."""

    def __init__(self, drawing: Drawing, wide_mm: float, high_mm: float) -> None:
        super().__init__()
        self.drawing = drawing
        self.factor = UNITS * min(wide_mm / drawing.width, high_mm / drawing.height, 1.5)
        self.width, self.height = drawing.width * self.factor, drawing.height * self.factor

    def draw(self) -> None:
        canvas: Canvas = self.canv
        canvas.saveState()
        canvas.transform(
            self.factor,
            0,
            0,
            -self.factor,
            -self.drawing.left * self.factor,
            self.height + self.drawing.top * self.factor,
        )
        draw_shapes(canvas, self.drawing.primitives)
        canvas.restoreState()


def booklet_pdf(book: Booklet, paper: Paper) -> bytes:
    """The booklet on as many pages as it takes, each with the piece's name and the page's number."""
    register_fonts(BOLD, REGULAR)
    out = BytesIO()
    wide, high = (side * UNITS for side in SIZES[paper])
    edge = EDGE_MM * UNITS
    document = SimpleDocTemplate(
        out, pagesize=(wide, high), leftMargin=edge, rightMargin=edge, topMargin=edge, bottomMargin=edge,
        title=book.title, creator="Fern Ring", invariant=1,
    )  # fmt: skip

    def foot(canvas: Canvas, page: Any) -> None:
        draw_runs(canvas, edge, edge * 0.5, font_runs(book.foot, REGULAR), 8.5)
        canvas.setFont(REGULAR, 8.5)
        canvas.drawRightString(wide - edge, edge * 0.5, f"Page {page.page}")

    document.build(_story(book, wide - 2 * edge), onFirstPage=foot, onLaterPages=foot)
    return out.getvalue()


def _story(book: Booklet, width: float) -> list[Flowable]:
    facts = [[_text(name, SMALL), _text(value, SMALL)] for name, value in book.facts]
    tools = [[_text(cell, SMALL) for cell in row] for row in (("Diameter", "Made here with", "Rows"), *book.tools)]
    heads: list[Any] = [_text(cell, SMALL) for cell in ("", "Shade", "Colour", "Rows")]
    tints: list[list[Any]] = [
        heads,
        *(["", *(_text(cell, SMALL) for cell in (t.name, t.colour, t.rows))] for t in book.tints),
    ]
    swatches = [("BACKGROUND", (0, k), (0, k), HexColor(tint.colour)) for k, tint in enumerate(book.tints, 1)]
    return [
        _text(book.title, TITLE),
        _text(book.intro, BODY),
        Spacer(1, 10),
        Figure(book.picture, PICTURE_MM, PICTURE_MM),
        _text("Blank and measures", PART),
        _table(facts, [width * 0.3, width * 0.7]),
        _text("Dots by measured size", PART),
        _text(OTHER_TOOLS, SMALL),
        _table(tools, [width * 0.2, width * 0.4, width * 0.4]),
        _text("Shades", PART),
        _table(tints, [width * 0.06, width * 0.38, width * 0.2, width * 0.36], swatches),
        _text("Row by row, from the centre out", PART),
        *(_step(step, width) for step in book.steps),
        Spacer(1, 8),
        _text(CAUTION, SMALL),
    ]


def _step(step: Step, width: float) -> Flowable:
    figure = Figure(step.drawing, FIGURE_MM, FIGURE_MM)
    words = [_text(step.heading, HEAD), _text(" ".join(step.sentences), BODY)]
    left = (FIGURE_MM + 6) * UNITS
    return KeepTogether([_table([[figure, words]], [left, width - left])])


def _table(rows: list[list[Any]], widths: list[float], more: list[Any] | None = None) -> Table:
    style: list[Any] = [
        ("VALIGN", (0, 0), (-1, -1), "TOP"),
        ("LINEBELOW", (0, 0), (-1, -1), 0.4, LINE),
        ("LEFTPADDING", (0, 0), (-1, -1), 0),
        *(more or []),
    ]
    return Table(rows, widths, style=TableStyle(style), hAlign="LEFT")


def _text(text: str, style: ParagraphStyle) -> Paragraph:
    parts = font_runs(text, style.fontName)
    marked = "".join(
        escape(part) if name == style.fontName else f'<font name="{name}">{escape(part)}</font>' for name, part in parts
    )
    return Paragraph(marked, style)
