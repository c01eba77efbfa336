"""The booklet as PDF."""

from typing import Any

from reportlab.lib.colors import HexColor
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Flowable, KeepTogether, Spacer

from ..drawing import Drawing
from ..paper import Paper
from ..pdf import UNITS, draw_shapes
from .booklet import CAUTION, OTHER_TOOLS, Booklet, Step
from .leaves import BODY, HEAD, PART, SMALL, TITLE, pages, table, text, width

FIGURE_MM, PICTURE_MM = 46.0, 90.0


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
    return pages(_story(book, width(paper)), book.title, book.foot, paper)


def _story(book: Booklet, wide: float) -> list[Flowable]:
    facts = [[text(name, SMALL), text(value, SMALL)] for name, value in book.facts]
    tools = [[text(cell, SMALL) for cell in row] for row in (("Diameter", "Made here with", "Rows"), *book.tools)]
    heads: list[Any] = ["", "", *(text(cell, SMALL) for cell in ("Shade", "Colour", "Rows"))]
    tints: list[list[Any]] = [
        heads,
        *(["", "", *(text(cell, SMALL) for cell in (t.name, t.colour, t.rows))] for t in book.tints),
    ]
    swatches = [("BACKGROUND", (0, k), (0, k), HexColor(tint.colour)) for k, tint in enumerate(book.tints, 1)]
    return [
        text(book.title, TITLE),
        text(book.intro, BODY),
        Spacer(1, 10),
        Figure(book.picture, PICTURE_MM, PICTURE_MM),
        text("Blank and measures", PART),
        table(facts, [wide * 0.3, wide * 0.7]),
        text("Dots by measured size", PART),
        text(OTHER_TOOLS, SMALL),
        table(tools, [wide * 0.2, wide * 0.4, wide * 0.4]),
        text("Shades", PART),
        table(tints, [wide * 0.05, wide * 0.01, wide * 0.38, wide * 0.2, wide * 0.36], swatches),
        text("Row by row, from the centre out", PART),
        *(_step(step, wide) for step in book.steps),
        Spacer(1, 8),
        text(CAUTION, SMALL),
    ]


def _step(step: Step, wide: float) -> Flowable:
    figure = Figure(step.drawing, FIGURE_MM, FIGURE_MM)
    words = [text(step.heading, HEAD), text(" ".join(step.sentences), BODY)]
    left = (FIGURE_MM + 6) * UNITS
    return KeepTogether([table([[figure, words]], [left, wide - left])])
