"""Dots of a few sizes packed into an area, the largest first, until no room is left for the smallest.

For each size the places at which a dot would touch two things are looked at; they are taken front by front across the
area, and each dot that is taken brings new ones. In a wide area the largest begin as a piece of the hexagonal lattice.
In any other the one of several ways through it is kept that covers most.
"""

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from typing import TYPE_CHECKING

import numpy as np

from ...budget import spend
from ...dots.table import Array, Mask
from ...regions.ground_left import edges_of, moved_in
from .chosen import Whole, apart_from_copies, chosen, copies, in_one_sector
from .lattice import lattice
from .touching import Edge, There, beside_two, clear_of, sorted_there, there

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

FRONTS, FEW_FRONTS = 24, 4  # across the area; across one that begins with a lattice
WAYS = (2.36, 0.79, 1.31)  # directions that are tried, from that of the seed on (rad)
WIDE = 20.0  # largest dots across an area that begins with a lattice
PIECE = 3.0  # mm of the edge
POINT = 30
SPREAD, CLOSER = 0.95, 0.85  # of the room that each of a few has to itself, and from one try to the next
CANDIDATES, MOST_CANDIDATES = 60, 30_000  # for each of a few
Key = Callable[[Array], Array]


@dataclass(frozen=True, eq=False)
class Packed:
    """Places (n, 2) in plan (mm), and which of the sizes is at each."""

    at: Array
    size: Whole

    def covered(self, radii: Sequence[float]) -> float:
        """mm² of paint."""
        return float((np.pi * np.asarray(radii)[self.size] ** 2).sum()) if len(self.size) else 0.0


@dataclass(frozen=True, eq=False)
class Task:
    """`area` are polygons; `radii` the sizes, largest first; `gap` is kept to the edge, to each other and to what is
    there already, `lying` (n, 2) with radii. `order` is how often everything repeats about the centre. mm.

    Of each size there may be so many at the `most`, spread over the area; None: as many as fit. `key` says in which
    turn places come, the least first; `allowed` which of the sizes may lie where. The largest lie where it was
    `begun` and nowhere else.
    """

    area: "BaseGeometry"
    radii: tuple[float, ...]
    gap: float
    lying: Array
    lying_radius: Array
    order: int = 1
    seed: int = 1
    most: tuple[int | None, ...] = ()
    key: Key | None = None
    allowed: Callable[[int, Array], Mask] | None = None
    begun: Array | None = None

    @property
    def limits(self) -> tuple[int | None, ...]:
        """`most` for every size."""
        return self.most or (None,) * len(self.radii)


def pack(task: Task) -> Packed:
    """The packing that covers most of those that were tried. The same task gives the same dots."""
    if task.begun is not None:
        return _packed(task, 0.0, task.begun)
    if task.order > 1 or task.key is not None:
        return _packed(task, 0.0, None)
    ways = [(task.seed - 1) * 0.7 + way for way in WAYS]
    begun = lattice(task) if _wide(task) and task.limits[0] is None and task.allowed is None else None
    if begun is not None and len(begun):
        return _packed(task, ways[0], begun)
    return max((_packed(task, way, None) for way in ways), key=lambda one: one.covered(task.radii))


def _wide(task: Task) -> bool:
    left, top, right, bottom = task.area.bounds if not task.area.is_empty else (0.0, 0.0, 0.0, 0.0)
    return min(right - left, bottom - top) > WIDE * (2 * task.radii[0] + task.gap)


def _packed(task: Task, way: float, begun: Array | None) -> Packed:
    lying = sorted_there(task.lying, task.lying_radius)
    places, sizes = [np.empty((0, 2))], [np.empty(0, np.intp)]
    for size, radius in enumerate(task.radii):
        layer = _Layer(task, size, way, lying, FRONTS if begun is None else FEW_FRONTS)
        most = task.limits[size]
        if size == 0 and task.begun is not None:
            own = layer.laid(task.begun)
        elif most is None:
            own = layer.filled(begun if size == 0 else None)
        else:
            own = layer.spread(most)
        if len(own):
            lying = [*lying, there(own, np.full(len(own), radius))]
            places.append(own)
            sizes.append(np.full(len(own), size))
    return Packed(np.concatenate(places), np.concatenate(sizes))


