"""The piece as it will look when painted, seen from the front, as primitives."""

from collections.abc import Iterator

import numpy as np

from ..core.dots.table import Mask
from ..core.solved import Solved
from .drawing import Area, Discs, Drawing, Primitive
from .look import domes, faceted, ridged
from .zoned import cover_areas, zone_areas

MARGIN = 4.0
LAID = {"under": -1, "beside": 0, "over": 1}


def picture(solved: Solved) -> Drawing:
    """The blank in its base colour and every dot in its shade, row by row; what lies on the back is not seen."""
    shapes: list[Primitive] = [_blank(solved), *zone_areas(solved)]
    seen = solved.domed if solved.normal is None else solved.domed & (solved.normal[:, 2] > 0)
    for index in sorted(range(len(solved.rows)), key=lambda row: LAID[solved.rules[row].laid]):
        shapes += _row(solved, index, seen)
    shapes += cover_areas(solved)
    low, high = solved.ground.outline.min(axis=0) - MARGIN, solved.ground.outline.max(axis=0) + MARGIN
    (left, top), (width, height) = low.tolist(), (high - low).tolist()
    return Drawing(left, top, width, height, tuple(shapes))


def _row(solved: Solved, index: int, seen: Mask) -> Iterator[Primitive]:
    """From below upward: the marks of each level, and then its dots."""
    part = slice(solved.first[index], solved.first[index + 1])
    dots = solved.dots.take(part)
    marks = [one for one in solved.marked if one.row == index and not one.back]
    for level in np.union1d(dots.level, np.array([one.mark.level for one in marks], int)):
        for one in marks:
            if one.mark.level == level:
                look = faceted if one.mark.glued else ridged
                yield from look(one.mark, solved.palette.shades[one.shade].colour)
        for shade in np.unique(dots.shade):
            own = (dots.shade == shade) & seen[part] & (dots.level == level)
            if own.any():
                yield from domes(dots.x[own], dots.y[own], dots.radius[own], solved.palette.shades[shade].colour)


def _blank(solved: Solved) -> Primitive:
    base = solved.piece.blank.base.colour
    if solved.ground.round:
        return Discs(np.zeros(1), np.zeros(1), np.array([outer_reach(solved)]), base)
    return Area(solved.ground.outline, base)


def outer_reach(solved: Solved) -> float:
    """Reach of a round outline."""
    return min(solved.ground.surface.widest, solved.ground.surface.rim)
