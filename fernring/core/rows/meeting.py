"""Petals that meet: the host, the layers and the dots of the kit with which a row of petals closes and nests at once.

Let D_nest be the least distance at which the whole petal keeps the row's gap to what lies inside, and D_meet the least
at which neighbouring petals keep theirs. Of all petals that the kit can make with D_meet >= D_nest the one with the
smallest difference is taken, its remainder, and the row stands at D_meet.
"""

from collections.abc import Callable, Iterator
from dataclasses import dataclass
from math import gcd, inf, pi
from typing import TYPE_CHECKING

import numpy as np

from ..budget import spend
from ..document.distance import AtWalk
from ..dots.index import Index
from ..dots.table import Array
from ..geometry.crossing import crossing
from ..geometry.surface import Plane
from ..kept import Kept
from .context import Context
from .counts import repeats
from .ring_fit import RingFit
from .tracks import track_of
from .trims import trim_kind
from .trims.host import Around, Host
from .trims.petal import placed_petal
from .trims.walking import walked

if TYPE_CHECKING:
    from ..document.row import Row
    from .trims.walk import WalkTrim

LEAST_HOST, MOST_HOST = 2.0, 16.4  # mm; smaller ones carry no petal, larger ones are no host
MOST_SHARE = 0.5  # of its host that a walked dot may be
LAYERS = 4
TRIED = 20  # petals whose distances are found exactly, after a rough look at all
ROOMY = 1.1  # petals are looked at whose rough discs end so far past the border
SECTOR = 1.3  # how much wider than its own sector a petal is looked for
EXACT = 1e-6  # mm
PAIR = 3  # work for a pair of discs looked at
Made = tuple[float, str]  # a dot of the kit and the tool that makes it
MEETINGS = Kept["Meeting | str"](32)


@dataclass(frozen=True)
class Meeting:
    """The petal that was found: host and walked dot, each with its tool, layers, walk of the row (mm), and what is left
    to what lies inside (mm).
    """

    host: Made
    dot: Made
    layers: int
    walk: float
    remainder: float


def met(row: "Row", context: Context) -> "tuple[Row, float] | str":
    """The row with the petals that meet, and its remainder (mm); or why there are none."""
    place = next((k for k, trim in enumerate(row.trims) if trim_kind(trim).walks), None)
    if place is None:
        return "it has no petal that could meet its neighbours"
    if not track_of(row.track).pairs:
        return "petals meet round the centre only"
    if len(row.pattern) > 1 or row.group is not None or row.copies > 1:
        return "petals meet where every place holds one dot with its petal"
    if not context.surface.axisymmetric:
        return "petals meet on flat blanks and round reliefs only"
    found = MEETINGS.of(_key(row, context), lambda: _searched(row, place, context))
    if isinstance(found, str):
        return found
    trim = row.trims[place]
    size = trim.size.model_copy(update={"diameter": found.dot[0], "tool": found.dot[1], "share": None})  # type: ignore[attr-defined]
    petal = trim.model_copy(update={"size": size, "layers": found.layers, "own": ()})
    host = row.pattern[0].model_copy(update={"diameter": found.host[0], "tool": found.host[1]})
    changed = {
        "pattern": (host,),
        "trims": (*row.trims[:place], petal, *row.trims[place + 1 :]),
        "distance": AtWalk(walk=found.walk),
        "fit": None,
    }
    return row.model_copy(update=changed), found.remainder


def _key(row: "Row", context: Context) -> tuple[object, ...]:
    there = tuple(part.bodies.x.tobytes() + part.bodies.radius.tobytes() for part in context.nestable)
    rule = (row.trims, row.count, row.gap, row.start, row.spacing)
    return rule, context.ground, context.back, context.segments, context.turn_rad, context.kit, there


def _searched(row: "Row", place: int, context: Context) -> "Meeting | str":
    n = repeats(row.count, context.segments)
    if n < 3:
        return "at least three petals are needed to meet round the centre"
    if not context.nestable:
        return "nothing lies inside that petals could nest on"
    ring = RingFit(row, context, None)
    best: tuple[float, Petals] | None = None
    # 1. After a rough look at all, the distances of some: on a relief with the petal as its frame lays it.
    for _, host, dot, layers in sorted(_rough(row, place, ring, n))[:TRIED]:
        petal = Petals(row, place, ring, n, host, dot, layers)
        nest, meet = petal.nested(), petal.meeting()
        fits = np.isfinite(nest) and np.isfinite(meet) and petal.outer(meet) <= context.limit + EXACT
        if fits and meet >= nest - EXACT and (best is None or meet - nest < best[0]):
            best = meet - nest, petal
    if best is None:
        return "no petal that this kit can make meets its neighbours and nests inside the border"
    # 2. Of the best the exact ones.
    petal = best[1].exactly()
    nest, meet = petal.nested(), petal.meeting()
    walk = max(nest, meet)
    return Meeting(petal.host, petal.dot, petal.layers, walk, walk - nest)


def _rough(row: "Row", place: int, ring: RingFit, n: int) -> Iterator[tuple[float, Made, Made, int]]:
    """All petals, taken for discs of their own width: by how much they miss meeting where they nest."""
    trim: WalkTrim = row.trims[place]  # type: ignore[assignment]
    context = ring.context
    for host in context.kit:
        if not LEAST_HOST <= host[0] <= MOST_HOST:
            continue
        for dot in context.kit:
            if dot[0] > MOST_SHARE * host[0]:
                continue
            for layers in range(1, LAYERS + 1):
                radius = host[0] / 2 + layers * (dot[0] + trim.gap)
                meet = (2 * radius + row.gap) / (2 * np.sin(pi / n))
                if meet + radius <= context.limit * ROOMY:
                    nest = ring.contact_walk((2 * radius,), n, 0.0)
                    yield abs(context.surface.walk(meet) - nest), host, dot, layers


