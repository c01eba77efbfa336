"""The two ways to space a pattern round a ring: equal angles, or equal gaps.

Both answer the same questions of a repeating pattern at a reach: what gap does it leave, at what reach does
it close with a given gap, how large can it grow, and at what angles do its places lie.
"""

from collections.abc import Sequence
from math import inf, pi
from typing import Protocol

import numpy as np

from ..geometry import ring, uneven
from ..geometry.bisect import bisect
from ..geometry.surface import Array

Sizes = Sequence[float]


class Spacing(Protocol):
    def clear(self, reach: float, diameters: Sizes, repeats: int) -> float:
        """Smallest clear distance between neighbours (mm; negative when they overlap; inf for one dot)."""

    def least_reach(self, diameters: Sizes, repeats: int, gap: float) -> float:
        """Least reach at which neighbours keep the gap (mm)."""

    def growth(self, reach: float, diameters: Sizes, repeats: int, gap: float) -> float:
        """The factor on all diameters with which neighbours keep exactly the gap (0 when there is no room)."""

    def angles(self, reach: float, diameters: Sizes, repeats: int) -> Array:
        """Angles (rad) of all places, the first at nought."""


class EqualAngles:
    def clear(self, reach: float, diameters: Sizes, repeats: int) -> float:
        return ring.neighbour_distance(reach, repeats * len(diameters)) - _widest_pair(diameters)

    def least_reach(self, diameters: Sizes, repeats: int, gap: float) -> float:
        return ring.least_reach(repeats * len(diameters), _widest_pair(diameters), gap)

    def growth(self, reach: float, diameters: Sizes, repeats: int, gap: float) -> float:
        room = ring.largest_dot(reach, repeats * len(diameters), gap)
        return max(room, 0.0) / _widest_pair(diameters)

    def angles(self, reach: float, diameters: Sizes, repeats: int) -> Array:
        n = repeats * len(diameters)
        return np.asarray(np.arange(n) * (2 * pi / n), np.float64)


class EqualGaps:
    def clear(self, reach: float, diameters: Sizes, repeats: int) -> float:
        return uneven.closing_gap(reach, diameters, repeats) if len(diameters) * repeats > 1 else inf

    def least_reach(self, diameters: Sizes, repeats: int, gap: float) -> float:
        return uneven.closing_reach(diameters, repeats, gap) if len(diameters) * repeats > 1 else 0.0

    def growth(self, reach: float, diameters: Sizes, repeats: int, gap: float) -> float:
        if len(diameters) * repeats == 1:
            return inf
        most = (2 * reach - gap) / _widest_pair(diameters)
        if most <= 0:
            return 0.0
        turn, sums = 2 * pi / repeats, uneven.pair_sums(diameters)
        return bisect(lambda factor: sum(uneven.steps(reach, [factor * s for s in sums], gap)) - turn, 0.0, most)

    def angles(self, reach: float, diameters: Sizes, repeats: int) -> Array:
        if reach <= 0 or len(diameters) == 1:
            return EqualAngles().angles(reach, diameters, repeats)
        step = np.array(uneven.steps(reach, uneven.pair_sums(diameters), self.clear(reach, diameters, repeats)))
        step *= 2 * pi / repeats / step.sum()
        once = np.concatenate(([0.0], np.cumsum(step)[:-1]))
        return np.asarray((np.arange(repeats)[:, None] * (2 * pi / repeats) + once).ravel())


def spacing_named(name: str) -> Spacing:
    return EqualGaps() if name == "equal gaps" else EqualAngles()


def _widest_pair(diameters: Sizes) -> float:
    """Mean diameter of the two neighbours that need most room."""
    return max(uneven.pair_sums(diameters))
