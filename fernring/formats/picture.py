"""The piece as it will look when painted, seen from the front, as primitives."""

import numpy as np

from ..core.solved import Solved
from .drawing import Area, Discs, Drawing, Primitive

MARGIN = 4.0


def picture(solved: Solved) -> Drawing:
    """The blank in its base colour and every dot in its shade, row by row; what lies on the back is not seen."""
    shapes: list[Primitive] = [_blank(solved)]
    dots = solved.dots
    seen = dots.painted if solved.normal is None else dots.painted & (solved.normal[:, 2] > 0)
    for index in range(len(solved.rows)):
        shapes += [
            Area(s.mark.outline, solved.palette.shades[s.shade].colour)
            for s in solved.marked
            if s.row == index and not s.back
        ]
        part = slice(solved.first[index], solved.first[index + 1])
        for level in np.unique(dots.level[part]):
            for shade in np.unique(dots.shade[part]):
                own = (dots.shade[part] == shade) & seen[part] & (dots.level[part] == level)
                x, y, r = dots.x[part][own], dots.y[part][own], dots.radius[part][own]
                shapes.append(Discs(x, y, r, solved.palette.shades[shade].colour))
    low, high = solved.ground.outline.min(axis=0) - MARGIN, solved.ground.outline.max(axis=0) + MARGIN
    (left, top), (width, height) = low.tolist(), (high - low).tolist()
    return Drawing(left, top, width, height, tuple(shapes))


def _blank(solved: Solved) -> Primitive:
    base = solved.piece.blank.base.colour
    if solved.ground.round:
        return Discs(np.zeros(1), np.zeros(1), np.array([outer_reach(solved)]), base, domed=False)
    return Area(solved.ground.outline, base)


def outer_reach(solved: Solved) -> float:
    """Reach of a round outline."""
    return min(solved.ground.surface.widest, solved.ground.surface.rim)