class _Layer:
    """All dots of one size."""

    def __init__(self, task: Task, size: int, way: float, lying: list[There], fronts: int) -> None:
        import shapely

        radius = task.radii[size]
        self.task, self.size, self.radius, self.more, self.lying = task, size, radius, radius + task.gap, lying
        self.apart = 2 * radius + task.gap
        inset = moved_in(task.area, self.more)
        self.edge = Edge(edges_of(inset, PIECE))
        self.corners = shapely.get_coordinates(shapely.boundary(inset))
        self.inside = shapely.buffer(inset, 2e-6, quad_segs=4)
        shapely.prepare(self.inside)
        self.along = np.array([np.cos(way), np.sin(way)])
        self.front = max(self.apart, float(np.ptp(self._key(self.corners)) if len(self.corners) else 0.0) / fronts)

    def filled(self, begun: Array | None) -> Array:
        """Places of this size; from those that were `begun`, if any."""
        own: There | None = None
        at = np.empty((0, 2))
        open_places = self._open(begun if begun is not None else self._first(), None)
        while len(open_places):
            key = self._key(open_places)
            front = np.flatnonzero(key <= key.min() + (np.inf if begun is not None and own is None else self.front))
            taken = chosen(open_places[front], key[front], self.apart, self.task.order)
            new = there(*self._whole(open_places[front[taken]]))
            at = np.concatenate((at, new.at))
            left = clear_of(open_places, new, self.more)
            fresh = self._beside(new, own)
            own = there(at, np.full(len(at), self.radius))
            open_places = np.concatenate((left, self._open(fresh, own)))
        return at

    def laid(self, places: Array) -> Array:
        """Of these places those that are free, and no others."""
        tried = self._open(places, None)
        return self._whole(tried[chosen(tried, np.arange(float(len(tried))), self.apart, self.task.order)])[0]

    def spread(self, most: int) -> Array:
        """About so many places of this size at the most, as far from each other as there is room: tried ever closer
        together.
        """
        import shapely

        area = float(shapely.area(self.inside))
        if area <= 0:
            return np.empty((0, 2))
        left, top, right, bottom = self.inside.bounds
        random = np.random.default_rng((self.task.seed, self.size))
        wanted = min(CANDIDATES * most * max((right - left) * (bottom - top) / area, 1.0), MOST_CANDIDATES)
        tried = self._open(random.uniform((left, top), (right, bottom), (int(wanted), 2)), None)
        apart, taken = max(SPREAD * (area / most) ** 0.5, self.apart), np.empty(0, np.intp)
        while len(tried):
            taken = chosen(tried, np.arange(float(len(tried))), apart, self.task.order)
            if len(taken) * self.task.order >= most or apart <= self.apart:
                break
            apart = max(apart * CLOSER, self.apart)
        return self._whole(tried[taken[: max(most // self.task.order, 1)]])[0]

    def _key(self, places: Array) -> Array:
        """In which turn places come: as the task says; else across the area, or where it repeats from outside in."""
        if self.task.key is not None:
            return self.task.key(places)
        return np.asarray(places @ self.along if self.task.order == 1 else -np.hypot(*places.T))

    def _whole(self, places: Array) -> tuple[Array, Array]:
        every = copies(places, self.task.order)
        return every, np.full(len(every), self.radius)

    def _first(self) -> Array:
        """Corners of the edge, and wherever a dot touches two things that are there already."""
        found = [self.corners]
        for k, one in enumerate(self.lying):
            found.append(self.edge.beside(one, self.more))
            found += [beside_two(one, other, self.more) for other in self.lying[k:]]
        if self.task.order > 1:
            found.append(np.zeros((1, 2)))
        return np.concatenate(found)

    def _beside(self, new: There, own: There | None) -> Array:
        """Places beside the dots just taken."""
        found = [self.edge.beside(new, self.more), beside_two(new, new, self.more)]
        found += [beside_two(new, other, self.more) for other in (*self.lying, *filter(None, (own,)))]
        return np.concatenate(found)

    def _open(self, places: Array, own: There | None) -> Array:
        """Those at which a dot lies inside and is clear of everything."""
        import shapely

        places = apart_from_copies(in_one_sector(places, self.task.order), self.apart, self.task.order)
        for one in (*filter(None, (own,)), *self.lying):  # its own size first: that rules out most
            places = clear_of(places, one, self.more)
        spend(POINT * len(places))
        places = places[shapely.contains_xy(self.inside, places[:, 0], places[:, 1])]
        return places if self.task.allowed is None else places[self.task.allowed(self.size, places)]
