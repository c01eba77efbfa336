"""The empty places among discs: circles that touch three discs and meet no other, the same in every sector.

First every disc is tried with each two of its nearest neighbours. Then the search goes on along the seams: where two
discs bound only one empty circle, the next one along the line midway between them is looked for among all discs.
"""

from collections.abc import Sequence
from functools import lru_cache
from itertools import combinations
from math import inf, pi

import numpy as np
from numpy.typing import NDArray

from ..geometry.apollonius import touching_three
from .table import Array

Whole = NDArray[np.intp]
NEIGHBOURS, WIDE = 12, 128
AT_ONCE = 100_000  # distances worked out at once: as many as stay close at hand in the processor
TOUCHES = 1e-7
SAMPLED = (128, 16, 1)  # a first look at every so many discs spares most circles the look at all
TRIPLES = 8_000  # solved at once
WIDER = 0.15  # sectors are searched so much wider, so that seams over their ends are followed


class Field:
    """Discs of shape (n,), and the sector that is searched, as far as `furthest` from the origin."""

    def __init__(self, discs: tuple[Array, Array, Array], sector: float, start: float, furthest: float) -> None:
        self.x, self.y, self.r = discs
        self.sector, self.start, self.furthest = sector, start, furthest

    def inside(self, x: Array, y: Array, wider: float) -> np.ndarray:
        """Whether points lie in the sector, or up to `wider` of it to either side."""
        angle = (np.arctan2(x, -y) - self.start + 1e-5) % (2 * pi)
        margin = wider * self.sector
        return (angle < self.sector + margin) | (angle > 2 * pi - margin) | (np.hypot(x, y) < 1e-6)

    def nearest(self, own: Whole, count: int = NEIGHBOURS) -> Whole:
        """So many nearest neighbours of some discs by clear distance, shape (m, k)."""
        count = min(count, len(self.x) - 1)
        near = []
        for part in np.array_split(own, max(1, len(own) * len(self.x) // AT_ONCE + 1)):
            dx, dy = self.x[part, None] - self.x, self.y[part, None] - self.y
            apart = np.sqrt(dx * dx + dy * dy) - self.r
            apart[np.arange(len(part)), part] = inf
            near.append(np.argpartition(apart, count - 1, axis=1)[:, :count])
        return np.concatenate(near)


class Circles:
    """Empty circles: centres, radii, and the three discs each touches, shape (m, 3)."""

    def __init__(self, x: Array, y: Array, t: Array, touched: Whole) -> None:
        self.x, self.y, self.t, self.touched = x, y, t, touched

    def __getitem__(self, chosen: np.ndarray) -> "Circles":
        return Circles(self.x[chosen], self.y[chosen], self.t[chosen], self.touched[chosen])


def _joined(parts: Sequence[Circles]) -> Circles:
    return Circles(*(np.concatenate([getattr(part, name) for part in parts]) for name in ("x", "y", "t", "touched")))


def holes(
    x: Array, y: Array, r: Array, sector_rad: float, start_rad: float, smallest: float = 0.02, furthest: float = 1e4
) -> tuple[Array, Array, Array]:
    """Centres and radii of the empty circles tangent to three discs, in the first sector.

    They are at least `smallest` in radius and at most `furthest` from the origin (mm).
    """
    found = _all(np.stack((x, y, r)).astype(float).tobytes(), sector_rad, start_rad, furthest)
    found = found[found.t >= smallest]
    return found.x, found.y, found.t


@lru_cache(maxsize=8)
def _all(discs: bytes, sector_rad: float, start_rad: float, furthest: float) -> Circles:
    """Every empty circle in the sector; kept, because rows above gap dots change less often than these."""
    x, y, r = np.frombuffer(discs).reshape(3, -1)
    field = Field((x, y, r), sector_rad, start_rad, furthest)
    found = _along_seams(field, _empty(field, _close_triples(field)))
    found = found[field.inside(found.x, found.y, 0.0)]
    _, once = np.unique(_places(found), return_index=True)
    return found[once]


def _close_triples(field: Field) -> Whole:
    """Each disc of the sector with every two of its nearest neighbours."""
    own = np.flatnonzero(field.inside(field.x, field.y, WIDER))
    near = field.nearest(own)
    pairs = np.array(list(combinations(range(near.shape[1]), 2)))
    first = np.repeat(own, len(pairs))
    return np.stack((first, near[:, pairs[:, 0]].ravel(), near[:, pairs[:, 1]].ravel()), axis=1)


def _along_seams(field: Field, found: Circles) -> Circles:
    """The circles found, and those met from them on; each open seam is asked about near discs first, then about all."""
    near: set[tuple[int, int]] = set()
    far: set[tuple[int, int]] = set()
    while seams := _open_seams(found) - far:
        count, seams = (WIDE, seams - near) if seams - near else (len(field.x), seams)
        (near if count == WIDE else far).update(seams)
        found = _joined((found, _empty(field, _across(field, np.array(sorted(seams)), count))))
    return found


def _across(field: Field, seams: Whole, count: int) -> Whole:
    """Each of these pairs with so many other discs."""
    third = field.nearest(seams[:, 0], count)
    pairs, third = np.repeat(seams, third.shape[1], axis=0), third.ravel()
    other = third != pairs[:, 1]
    return np.asarray(np.column_stack((pairs, third))[other])


def _empty(field: Field, triples: Whole) -> Circles:
    """The circles that touch the three discs of each triple, where no disc reaches into them."""
    found = _joined([_touching(field, part) for part in np.array_split(triples, len(triples) // TRIPLES + 1)])
    first, back = np.unique(found.touched[:, 0], return_inverse=True)
    if len(first):
        near = field.nearest(first)
        found = found[_untouched(found, (field.x[near], field.y[near], field.r[near]), back)]
    found = _once(found)
    for step in SAMPLED:
        there = (field.x[None, ::step], field.y[None, ::step], field.r[None, ::step])
        found = found[_untouched(found, there, np.zeros(len(found.t), np.intp))]
    return found


def _touching(field: Field, triples: Whole) -> Circles:
    """The circles in reach that touch the three discs of each triple."""
    found = Circles(*touching_three(field.x[triples], field.y[triples], field.r[triples]), triples)
    with np.errstate(invalid="ignore"):
        found = found[(found.t > 0) & (found.x * found.x + found.y * found.y <= field.furthest**2)]
    return found[field.inside(found.x, found.y, WIDER)]


def _untouched(found: Circles, discs: tuple[Array, Array, Array], line: Whole) -> np.ndarray:
    """Which circles no disc of their line reaches into; `discs` are x, y and r of shape (lines, k)."""
    x, y, r = discs
    empty = np.ones(len(found.t), bool)
    for part in np.array_split(np.arange(len(empty)), max(1, len(empty) * x.shape[1] // AT_ONCE + 1)):
        own = line[part] if len(x) > 1 else slice(None)
        dx, dy = found.x[part, None] - x[own], found.y[part, None] - y[own]
        reach = found.t[part, None] + r[own] - TOUCHES
        empty[part] = (dx * dx + dy * dy >= reach * reach).all(axis=1)
    return empty


def _once(found: Circles) -> Circles:
    """Every three discs once."""
    a, b, c = np.sort(found.touched, axis=1).T
    n = int(found.touched.max(initial=0)) + 1
    _, first = np.unique((a * n + b) * n + c, return_index=True)
    return found[np.sort(first)]


def _open_seams(found: Circles) -> set[tuple[int, int]]:
    """Pairs of discs that bound only one of the circles found; the same circle found twice counts once."""
    _, place = np.unique(_places(found), return_inverse=True)
    touched = np.sort(found.touched, axis=1)
    n, many = int(touched.max(initial=0)) + 1, len(place) + 1
    pairs = np.concatenate([touched[:, a] * n + touched[:, b] for a, b in ((0, 1), (0, 2), (1, 2))])
    sided = np.unique(pairs * many + np.tile(place, 3)) // many
    seams, count = np.unique(sided, return_counts=True)
    return {divmod(int(seam), n) for seam in seams[count == 1]}


def _places(found: Circles) -> NDArray[np.complex128]:
    return np.asarray(np.round(found.x, 4) + 1j * np.round(found.y, 4))
