"""A row of petals on a surface of revolution, all alike: how close it may come to what lies inside, and to itself."""

from collections.abc import Callable
from math import gcd, inf, pi
from typing import TYPE_CHECKING

import numpy as np

from ..budget import spend
from ..dots.grid import expanded
from ..dots.index import Index
from ..dots.table import Array
from ..geometry.crossing import crossing
from ..geometry.surface import Plane
from ..geometry.turn import half_angle, turned_places
from .ring_fit import RingFit
from .trims.host import Around, Host
from .trims.petal import placed_petal
from .trims.walking import walked

if TYPE_CHECKING:
    from ..document.row import Row
    from .trims.walk import WalkTrim

SECTOR = 1.3  # how much wider than its own sector a petal is looked for
PAIR = 4  # work for a pair of discs looked at
FACED = 20  # work for a disc turned to face a petal
Made = tuple[float, str]  # a dot of the kit and the tool that makes it


class PetalRow:
    """The petal of the row's trim at `place`, with this host, walked dot and number of layers, `n` times round.

    On a relief the petal lies as its frame lays it, unless it is `exact`.
    """

    def __init__(
        self, row: "Row", place: int, ring: RingFit, n: int, host: Made, dot: Made, layers: int, exact: bool = False
    ) -> None:
        trim = refitted(row.trims[place], dot, layers)  # type: ignore[arg-type]
        self.given = row, place, ring, n, host, dot, layers
        self.ring, self.context, self.gap, self.n, self.first = ring, ring.context, row.gap, n, ring.first(n)
        self.host, self.dot, self.layers = host, dot, layers
        self.exact = exact or isinstance(self.context.surface, Plane)
        nobody, loads, tools = Index(*(np.empty(0) for _ in range(4))), self.context.loads, self.context.tools
        self.tolerance = 1e-9 if self.exact else 1e-4
        self.around = Around(self.context.surface, nobody, loads, tools)
        self.radius = host[0] / 2
        petal = walked(trim, 0, self._host(self.context.limit, self.first), Around(Plane(1.0), nobody, loads, tools))
        self.dots = [dot.disc for dot in petal.dots]
        self.gaps = np.array([dot.gap for dot in petal.dots])
        self.radii = np.array([self.radius, *(r for _, _, r in self.dots)])

    def exactly(self) -> "PetalRow":
        """The same petal with every dot at its straight distances on the relief."""
        return self if self.exact else type(self)(*self.given, exact=True)

    def _host(self, walk: float, angle_rad: float) -> Host:
        surface = self.context.surface
        points = surface.points(np.array([walk]), np.array([angle_rad]))
        x, y, z = (float(column[0]) for column in points)
        return Host(x, y, z, walk, angle_rad, angle_rad, self.radius, 1, 0, 0, 0)

    def at(self, walk: float, angle_rad: float | None = None) -> Array:
        """Where the petal at this angle lies, the first unless told: host and dots, shape (m, 3)."""
        host = self._host(walk, self.first if angle_rad is None else angle_rad)
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
            return self.gap - self.clear(here, _turned(here, turn), self.radii)

        return self.least(short, self.radius)

    def nested(self) -> float:
        """D_nest: the least walk at which the whole petal keeps the gap to everything that lies there."""
        there = self.there()
        spend(FACED * len(there))
        # 1. Instead of every petal turned to its place, what lies there is turned to the first. A petal that keeps
        #    clear of its neighbours stays in its sector: only the turns that bring a disc there are looked at.
        side = self.context.surface.side
        reach, angle = np.hypot(there[:, 0], there[:, 1]), np.arctan2(there[:, 0] * side, -there[:, 1])
        turn, off = 2 * pi / self.n, angle - self.first
        half = pi / self.n * SECTOR + half_angle(reach, there[:, 3])
        low, high = np.ceil((off - half) / turn).astype(int), np.floor((off + half) / turn).astype(int) + 1
        disc, k = expanded(low, np.minimum(high, low + self.n))
        spend(FACED * len(disc))
        # 2. Petals that see the same, as what is there repeats with them, are looked at once.
        group = gcd(self.n, self.context.order) if self.context.order else self.n
        seen = k % self.n < self.n // group
        turns = (-turn * side * (k[seen] % self.n)).astype(float)
        all_there = _turned(there[disc[seen]], turns)
        if not len(all_there):
            return inf

        def short(walk: float) -> float:
            return self.gap - self.clear(self.at(walk), all_there[:, :3], all_there[:, 3])

        return self.least(short, 0.0)

    def there(self) -> Array:
        """What lies there already: x, y, z, radius, shape (k, 4)."""
        bodies = [part.bodies for part in self.context.nestable]
        return np.concatenate([np.stack((part.x, part.y, part.z, part.radius), axis=1) for part in bodies])

    def least(self, short: Callable[[float], float], low: float) -> float:
        """The least walk at which nothing is short; inf where something is at the border still."""
        high = self.context.limit
        return inf if short(high) > 0 else -crossing(lambda back: short(-back), -high, -low, self.tolerance)

    def clear(self, here: Array, there: Array, radii: Array) -> float:
        """Smallest clear distance between the petal's discs and others (mm), at most as far as the border."""
        spend(PAIR * len(here) * len(there))
        apart = np.linalg.norm(here[:, None] - there[None], axis=2) - self.radii[:, None] - radii
        return float(apart.min(initial=self.context.limit))


def refitted(trim: "WalkTrim", dot: Made, layers: int) -> "WalkTrim":
    """The walk with this dot of the kit, in so many layers that are all alike."""
    size = trim.size.model_copy(update={"diameter": dot[0], "tool": dot[1], "share": None})
    return trim.model_copy(update={"size": size, "layers": layers, "own": ()})


def _turned(points: Array, turn: float | Array) -> Array:
    """Points (and whatever stands beside x and y) turned clockwise as seen (rad), all alike or each by its own turn."""
    return np.column_stack((*turned_places(points[:, 0], points[:, 1], turn), points[:, 2:]))
