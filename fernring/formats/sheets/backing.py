"""Felt or cork for the back: the outline a little smaller, as many times as the set has pieces."""

import numpy as np

from ...core.errors import FitError
from ...core.geometry.outline import inset
from ...core.geometry.surface import Array
from ...core.solved import Solved
from ..drawing import Circle, Drawing, Path, Primitive, Text
from ..picture import outer_reach
from .sheet import EDGE, Choice, Sheet

BETWEEN, ROW_WIDE = 4.0, 186.0
WHAT = (
    "Cut the shapes from felt or cork with scissors, or with a knife along a metal rule, away from the fingers. Glue "
    "as its label says, on a surface that is dry."
)


def backing(solved: Solved, choice: Choice) -> Sheet:
    """Copies of the outline, inset by the margin, in rows. Raises FitError when the margin leaves nothing."""
    shapes = _shapes(solved, choice.margin)
    low = np.min([_extent(shape)[0] for shape in shapes], axis=0)
    high = np.max([_extent(shape)[1] for shape in shapes], axis=0)
    cell = high - low + BETWEEN
    columns = min(max(1, int((ROW_WIDE + BETWEEN) // cell[0])), choice.count)
    cuts: list[Circle | Path] = []
    labels: list[Primitive] = []
    for k in range(choice.count):
        middle = np.array([k % columns, k // columns]) * cell - (low + high) / 2
        cuts += [_moved(shape, middle) for shape in shapes]
        x, y = (middle + (low + high) / 2).tolist()
        labels.append(Text(x, y + 1, f"{k + 1} of {choice.count}", 2.6, "middle"))
    lines = -(-choice.count // columns)
    left, top = (-(high - low) / 2 - EDGE).tolist()
    width, height = (cell * [columns, lines] - BETWEEN + 2 * EDGE).tolist()
    drawing = Drawing(left, top, width, height, (*cuts, *labels))
    return Sheet("backing", "Felt or cork backing", WHAT, drawing, tuple(cuts))


def _shapes(solved: Solved, margin: float) -> list[Circle | Path]:
    if solved.ground.round:
        radius = outer_reach(solved) - margin
        found: list[Circle | Path] = [Circle(0, 0, radius)] if radius > 1 else []
    else:
        found = [Path(part, closed=True) for part in inset.inset(solved.ground.outline, margin)]
    if not found:
        raise FitError(f"A margin of {margin:g} mm leaves nothing of this blank; take a smaller one.", "margin")
    return found


def _extent(shape: Circle | Path) -> tuple[Array, Array]:
    if isinstance(shape, Circle):
        return np.full(2, -shape.radius), np.full(2, shape.radius)
    return shape.points.min(axis=0), shape.points.max(axis=0)


def _moved(shape: Circle | Path, by: Array) -> Circle | Path:
    if isinstance(shape, Circle):
        return Circle(float(by[0]), float(by[1]), shape.radius)
    return Path(shape.points + by, closed=True)
