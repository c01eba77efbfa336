"""Further out until nothing is in the way: how a motif's row keeps clear of what stands round other centres."""

from math import pi

import numpy as np

from ...budget import spend
from ...dots.table import Array, Dots
from ...geometry.surface import Surface
from ..nest import beside_spokes

EXACT = 1e-9  # mm
SWEPT = 20  # work for a stretch of a spoke


def clear_walk(surface: Surface, there: Dots, angle_rad: Array, radius: Array, gap: float, walk: float) -> float:
    """The least walk from `walk` on at which discs at these angles keep the gap to all that is there (mm).

    Along its spoke a disc is too close to another between two walks: the larger is that of the contact on the spoke,
    the smaller that on the spoke opposite, with the other sign. What one disc may not, none may: the walk goes on past
    every such stretch that it lies in.
    """
    dot, x, y, z, wide = beside_spokes(there, angle_rad, float(radius.max()) + gap, surface.side)
    angle, reach = angle_rad[dot], radius[dot] + wide + gap
    spend(SWEPT * len(reach))
    ends = surface.contact_walk(angle, x, y, z, reach)
    begins = -surface.contact_walk(angle + pi, x, y, z, reach)
    ahead = np.flatnonzero(ends > walk + EXACT)
    order = ahead[np.argsort(begins[ahead], kind="stable")]
    for begin, end in zip(begins[order].tolist(), ends[order].tolist(), strict=True):
        if begin >= walk - EXACT:
            break
        walk = max(walk, end)
    return walk
