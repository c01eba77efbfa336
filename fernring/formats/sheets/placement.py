"""The placement sheet: every dot of chosen rows as a thin circle with its centre; and its mirror image."""

import numpy as np

from ...core.solved import Solved
from ..drawing import Discs, Outlines, Primitive, Text, mirrored
from .sheet import Choice, Sheet, around, bare_areas, edge_of, front_dots, front_marks, rows_of

POINT = 0.15
INK = "#000000"
WHAT = "Prick every centre through, or trace the circles; rows are numbered from the centre out at their first dot."
TRANSFER = "Mirror image: go over the dots with soft pencil, lay the drawn side down centre on centre, and rub."


def placement(solved: Solved, choice: Choice) -> Sheet:
    """Dots of the front as seen from above, row by row."""
    return Sheet("placement", "Dot placement sheet", WHAT, around(solved.ground, _placed(solved, choice, True)))


def transfer(solved: Solved, choice: Choice) -> Sheet:
    """The placement sheet mirrored, without numbers, which would be rubbed off too."""
    drawing = mirrored(around(solved.ground, _placed(solved, choice, False)))
    return Sheet("transfer", "Transfer sheet, mirrored", TRANSFER, drawing)


def _placed(solved: Solved, choice: Choice, numbered: bool) -> list[Primitive]:
    found: list[Primitive] = []
    labels: list[Primitive] = []
    for index in rows_of(solved, choice):
        x, y, radius = front_dots(solved, index)
        found.append(Outlines(x, y, radius))
        found.append(Discs(x, y, np.full(len(x), POINT), INK))
        found += front_marks(solved, index)
        if len(x):
            away = float(radius[0]) + 0.5
            labels.append(Text(float(x[0]) + away * 0.8, float(y[0]) - away * 0.6, solved.marks[index], 2.0))
    return [*found, edge_of(solved), *bare_areas(solved, numbered), *(labels if numbered else [])]
