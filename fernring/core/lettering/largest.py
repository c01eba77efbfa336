"""The largest size, and where, at which a figure lies inside a border of any outline.

From a place inside, everything grows outward from nothing until the first of its points meets the border; how large it
is then, for every turn at once, are quotients of two profiles by direction. The best of a lattice of places is
refined.
"""

from collections.abc import Sequence
from functools import cached_property
from math import inf, pi
from typing import TYPE_CHECKING, NamedTuple

import numpy as np

from ..budget import spend
from ..dots.table import Array, Whole
from ..geometry.lattice import evenly_in
from ..geometry.outline.inset import simplified
from ..geometry.outline.polygon import turned
from .hits import hits, spread_points

if TYPE_CHECKING:
    from shapely import Polygon

DIRECTIONS = 360
PLACES = 220  # of the lattice
STARTS = 4  # of the best places that are refined
ROUNDS = 80
NEAR = 1.5  # times as far from the border as the point that meets it first: these decide while a place is refined
LEAST_STEP = 1e-4
SAFE = 1e-4  # of the size, kept back at a time
MOST_SMALLER = 100
ROUGH = 0.02  # mm by which the border may be drawn more simply while it is searched
Place = tuple[float, float, float]
"""x, y (mm) and a turn (rad)."""


class Fit(NamedTuple):
    """So many times as large as given, its origin at x, y (mm), turned clockwise (rad)."""

    scale: float
    x: float
    y: float
    turn_rad: float


def largest(lines: Sequence[Array], border: Sequence[Array], level: bool) -> Fit | None:
    """The best that is found, None where nothing fits. `lines` are about an origin inside them; `border` are the closed
    lines of the area, holes too. A `level` figure is not turned, others by a quarter at the most, so
    that they can be read.
    """
    points = spread_points(lines, float(np.ptp(np.concatenate(lines), axis=0).max()) / 400)
    grown = Grown(*_furthest(points), [simplified(line, ROUGH) for line in border])
    profile = np.zeros(DIRECTIONS)
    np.maximum.at(profile, _direction(grown.way), grown.away)
    tried = [(*_best_turn(grown, place, profile, level), *place) for place in grown.places(PLACES)]
    tried.sort(key=lambda one: -one[0])
    found = [_refined(grown, one, level) for one in _apart(tried)]
    best = max(found, key=lambda one: one.scale, default=None)
    return None if best is None or best.scale <= 0 else _inside(best, lines, border)


def _inside(fit: Fit, lines: Sequence[Array], border: Sequence[Array]) -> Fit:
    """A little smaller, until all of it lies inside: what lies between the points that were looked at counts too."""
    import shapely

    area = shapely.Polygon(border[0], border[1:])
    shapely.prepare(area)
    for _ in range(MOST_SMALLER):
        fit = fit._replace(scale=fit.scale * (1 - SAFE))
        placed = [turned(line * fit.scale, fit.turn_rad) + np.array([fit.x, fit.y]) for line in lines]
        if all(area.contains(shapely.LinearRing(line)) for line in placed):
            break
    return fit


