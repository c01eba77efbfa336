"""A practice sheet on paper: targets to dot, and the marks that a photograph of it is read by."""

from ...core.marks import NUMBER_PLACES, SHEET, SHEET_MARKS, number_marks
from ...core.practice.sheet import SMALL, Block, PracticeSheet, blocks, labels
from ..drawing import Drawing, Line, Primitive, Text, crosses
from ..marks import mark


def practice_sheet(sheet: PracticeSheet) -> Drawing:
    """The whole page, at true size."""
    shapes: list[Primitive] = []
    for ident, place in SHEET_MARKS.items():
        shapes += mark(ident, place)
    for ident, place in zip(number_marks(sheet.number), NUMBER_PLACES, strict=True):
        shapes += mark(ident, place)
    shapes += [Text(one.x, one.y, one.text, one.size, bold=one.size > SMALL) for one in labels(sheet)]
    for block in blocks(sheet):
        shapes += _targets(block)
    return Drawing(0, 0, *SHEET, tuple(shapes))


def _targets(block: Block) -> list[Primitive]:
    x, y = zip(*block.places, strict=True)
    shapes: list[Primitive] = [*crosses(list(x), list(y), min(0.25 * block.dot, 0.6))]  # type: ignore[arg-type]
    if block.technique == "swipe":
        shapes += [
            Line(x1 + block.dot / 2 + 1, y1, x2 + 1, y2, "fine")
            for (x1, y1), (x2, y2) in zip(block.places, block.ends, strict=True)
        ]
        shapes += [Line(x2 + 1, y2 - 1, x2 + 1, y2 + 1, "fine") for x2, y2 in block.ends]
    return shapes
