"""Leaves of written pages: paragraphs and tables in our typefaces, set by reportlab on as many pages as it takes."""

from collections.abc import Sequence
from html import escape
from io import BytesIO
from typing import Any

from reportlab.lib.colors import HexColor
from reportlab.lib.styles import ParagraphStyle
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Flowable, Paragraph, SimpleDocTemplate, Table, TableStyle

from ..fonts import BOLD, REGULAR
from ..paper import SIZES, Paper
from ..pdf import UNITS
from ..typeset import draw_runs, font_runs, register_fonts

INK, LINE = HexColor("#1b2d27"), HexColor("#d9d4c7")
EDGE_MM = 18.0
BODY = ParagraphStyle("body", fontName=REGULAR, fontSize=10.5, leading=15, textColor=INK)
SMALL = ParagraphStyle("small", parent=BODY, fontSize=9, leading=12.5)
HEAD = ParagraphStyle("head", parent=BODY, fontName=BOLD, fontSize=11, leading=15)
PART = ParagraphStyle("part", parent=HEAD, fontSize=14, leading=19, spaceBefore=14, spaceAfter=5, keepWithNext=1)
TITLE = ParagraphStyle("title", parent=HEAD, fontSize=22, leading=28, spaceAfter=6)


def width(paper: Paper) -> float:
    """What the edges leave of a page's width (pt)."""
    return (SIZES[paper][0] - 2 * EDGE_MM) * UNITS


def pages(story: Sequence[Flowable], title: str, foot: str, paper: Paper) -> bytes:
    """The story as a PDF, each page with its foot and number."""
    register_fonts(BOLD, REGULAR)
    out = BytesIO()
    wide, high = (side * UNITS for side in SIZES[paper])
    edge = EDGE_MM * UNITS
    document = SimpleDocTemplate(
        out, pagesize=(wide, high), leftMargin=edge, rightMargin=edge, topMargin=edge, bottomMargin=edge,
        title=title, creator="Fern Ring", invariant=1,
    )  # fmt: skip

    def footed(canvas: Canvas, page: Any) -> None:
        draw_runs(canvas, edge, edge * 0.5, font_runs(foot, REGULAR), 8.5)
        canvas.setFont(REGULAR, 8.5)
        canvas.drawRightString(wide - edge, edge * 0.5, f"Page {page.page}")

    document.build(list(story), onFirstPage=footed, onLaterPages=footed)
    return out.getvalue()


def table(rows: list[list[Any]], widths: list[float], more: list[Any] | None = None) -> Table:
    style: list[Any] = [
        ("VALIGN", (0, 0), (-1, -1), "TOP"),
        ("LINEBELOW", (0, 0), (-1, -1), 0.4, LINE),
        ("LEFTPADDING", (0, 0), (-1, -1), 0),
        *(more or []),
    ]
    return Table(rows, widths, style=TableStyle(style), hAlign="LEFT")


def text(words: str, style: ParagraphStyle) -> Paragraph:
    parts = font_runs(words, style.fontName)
    marked = "".join(
        escape(part) if name == style.fontName else f'<font name="{name}">{escape(part)}</font>' for name, part in parts
    )
    return Paragraph(marked, style)
