"""The piece as it will look when painted, seen from the front, as primitives."""

import numpy as np

from ..core.laid import Laid
from .drawing import Area, Discs, Drawing, Primitive

MARGIN = 4.0


def picture(laid: Laid) -> Drawing:
    """The blank in its base colour and every dot in its shade, row by row; what lies on the back is not seen."""
    shapes: list[Primitive] = [_blank(laid)]
    dots = laid.dots
    seen = dots.painted if dots.normal is None else dots.painted & (dots.normal[:, 2] > 0)
    for index in range(len(laid.rows)):
        shapes += [
            Area(s.mark.outline, laid.shades[s.shade].colour) for s in laid.shapes if s.row == index and not s.back
        ]
        part = slice(dots.first[index], dots.first[index + 1])
        for level in np.unique(dots.level[part]):
            for shade in np.unique(dots.shade[part]):
                own = (dots.shade[part] == shade) & seen[part] & (dots.level[part] == level)
                x, y, r = dots.x[part][own], dots.y[part][own], dots.radius[part][own]
                shapes.append(Discs(x, y, r, laid.shades[shade].colour))
    low, high = laid.ground.outline.min(axis=0) - MARGIN, laid.ground.outline.max(axis=0) + MARGIN
    (left, top), (width, height) = low.tolist(), (high - low).tolist()
    return Drawing(left, top, width, height, tuple(shapes))


def _blank(laid: Laid) -> Primitive:
    base = laid.piece.blank.base.colour
    if laid.ground.round:
        return Discs(np.zeros(1), np.zeros(1), np.array([outer_reach(laid)]), base, domed=False)
    return Area(laid.ground.outline, base)


def outer_reach(laid: Laid) -> float:
    """Reach of a round outline."""
    return min(laid.ground.surface.widest, laid.ground.surface.rim)
