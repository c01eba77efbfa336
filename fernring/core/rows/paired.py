"""Places in pairs: every place at angle a becomes one at a - d and one at a + d, both at the same walk distance."""

from collections.abc import Sequence
from math import inf, pi

import numpy as np

from ..document.mirrored import ByAngle, ByDistance
from ..geometry.root import root
from ..geometry.surface import Array, Surface

Sizes = Sequence[float]


class PairedSpacing:
    """As RingSpacing asks, for pairs: `repeats` counts patterns, each of whose members stands twice. Neighbours are
    measured in space, on every surface.
    """

    def __init__(self, surface: Surface, rule: ByAngle | ByDistance) -> None:
        self.surface, self.rule = surface, rule

    def aside_rad(self, walk: float, angle_rad: Array) -> Array:
        """The turn from the line at each angle to its two places; sin d = e / reach for a distance e off the line."""
        if isinstance(self.rule, ByAngle):
            return np.full(len(angle_rad), np.deg2rad(self.rule.degrees))
        reach = self.surface.reach(np.full(len(angle_rad), walk), angle_rad)
        return np.asarray(np.arcsin(np.clip(self.rule.mm / np.maximum(reach, 1e-9), 0.0, 1.0)))

    def angles(self, walk: float, diameters: Sizes, repeats: int, first: float) -> Array:
        """First and second place of each pair in turn."""
        n = repeats * len(diameters)
        middle = np.asarray(first + np.arange(n) * (2 * pi / n), np.float64)
        aside = self.aside_rad(walk, middle)
        return np.stack((middle - aside, middle + aside), axis=1).ravel()

    def clear(self, walk: float, diameters: Sizes, repeats: int, first: float) -> float:
        apart, sums = self._neighbours(walk, diameters, repeats, first)
        return float((apart - sums).min(initial=inf))

    def least_walk(self, diameters: Sizes, repeats: int, gap: float, first: float) -> float:
        walk = root(lambda w: self.clear(w, diameters, repeats, first) - gap, 0.0, self.surface.rim)
        return walk if walk < self.surface.rim else inf

    def growth(self, walk: float, diameters: Sizes, repeats: int, gap: float, first: float) -> float:
        apart, sums = self._neighbours(walk, diameters, repeats, first)
        return max(float(((apart - gap) / sums).min(initial=inf)), 0.0)

    def off(self, walk: float, diameters: Sizes, repeats: int, first: float) -> float:
        return 0.0

    def _neighbours(self, walk: float, diameters: Sizes, repeats: int, first: float) -> tuple[Array, Array]:
        """Straight lines between neighbours round the ring, and the sums of their radii (mm)."""
        angles = self.angles(walk, diameters, repeats, first) % (2 * pi)
        order = np.argsort(angles, kind="stable")
        radius = np.repeat(np.resize(np.asarray(diameters) / 2, len(angles) // 2), 2)[order]
        place = np.stack(self.surface.points(np.full(len(angles), walk), angles[order]), axis=1)
        apart = np.linalg.norm(np.roll(place, -1, axis=0) - place, axis=1)
        return apart, radius + np.roll(radius, -1)
