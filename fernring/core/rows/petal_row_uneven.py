"""A row of petals on a domed blank that is not round, where each lies a little differently from the next.

The row stands where the last of them keeps its gap. Only the petal that is most in the way is moved until it does;
then all are looked at again.
"""

from collections.abc import Callable, Mapping
from functools import partial
from math import inf, pi
from types import MappingProxyType

import numpy as np

from ..budget import spend
from ..dots.table import Array
from ..geometry.turn import half_angle
from .petal_row import FACED, SECTOR, PetalRow


class UnevenPetalRow(PetalRow):
    _found: Mapping[float, Array] = MappingProxyType({})  # the angles at the walk that was looked at last

    def meeting(self) -> float:
        def short(k: int, walk: float) -> float:
            one, other = (self.at(walk, angle) for angle in self._angles(walk)[[k, (k + 1) % self.n]])
            return self.gap - self.clear(one, other, self.radii)

        return self._least_of_all(short, self.radius)

    def nested(self) -> float:
        there = self.there()
        angle, half = np.arctan2(there[:, 0], -there[:, 1]), half_angle(np.hypot(*there[:, :2].T), there[:, 3])

        def short(k: int, walk: float) -> float:
            spend(FACED * len(there))
            own = float(self._angles(walk)[k])
            off = np.abs((angle - own + pi) % (2 * pi) - pi)
            near = there[off <= pi / self.n * SECTOR + half]
            return self.gap - self.clear(self.at(walk, own), near[:, :3], near[:, 3])

        return self._least_of_all(short, 0.0)

    def _angles(self, walk: float) -> Array:
        if walk not in self._found:
            self._found = {walk: self.ring.spacing.angles(walk, (2 * self.radius,), self.n, self.first)}
        return self._found[walk]

    def _least_of_all(self, short: Callable[[int, float], float], low: float) -> float:
        """The least walk at which no petal is short; inf where one is at the border still."""
        walk = low
        for _ in range(self.n):
            by = [short(k, walk) for k in range(self.n)]
            if max(by) <= self.tolerance:
                return walk
            walk = max(walk, self.least(partial(short, by.index(max(by))), walk))
            if walk == inf:
                return inf
        return walk
