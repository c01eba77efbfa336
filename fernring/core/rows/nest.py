"""Nesting: slide a row in from the edge until it first touches what is there, plus its gap."""

from collections.abc import Sequence

import numpy as np

from ..geometry.surface import Array, Surface
from .placed import PlacedRow


def nest_walk(
    surface: Surface, placed: Sequence[PlacedRow], angle_rad: Array, radius: Array, gap: float, floor: float
) -> float:
    """Walk distance of a nested row (mm): the largest contact of any of its dots, and at least `floor`.

    For a dot at angle a and each dot there: the larger solution of distance = r1 + r2 + gap along the spoke
    at a. `angle_rad` and `radius` need to cover one sector only where what is there repeats with it. Rows are tried
    from the outermost in; one that cannot reach past the best so far is passed over.
    """
    best = floor
    widest = float(radius.max()) + gap
    for row in sorted(placed, key=lambda row: row.outer, reverse=True):
        if row.outer - row.thickest + surface.under(row.thickest + widest) <= best:
            break
        there = row.bodies
        distance = radius[:, None] + there.radius + gap
        walks = surface.contact_walk(angle_rad[:, None], there.x, there.y, there.z, distance)
        best = float(np.fmax.reduce(walks, axis=None, initial=best))
    return best
