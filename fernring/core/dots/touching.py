"""Circles that touch three discs from outside and meet no other: how they are calculated from triples of discs."""

from collections.abc import Sequence
from functools import cached_property
from itertools import combinations
from math import inf, pi

import numpy as np
from numpy.typing import NDArray

from ..budget import spend
from ..geometry.apollonius import touching_three
from .nearest import DiscTrees
from .table import Array, Mask

Places = NDArray[np.intp]
NEIGHBOURS = 12
MANY = 2_000  # discs that are no longer looked at one by one
AT_ONCE = 100_000  # distances worked out at once: as many as stay close at hand in the processor
FIRST = 4  # of them are looked at before the others
TOUCHES = 1e-7
EXACT = 1e-6
SAMPLED = (128, 16, 1)  # a first look at every so many discs spares most circles the look at all
TRIPLES = 8_000  # solved at once
TOGETHER = 200_000  # triples whose circles are held at once
WIDER = 0.15  # sectors are searched so much wider, so that seams over their ends are followed


class Field:
    """Discs of shape (n,), and the sector that is searched, as far as `furthest` from the origin."""

    def __init__(self, discs: tuple[Array, Array, Array], sector: float, start: float, furthest: float) -> None:
        self.x, self.y, self.r = discs
        self.sector, self.start, self.furthest = sector, start, furthest

    def inside(self, x: Array, y: Array, wider: float) -> Mask:
        """Whether points lie in the sector, or up to `wider` of it to either side."""
        if self.sector >= 2 * pi - 1e-9:
            return np.ones(len(x), bool)
        angle = (np.arctan2(x, -y) - self.start + 1e-5) % (2 * pi)
        margin = wider * self.sector
        return np.asarray((angle < self.sector + margin) | (angle > 2 * pi - margin) | (np.hypot(x, y) < 1e-6))

    def off(self, x: Array, y: Array, wider: float) -> Array:
        """How far points lie from the sector, or from one wider by so much of it to either side (mm)."""
        half = self.sector * (0.5 + wider)
        aside = np.abs((np.arctan2(x, -y) - self.start - self.sector / 2 + pi) % (2 * pi) - pi) - half
        return np.asarray(np.hypot(x, y) * np.sin(np.clip(aside, 0.0, pi / 2)))

    def nearest(self, own: Places, count: int) -> Places:
        """So many nearest neighbours of some discs by clear distance, shape (m, k)."""
        count = min(count, len(self.x) - 1)
        if len(self.x) > MANY:
            return self._trees.nearest(own, count)
        spend(2 * len(own) * len(self.x))
        near = []
        for part in np.array_split(own, max(1, len(own) * len(self.x) // AT_ONCE + 1)):
            dx, dy = self.x[part, None] - self.x, self.y[part, None] - self.y
            apart = np.sqrt(dx * dx + dy * dy) - self.r
            apart[np.arange(len(part)), part] = inf
            near.append(np.argpartition(apart, count - 1, axis=1)[:, :count].copy())  # not a view of them all
        return np.concatenate(near)

    @cached_property
    def _trees(self) -> DiscTrees:
        return DiscTrees(self.x, self.y, self.r)

    @cached_property
    def near(self) -> Places:
        """The nearest neighbours of every disc, shape (n, k)."""
        return self.nearest(np.arange(len(self.x)), NEIGHBOURS)

    @cached_property
    def known(self) -> Array:
        """As far as this from the edge of every disc, no disc comes that is not among its nearest neighbours (mm)."""
        near = self.near
        apart = np.hypot(self.x[:, None] - self.x[near], self.y[:, None] - self.y[near]) - self.r[near]
        return np.asarray(apart.max(axis=1) - self.r)


class Circles:
    """Empty circles: centres, radii, and the three discs each touches in rising order, shape (m, 3)."""

    def __init__(self, x: Array, y: Array, t: Array, touched: Places) -> None:
        self.x, self.y, self.t, self.touched = x, y, t, touched

    def __getitem__(self, chosen: NDArray[np.bool_] | Places) -> "Circles":
        return Circles(self.x[chosen], self.y[chosen], self.t[chosen], self.touched[chosen])

    @property
    def places(self) -> NDArray[np.complex128]:
        """Centres rounded, so that one circle found twice is one."""
        return np.asarray(np.round(self.x, 4) + 1j * np.round(self.y, 4))


def joined(parts: Sequence[Circles]) -> Circles:
    return Circles(*(np.concatenate([getattr(part, name) for part in parts]) for name in ("x", "y", "t", "touched")))


def empty_circles(field: Field, triples: Places) -> Circles:
    """The circles that touch the three discs of each triple, where no disc reaches into them."""
    return joined([_empty(field, part) for part in np.array_split(triples, len(triples) // TOGETHER + 1)])


def _empty(field: Field, triples: Places) -> Circles:
    found = joined([_touching(field, part) for part in np.array_split(triples, len(triples) // TRIPLES + 1)])
    # 1. No neighbour of a disc that it touches reaches into it.
    for part in (slice(0, FIRST), slice(FIRST, None)):
        found = found[_untouched(field, found, field.near[found.touched[:, 0], part])]
    # 2. Nor does any other: what reaches into a circle lies no further from a disc it touches than it is wide.
    sure = field.known[found.touched[:, 0]] >= 2 * found.t
    wide, parts = found[~sure], [found[sure]]
    for step in SAMPLED:
        wide = wide[_untouched(field, wide, np.arange(0, len(field.x), step)[None])]
    found = joined((*parts, wide))
    return found[_exact(field, found)]


def _touching(field: Field, triples: Places) -> Circles:
    """The circles in reach that touch the three discs of each triple."""
    spend(40 * len(triples))
    found = Circles(*touching_three(field.x[triples], field.y[triples], field.r[triples]), triples)
    with np.errstate(invalid="ignore"):
        found = found[(found.t > 0) & (found.x * found.x + found.y * found.y <= field.furthest**2)]
    return found[field.inside(found.x, found.y, WIDER)]


def _untouched(field: Field, found: Circles, discs: Places) -> Mask:
    """Which circles none of these discs reaches into: so many for each circle, or one line of them for all."""
    empty = np.ones(len(found.t), bool)
    for part in np.array_split(np.arange(len(empty)), len(empty) * discs.shape[1] // AT_ONCE + 1):
        near = discs if len(discs) == 1 else discs[part]
        spend(len(part) * near.shape[1])
        dx, dy = found.x[part, None] - field.x[near], found.y[part, None] - field.y[near]
        reach = found.t[part, None] + field.r[near] - TOUCHES
        empty[part] = (dx * dx + dy * dy >= reach * reach).all(axis=1)
    return empty


def different(triples: Places, n: int) -> Places:
    """Every three of n discs once, all in rising order."""
    a, b, c = np.sort(triples, axis=1).T
    keys = np.sort((a * n + b) * n + c)
    keys = keys[np.concatenate((np.ones(min(len(keys), 1), bool), keys[1:] != keys[:-1]))]
    return np.stack((keys // (n * n), keys // n % n, keys % n), axis=1)


def new_ones(triples: Places, known: Places, n: int) -> Places:
    """Those of the triples that are not among the known ones; both are as `different` gives them."""
    keys, there = (some @ np.array((n * n, n, 1)) for some in (triples, known))
    place = np.minimum(np.searchsorted(there, keys), len(there) - 1)
    return triples[there[place] != keys] if len(there) else triples


def _exact(field: Field, found: Circles) -> Mask:
    """Whether circles truly touch what they should: among discs nearly in line the arithmetic is not fine enough."""
    dx, dy = found.x[:, None] - field.x[found.touched], found.y[:, None] - field.y[found.touched]
    off = np.hypot(dx, dy) - field.r[found.touched] - found.t[:, None]
    return np.asarray((np.abs(off) < EXACT).all(axis=1))


def triangles(field: Field) -> Places:
    """The triangles of Delaunay near the sector, and each two neighbours with their common side the other way.

    None where all discs lie in one line. Source: scipy's Delaunay, which is Qhull's.
    """
    from scipy.spatial import Delaunay, QhullError

    try:
        flat = Delaunay(np.stack((field.x, field.y), axis=1))
    except QhullError:
        return np.empty((0, 3), np.intp)
    found = flat.simplices.astype(np.intp)
    near = np.asarray(field.inside(field.x, field.y, WIDER)[found].any(axis=1))
    # Corner `k` of a triangle lies across from its neighbour `k`, whose own corner `back` lies across from it.
    one, k = np.nonzero((flat.neighbors >= 0) & near[:, None])
    other = flat.neighbors[one, k]
    back = np.argmax(flat.neighbors[other] == one[:, None], axis=1)
    across = (found[one, k], found[other, back])
    turned = [np.stack((*across, found[one, (k + step) % 3]), axis=1) for step in (1, 2)]
    return np.concatenate((found[near], *turned))


def close_triples(field: Field) -> Places:
    """Each disc of the sector with every two of its nearest neighbours."""
    own = np.flatnonzero(field.inside(field.x, field.y, WIDER))
    near = field.near[own]
    pairs = np.array(list(combinations(range(near.shape[1]), 2)), np.intp).reshape(-1, 2)
    first = np.repeat(own, len(pairs))
    return np.stack((first, near[:, pairs[:, 0]].ravel(), near[:, pairs[:, 1]].ravel()), axis=1)