class Petals:
    """A row of petals, all alike, wherever it stands."""

    def __init__(
        self, row: "Row", place: int, ring: RingFit, n: int, host: Made, dot: Made, layers: int, exact: bool = False
    ) -> None:
        trim: WalkTrim = row.trims[place]  # type: ignore[assignment]
        size = trim.size.model_copy(update={"diameter": dot[0], "tool": dot[1], "share": None})
        trim = trim.model_copy(update={"size": size, "layers": layers, "own": ()})
        self.given = row, place, ring, n, host, dot, layers
        self.context, self.gap, self.n, self.first = ring.context, row.gap, n, ring.first(n)
        self.host, self.dot, self.layers = host, dot, layers
        self.exact = exact or isinstance(self.context.surface, Plane)
        nobody, loads, tools = Index(*(np.empty(0) for _ in range(4))), self.context.loads, self.context.tools
        self.around = Around(self.context.surface, nobody, loads, tools)
        self.radius = host[0] / 2
        petal = walked(trim, 0, self._host(self.context.limit), Around(Plane(1.0), nobody, loads, tools))
        self.dots = [dot.disc for dot in petal.dots]
        self.gaps = np.array([dot.gap for dot in petal.dots])
        self.radii = np.array([self.radius, *(r for _, _, r in self.dots)])

    def exactly(self) -> "Petals":
        """The same petal with every dot at its straight distances on the relief."""
        return self if self.exact else Petals(*self.given, exact=True)

    def _host(self, walk: float) -> Host:
        surface = self.context.surface
        points = surface.points(np.array([walk]), np.array([self.first]))
        x, y, z = (float(column[0]) for column in points)
        return Host(x, y, z, walk, self.first, self.first, self.radius, 1, 0, 0, 0)

    def at(self, walk: float) -> Array:
        """Where the first petal lies, host and dots, shape (m, 3)."""
        host = self._host(walk)
        points = np.array([[host.x, host.y, host.z]])
        if not self.dots:
            return points
        if self.exact:
            placed = placed_petal(self.dots, host, self.around, self.gaps).points
        else:
            u, v, _ = (np.array(column) for column in zip(*self.dots, strict=True))
            placed, _, _ = self.around.at(host, u, v)
        return np.concatenate((points, np.stack(placed, axis=1)))

    def outer(self, walk: float) -> float:
        """The outermost painted edge of a row at this walk (mm), about as it is walked."""
        furthest = max((v + r for _, v, r in self.dots), default=self.radius)
        return walk + max(furthest, self.radius)

    def meeting(self) -> float:
        """D_meet: the least walk at which neighbours keep the gap; inf where none does before the border."""
        turn = 2 * pi / self.n * self.context.surface.side

        def short(walk: float) -> float:
            here = self.at(walk)
            return self.gap - self._clear(here, _turned(here, turn), self.radii)

        return self._least(short, self.radius)

    def nested(self) -> float:
        """D_nest: the least walk at which the whole petal keeps the gap to everything that lies there."""
        bodies = [part.bodies for part in self.context.nestable]
        there = np.concatenate([np.stack((part.x, part.y, part.z, part.radius), axis=1) for part in bodies])
        group = gcd(self.n, self.context.order) if self.context.order else self.n
        # 1. Instead of every petal turned to its place, what lies there is turned to the first.
        turns = -2 * pi / self.n * np.arange(self.n // group) * self.context.surface.side
        every = np.concatenate([_turned(there, float(turn)) for turn in turns])
        # 2. A petal that keeps clear of its neighbours stays in its sector: only what reaches into that is looked at.
        reach = np.hypot(every[:, 0], every[:, 1])
        angle = np.arctan2(every[:, 0] * self.context.surface.side, -every[:, 1])
        off = np.abs((angle - self.first + pi) % (2 * pi) - pi)
        wide = np.where(reach > every[:, 3], np.arcsin(np.minimum(every[:, 3] / np.maximum(reach, 1e-9), 1.0)), pi)
        all_there = every[off <= pi / self.n * SECTOR + wide]
        if not len(all_there):
            return inf

        def short(walk: float) -> float:
            return self.gap - self._clear(self.at(walk), all_there[:, :3], all_there[:, 3])

        return self._least(short, 0.0)

    def _least(self, short: Callable[[float], float], low: float) -> float:
        """The least walk at which nothing is short; inf where something is at the border still."""
        high = self.context.limit
        return (
            inf if short(high) > 0 else -crossing(lambda back: short(-back), -high, -low, 1e-9 if self.exact else 1e-4)
        )

    def _clear(self, here: Array, there: Array, radii: Array) -> float:
        """Smallest clear distance between the petal's discs and others (mm)."""
        spend(PAIR * len(here) * len(there))
        apart = np.linalg.norm(here[:, None] - there[None], axis=2) - self.radii[:, None] - radii
        return float(apart.min())


def _turned(points: Array, turn: float) -> Array:
    """Points (and whatever stands beside x and y) turned clockwise as seen (rad)."""
    c, s = np.cos(turn), np.sin(turn)
    x, y = points[:, 0], points[:, 1]
    return np.column_stack((x * c - y * s, x * s + y * c, points[:, 2:]))
