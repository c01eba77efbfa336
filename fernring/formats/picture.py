"""The piece as it will look when painted, as primitives: the blank and its dots as paint."""

import numpy as np

from ..core.laid import Laid
from .drawing import Discs, Drawing, Primitive

MARGIN = 4.0


def picture(laid: Laid) -> Drawing:
    """The blank in its base colour and every dot in its shade, row by row."""
    rim = laid.context.surface.reach(laid.context.surface.rim)
    one = np.zeros(1)
    shapes: list[Primitive] = [Discs(one, one, np.array([rim]), laid.piece.blank.base.colour, domed=False)]
    dots = laid.dots
    for index in range(len(laid.rows)):
        part = slice(dots.first[index], dots.first[index + 1])
        for shade in np.unique(dots.shade[part]):
            own = dots.shade[part] == shade
            x, y, r = dots.x[part][own], dots.y[part][own], dots.radius[part][own]
            shapes.append(Discs(x, y, r, laid.shades[shade].colour))
    side = 2 * (rim + MARGIN)
    return Drawing(-side / 2, -side / 2, side, side, tuple(shapes))
