"""Which of a fill's shades each dot takes: bands, each of which is mixed and finished by itself, or a mixture."""

from collections.abc import Callable, Mapping
from heapq import heapify, heappop, heappush
from typing import TYPE_CHECKING, NamedTuple

import numpy as np

from ...budget import spend
from ...dots.table import Array, Whole
from ...geometry.lattice import evenly_in

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

NEIGHBOURS = 40  # work for one of a dot's
PLACES, LOOKED = 6_000, 4  # of the area that are looked at, and work for one


class Shades(NamedTuple):
    """The area, the areas that it was named by, a direction (rad, clockwise from straight up), and a seed."""

    area: "BaseGeometry"
    named: "BaseGeometry"
    way_rad: float
    seed: int


Way = Callable[[Array, Array, Shades], Array]


def shaded(way: str, at: Array, radius: Array, shades: Shades, count: int, bands: str) -> Whole:
    """The shade of every dot, from 0 to `count`. Those that are measured go in `bands`: "equal paint", each with about
    as much as the others; "equal areas", each of as much of the area; or "equal steps", each as wide.
    """
    if way in MIXED:
        return MIXED[way](at, radius, shades, count)
    measure = np.round(MEASURED[way](at, radius, shades), 6)
    if bands == "equal steps":
        low, high = float(measure.min()), float(measure.max())
        return np.minimum((measure - low) / max(high - low, 1e-9) * count, count - 1).astype(np.int32)
    if bands == "equal areas" and way in PLACED and len(places := _places(shades.area)):
        over = np.round(MEASURED[way](places, np.zeros(len(places)), shades), 6)
        limits = np.quantile(over, np.arange(1, count) / count)
        return np.searchsorted(limits, measure).astype(np.int32)
    return _by_paint(measure, radius, count)


def _by_paint(measure: Array, radius: Array, count: int) -> Whole:
    turn = np.lexsort((np.arange(len(measure)), measure))
    paint = np.cumsum(radius[turn] ** 2)
    found = np.empty(len(measure), np.int32)
    found[turn] = np.minimum((paint - radius[turn] ** 2 / 2) / paint[-1] * count, count - 1).astype(np.int32)
    return found


def _places(area: "BaseGeometry") -> Array:
    """About so many places evenly over the area."""
    left, top, right, bottom = area.bounds
    apart = max((area.area / PLACES) ** 0.5, 1e-3)
    spend(LOOKED * (right - left) * (bottom - top) / apart**2)
    return evenly_in(area, apart)


def _from_edge(at: Array, _: Array, shades: Shades) -> Array:
    import shapely

    return np.asarray(shapely.distance(shapely.boundary(shades.area), shapely.points(at)))


def _from_within(at: Array, radius: Array, shades: Shades) -> Array:
    """From what is left out inside: a word, a figure; where nothing is, from the edge."""
    import shapely

    if not shades.named.is_empty and not shapely.contains_xy(shades.named, *at[0]):
        return np.asarray(shapely.distance(shades.named, shapely.points(at)))
    rings = [ring for part in shapely.get_parts(shades.area) for ring in part.interiors]
    if not rings:
        return _from_edge(at, radius, shades)
    return np.asarray(shapely.distance(shapely.union_all(rings), shapely.points(at)))


def _outward(at: Array, _: Array, __: Shades) -> Array:
    return np.asarray(np.hypot(*at.T))


def _down(at: Array, _: Array, __: Shades) -> Array:
    return np.asarray(at[:, 1])


def _along(at: Array, _: Array, shades: Shades) -> Array:
    return np.asarray(at @ [np.sin(shades.way_rad), -np.cos(shades.way_rad)])


def _by_size(_: Array, radius: Array, __: Shades) -> Array:
    return -radius


def _at_random(at: Array, _: Array, shades: Shades, count: int) -> Whole:
    """Each shade as often as the others, in any order."""
    return np.random.default_rng(shades.seed).permutation(np.arange(len(at)) % count).astype(np.int32)


def _never_alike(at: Array, radius: Array, _: Shades, count: int) -> Whole:
    """One dot after the other takes a shade that none of its neighbours has, of these the one used least; where all
    are taken around it, the one that fewest have.

    Source: greedy colouring in the smallest-last order (Matula and Beck 1983, from memory): of a graph in the plane
    every dot then has five neighbours before it at the most, so that six shades are always enough.
    """
    near = _neighbours(at, radius)
    found, used = np.full(len(at), -1, np.int32), np.zeros(count)
    for dot in _smallest_last(near):
        taken = np.bincount([found[other] for other in near[dot] if found[other] >= 0], minlength=count)
        found[dot] = int(np.lexsort((np.arange(count), used, taken))[0])
        used[found[dot]] += 1
    return found


def _smallest_last(near: list[list[int]]) -> list[int]:
    """The dots in the reverse of an order in which each one taken away has the fewest neighbours left."""
    degree = [len(each) for each in near]
    waiting = [(count, dot) for dot, count in enumerate(degree)]
    heapify(waiting)
    gone: set[int] = set()
    order = []
    while waiting:
        count, dot = heappop(waiting)
        if dot in gone or count != degree[dot]:
            continue
        gone.add(dot)
        order.append(dot)
        for other in near[dot]:
            if other not in gone:
                degree[other] -= 1
                heappush(waiting, (degree[other], other))
    return order[::-1]


def _neighbours(at: Array, radius: Array) -> list[list[int]]:
    """Dots whose cells of the power diagram meet: of discs that do not overlap those that touch always do.

    Source: lifted to a paraboloid, less the squared radii, the lower side of the convex hull (Aurenhammer 1987, from
    memory).
    """
    from scipy.spatial import ConvexHull, QhullError

    near: list[set[int]] = [set() for _ in range(len(at))]
    spend(NEIGHBOURS * len(at))
    try:
        hull = ConvexHull(np.column_stack((at, (at**2).sum(axis=1) - radius**2)))
        corners = hull.simplices[hull.equations[:, 2] < 0]
    except (QhullError, ValueError):  # too few dots, or all in one line: each beside the next
        order = np.lexsort(at.T)
        corners = np.stack((order[:-1], order[1:]), axis=1)
    for corner in corners.tolist():
        for one in corner:
            near[one].update(other for other in corner if other != one)
    return [sorted(each) for each in near]


MEASURED: Mapping[str, Way] = {
    "from the edge": _from_edge,
    "from what lies in it": _from_within,
    "outward": _outward,
    "downward": _down,
    "along": _along,
    "by size": _by_size,
}
PLACED = frozenset(MEASURED) - {"by size"}  # sizes have no place in the area
MIXED: Mapping[str, Callable[[Array, Array, Shades, int], Whole]] = {
    "at random": _at_random,
    "never alike": _never_alike,
}
