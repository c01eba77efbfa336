"""The empty places among discs: circles that touch three discs and meet no other, the same in every sector.

The places asked for are those among close neighbours, and what is met from there along the seams: where two discs
bound only one empty circle, the next ones along the line midway between them count as well. To have these at hand,
every empty circle is worked out first. Where discs are of one size they are the circumscribed circles of Delaunay's
triangles; sizes that differ change some of them, and these are followed seam by seam.
"""

import numpy as np

from ..kept import kept
from .seams import followed, reached
from .table import Array
from .touching import Field, close_triples, different, empty_circles, joined, new_ones, triangles


def holes(
    x: Array, y: Array, r: Array, sector_rad: float, start_rad: float, smallest: float = 0.02, furthest: float = 1e4
) -> tuple[Array, Array, Array]:
    """Centres and radii of the empty circles tangent to three discs, in the first sector.

    They are at least `smallest` in radius and at most `furthest` from the origin (mm).
    """
    cx, cy, room = _all(np.stack((x, y, r)).astype(float).tobytes(), sector_rad, start_rad, furthest)
    wide = room >= smallest
    return cx[wide], cy[wide], room[wide]


@kept(8)
def _all(discs: bytes, sector_rad: float, start_rad: float, furthest: float) -> tuple[Array, Array, Array]:
    """Every empty circle in the sector; kept, because rows above gap dots change less often than these."""
    x, y, r = np.frombuffer(discs).reshape(3, -1)
    field = Field((x, y, r), sector_rad, start_rad, furthest)
    close = different(close_triples(field), len(x))
    others = new_ones(different(triangles(field), len(x)), close, len(x))
    near = empty_circles(field, close)
    every = followed(field, joined((near, empty_circles(field, others))))
    found = reached(field, every, np.arange(len(every.t)) < len(near.t))
    found = found[field.inside(found.x, found.y, 0.0)]
    _, once = np.unique(found.places, return_index=True)
    return found.x[once], found.y[once], found.t[once]
