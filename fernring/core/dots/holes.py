"""The empty places among discs: circles that touch three discs and meet no other, the same in every sector.

The places asked for are those among close neighbours, and what is met from there along the seams: where two discs
bound only one empty circle, the next ones along the line midway between them count as well. To have these at hand,
every empty circle is worked out first. Where discs are of one size they are the circumscribed circles of Delaunay's
triangles; sizes that differ change some of them, and these are followed seam by seam.
"""

from math import inf

import numpy as np

from ..kept import kept
from .seams import followed, reached
from .table import Array
from .touching import WIDER, Circles, Field, close_triples, different, empty_circles, joined, new_ones, triangles

NEAR = 0.25  # of the furthest: discs no further off the sector are looked at first


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
    whole = Field((x, y, r), sector_rad, start_rad, furthest)
    off = whole.off(x, y, WIDER) - r
    for margin in (NEAR * furthest, inf):
        near = off <= margin
        field = Field((x[near], y[near], r[near]), sector_rad, start_rad, furthest)
        found, widest = _among(field)
        if widest <= margin or near.all():  # no disc that was left out comes into a circle, or touches one
            break
    _, once = np.unique(found.places, return_index=True)
    return found.x[once], found.y[once], found.t[once]


def _among(field: Field) -> tuple[Circles, float]:
    """The circles in the sector, and the widest radius of those in it and a little beside it."""
    n = len(field.x)
    close = different(close_triples(field), n)
    others = new_ones(different(triangles(field), n), close, n)
    near = empty_circles(field, close)
    every = followed(field, joined((near, empty_circles(field, others))))
    found = reached(field, every, np.arange(len(every.t)) < len(near.t))
    return found[field.inside(found.x, found.y, 0.0)], float(every.t.max(initial=0.0))
