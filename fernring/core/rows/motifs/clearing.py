"""Further out until nothing is in the way: how a motif's row keeps clear of what stands round other centres."""

import numpy as np

from ...budget import spend
from ...dots.index import Index
from ...dots.table import Array
from ...geometry.surface import Surface

EXACT = 1e-9  # mm
MOST_STEPS = 500
LOOKED = 20  # work for a dot or pair looked at


def clear_walk(
    surface: Surface, there: Index, angle_rad: Array, radius: Array, gap: float, walk: float, limit: float
) -> float:
    """The least walk from `walk` on at which discs at these angles keep the gap to all that is there (mm).

    Along its spoke a disc is too close to another between two walks. While any is, all of them go on to the larger of
    the two: what lies between is too close as well. Past the `limit` nobody looks any further.
    """
    for _ in range(MOST_STEPS):
        x, y, z = surface.points(np.full(len(angle_rad), walk), angle_rad)
        dot, disc, clear = there.within(x, y, z, float(radius.max()) + gap)
        spend(LOOKED * (len(angle_rad) + len(dot)))
        close = clear < radius[dot] + gap - EXACT
        if walk > limit or not close.any():
            return walk
        dot, disc = dot[close], disc[close]
        reach = radius[dot] + there.radius[disc] + gap
        further = surface.contact_walk(angle_rad[dot], there.x[disc], there.y[disc], there.z[disc], reach)
        walk = max(float(np.fmax.reduce(further, initial=walk)), walk + EXACT)
    return float(np.inf)