class Grown:
    """How far points may grow from a place until one meets the border."""

    def __init__(self, away: Array, way: Array, border: Sequence[Array]) -> None:
        self.away, self.way, self.border = away, way, border
        begin = np.concatenate(border)
        step = np.concatenate([np.roll(line, -1, axis=0) for line in border]) - begin
        long = np.hypot(*step.T) > 1e-9
        self.begin, self.step = begin[long], step[long]

    @cached_property
    def area(self) -> "Polygon":
        """What lies inside the border."""
        import shapely

        area = shapely.Polygon(self.border[0], self.border[1:])
        shapely.prepare(area)
        return area

    def met(self, at: Place) -> tuple["Grown", Whole]:
        """Only the points that come near the border there, and which edge each meets."""
        x, y, turn_rad = at
        spend(len(self.way) * len(self.begin) // 8)
        room, edge = hits(self.begin - (x, y), self.step, self.way + turn_rad)
        size = room / self.away
        few = size <= NEAR * size.min()
        return Grown(self.away[few], self.way[few], self.border), edge[few]

    def places(self, count: int) -> list[tuple[float, float]]:
        """A lattice of about so many places inside the border."""
        left, top, right, bottom = self.area.bounds
        apart = max((right - left) * (bottom - top) / count, 1e-9) ** 0.5
        return [(x, y) for x, y in evenly_in(self.area, apart).tolist()]

    def room(self, place: tuple[float, float], way: Array) -> Array:
        """How far it is from a place to the border, in each direction."""
        spend(len(way) * len(self.begin) // 8)
        return hits(self.begin - place, self.step, way)[0]

    def scale(self, x: float, y: float, turn_rad: float) -> float:
        """The largest size at a place and a turn; 0 outside the border, where nothing grows."""
        import shapely

        if not shapely.contains_xy(self.area, x, y):
            return 0.0
        return float((self.room((x, y), self.way + turn_rad) / self.away).min())


def _furthest(points: Array) -> tuple[Array, Array]:
    """Of all points in about one direction the furthest alone can meet a border first: distances and directions."""
    away, way = np.hypot(*points.T), np.arctan2(points[:, 0], -points[:, 1])
    order = np.argsort(-away, kind="stable")
    _, first = np.unique(np.round(way[order] / (2 * pi) * 2 * DIRECTIONS) % (2 * DIRECTIONS), return_index=True)
    kept = order[first]
    return away[kept], way[kept]


def _direction(way: Array) -> Whole:
    return np.asarray(np.round(way / (2 * pi) * DIRECTIONS).astype(int) % DIRECTIONS)


def _best_turn(grown: Grown, place: tuple[float, float], profile: Array, level: bool) -> tuple[float, float]:
    """The largest size at a place, and its turn (rad), to half a degree."""
    ways = np.arange(DIRECTIONS) * 2 * pi / DIRECTIONS
    room = grown.room(place, ways)
    reached = np.flatnonzero(profile)
    quarter = DIRECTIONS // 4
    turns = np.zeros(1, int) if level else np.arange(-quarter, quarter + 1)
    quotient = room[(reached[:, None] + turns) % DIRECTIONS] / profile[reached][:, None]
    size = quotient.min(axis=0)
    best = int(size.argmax())
    return float(size[best]), float(turns[best] * 2 * pi / DIRECTIONS)


def _apart(tried: Sequence[tuple[float, ...]]) -> list[tuple[float, ...]]:
    """The best, those left out that lie near a better one and are turned alike."""
    kept: list[tuple[float, ...]] = []
    for one in tried:
        if len(kept) == STARTS:
            break
        if all(abs(one[1] - other[1]) > 0.2 or np.hypot(one[2] - other[2], one[3] - other[3]) > 2 for other in kept):
            kept.append(one)
    return kept


def _refined(grown: Grown, start: tuple[float, ...], level: bool) -> Fit:
    """Steps to the largest size that the edges met there allow, each within a distance that is halved where the step is
    none. Source: sequential linear programming with a trust region (Fletcher 1987, from memory).
    """
    _, turn, x, y = start
    at: Place = (x, y, turn)
    best, reach = grown.scale(*at), float(np.hypot(*grown.begin.T).max())
    trust = reach / 20
    for _ in range(ROUNDS):
        if trust < LEAST_STEP * reach:
            break
        ahead = _step(grown, at, best, trust, level)
        size = grown.scale(*ahead)
        if size > best * (1 + 1e-7):
            at, best, trust = ahead, size, trust * 1.5
        else:
            trust /= 2
    return Fit(best if best < inf else 0.0, *at)


def _step(grown: Grown, at: Place, size: float, trust: float, level: bool) -> Place:
    """1. For every point near the border the edge that it meets; 2. the size, place and turn that keep all of them on
    the inner side of these, to first order, with the largest size.
    """
    from scipy.optimize import linprog

    x, y, turn = at
    near, edge = grown.met(at)
    out = np.stack((np.sin(near.way + turn), -np.cos(near.way + turn)), axis=1)
    aside = np.stack((-out[:, 1], out[:, 0]), axis=1)
    begin, step = grown.begin[edge], grown.step[edge]
    normal = np.stack((-step[:, 1], step[:, 0]), axis=1) / np.hypot(*step.T)[:, None]
    normal *= np.sign((normal * out).sum(axis=1))[:, None]  # outward
    far = near.away[:, None]
    changes = np.stack(
        ((normal * out * far).sum(axis=1), normal[:, 0], normal[:, 1], (normal * aside * far).sum(axis=1) * size),
        axis=1,
    )
    left = (normal * (begin - np.array([x, y]) - size * far * out)).sum(axis=1)
    quarter = trust / max(size * float(near.away.max()), 1e-9)
    turning = (0.0, 0.0) if level else (max(-quarter, -pi / 2 - turn), min(quarter, pi / 2 - turn))
    found = linprog((-1, 0, 0, 0), changes, left, bounds=[(None, None), (-trust, trust), (-trust, trust), turning])
    if found.x is None:
        return at
    _, dx, dy, turned_by = found.x.tolist()
    return x + dx, y + dy, turn + turned_by
