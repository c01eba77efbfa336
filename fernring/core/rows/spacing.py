"""The two ways to space a pattern round a ring: equal angles, or equal gaps.

Both answer the same questions of a repeating pattern at a reach: what gap does it leave, at what reach does
it close with a given gap, how large can it grow, and at what angles do its places lie.
"""

from collections.abc import Sequence
from math import inf, pi, sin
from typing import Protocol

import numpy as np

from ..geometry import ring, uneven
from ..geometry.crossing import crossing
from ..geometry.surface import Array

Sizes = Sequence[float]
ROUNDING = 1e-9


class Spacing(Protocol):
    def clear(self, reach: float, diameters: Sizes, repeats: int) -> float:
        """Smallest clear distance between neighbours (mm; negative when they overlap; inf for one dot)."""

    def least_reach(self, diameters: Sizes, repeats: int, gap: float) -> float:
        """Least reach at which neighbours keep the gap (mm)."""

    def growth(self, reach: float, diameters: Sizes, repeats: int, gap: float) -> float:
        """The factor on all diameters with which neighbours keep exactly the gap (0 when there is no room)."""

    def angles(self, reach: float, diameters: Sizes, repeats: int) -> Array:
        """Angles (rad) of all places, the first at zero."""


class EqualAngles:
    def clear(self, reach: float, diameters: Sizes, repeats: int) -> float:
        n = repeats * len(diameters)
        if len(diameters) == 1:
            return ring.clear_gap(reach, n, diameters[0])
        return min((ring.clear_gap(reach, n, pair, k) for k, pair in _pairs(diameters, n)), default=inf)

    def least_reach(self, diameters: Sizes, repeats: int, gap: float) -> float:
        n = repeats * len(diameters)
        return max((ring.least_reach(n, pair, gap, k) for k, pair in _pairs(diameters, n)), default=0.0)

    def growth(self, reach: float, diameters: Sizes, repeats: int, gap: float) -> float:
        n = repeats * len(diameters)
        room = min((ring.largest_dot(reach, n, gap, k) / pair for k, pair in _pairs(diameters, n)), default=inf)
        return max(room, 0.0)

    def angles(self, reach: float, diameters: Sizes, repeats: int) -> Array:
        n = repeats * len(diameters)
        return np.asarray(np.arange(n) * (2 * pi / n), np.float64)


class EqualGaps:
    def clear(self, reach: float, diameters: Sizes, repeats: int) -> float:
        n = len(diameters) * repeats
        if n < 2:
            return inf
        gap = uneven.closing_gap(reach, diameters, repeats)
        return min(gap, self._beyond(reach, diameters, repeats, gap))

    def least_reach(self, diameters: Sizes, repeats: int, gap: float) -> float:
        if len(diameters) * repeats < 2:
            return 0.0
        least = uneven.closing_reach(diameters, repeats, gap)
        if self._beyond(least, diameters, repeats, gap) >= gap - ROUNDING:
            return least
        return crossing(lambda reach: self.clear(reach, diameters, repeats) - gap, least, 4 * least)

    def growth(self, reach: float, diameters: Sizes, repeats: int, gap: float) -> float:
        if len(diameters) * repeats == 1:
            return inf
        most = (2 * reach - gap) / max(uneven.pair_sums(diameters))
        if most <= 0:
            return 0.0
        return crossing(lambda factor: gap - self.clear(reach, [factor * d for d in diameters], repeats), 0.0, most)

    def _beyond(self, reach: float, diameters: Sizes, repeats: int, gap: float) -> float:
        """Smallest clear distance between dots that are not neighbours but have only smaller ones between them."""
        n, step = len(diameters) * repeats, uneven.steps(reach, uneven.pair_sums(diameters), gap)
        p, best = len(diameters), inf
        for k in range(2, min(p, n // 2) + 1):
            for i in range(p):
                turn = sum(step[(i + j) % p] for j in range(k))
                best = min(best, 2 * reach * sin(turn / 2) - (diameters[i] + diameters[(i + k) % p]) / 2)
        return best

    def angles(self, reach: float, diameters: Sizes, repeats: int) -> Array:
        if reach <= 0 or len(diameters) == 1:
            return EqualAngles().angles(reach, diameters, repeats)
        gap = uneven.closing_gap(reach, diameters, repeats)
        step = np.array(uneven.steps(reach, uneven.pair_sums(diameters), gap))
        step *= 2 * pi / repeats / step.sum()
        once = np.concatenate(([0.0], np.cumsum(step)[:-1]))
        return np.asarray((np.arange(repeats)[:, None] * (2 * pi / repeats) + once).ravel())


SPACINGS: dict[str, Spacing] = {"equal angles": EqualAngles(), "equal gaps": EqualGaps()}


def _pairs(diameters: Sizes, n: int) -> list[tuple[int, float]]:
    """For neighbours, next neighbours and so on up to a whole pattern, the largest mean diameter of two such dots."""
    p = len(diameters)
    steps = range(1, min(p, n // 2) + 1)
    return [(k, max((diameters[i] + diameters[(i + k) % p]) / 2 for i in range(p))) for k in steps]
