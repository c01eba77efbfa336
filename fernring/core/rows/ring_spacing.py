"""The rings of a row's pattern on a surface: what gap they leave, where they close, how large the dots can grow.

On an even surface a ring is a circle and the chord formulas hold. On the others (domed blanks that are not round)
the points at one walk distance do not lie on a circle, and neighbours are measured in space.
"""

from collections.abc import Sequence
from math import inf, pi
from typing import TYPE_CHECKING, Protocol

import numpy as np

from ..geometry.chain import closed_chain
from ..geometry.root import root
from ..geometry.surface import Array, Surface
from ..geometry.uneven import pair_sums
from .paired import PairedSpacing
from .spacing import SPACINGS, Spacing

if TYPE_CHECKING:
    from ..document.row import Row

Sizes = Sequence[float]


class RingSpacing(Protocol):
    """Angles in radians, lengths in mm; `first` is the angle of the first place."""

    def angles(self, walk: float, diameters: Sizes, repeats: int, first: float) -> Array:
        """Angles of all places."""

    def clear(self, walk: float, diameters: Sizes, repeats: int, first: float) -> float:
        """Smallest clear distance between neighbours; inf for one dot."""

    def least_walk(self, diameters: Sizes, repeats: int, gap: float, first: float) -> float:
        """Least walk at which neighbours keep the gap; inf where none does."""

    def growth(self, walk: float, diameters: Sizes, repeats: int, gap: float, first: float) -> float:
        """The factor on all diameters with which neighbours keep exactly the gap."""

    def off(self, walk: float, diameters: Sizes, repeats: int, first: float) -> float:
        """By how much gaps that should be equal differ, where the search for such places did not settle (mm)."""


class CircleSpacing:
    def __init__(self, surface: Surface, spacing: Spacing) -> None:
        self.surface, self.spacing = surface, spacing

    def angles(self, walk: float, diameters: Sizes, repeats: int, first: float) -> Array:
        return first + self.spacing.angles(self.surface.circle(walk).reach, diameters, repeats)

    def clear(self, walk: float, diameters: Sizes, repeats: int, first: float) -> float:
        return self.spacing.clear(self.surface.circle(walk).reach, diameters, repeats)

    def least_walk(self, diameters: Sizes, repeats: int, gap: float, first: float) -> float:
        return self.surface.walk(self.spacing.least_reach(diameters, repeats, gap))

    def growth(self, walk: float, diameters: Sizes, repeats: int, gap: float, first: float) -> float:
        return self.spacing.growth(self.surface.circle(walk).reach, diameters, repeats, gap)

    def off(self, walk: float, diameters: Sizes, repeats: int, first: float) -> float:
        return 0.0


class SpaceSpacing:
    def __init__(self, surface: Surface, equal_gaps: bool) -> None:
        self.surface, self.equal_gaps = surface, equal_gaps

    def angles(self, walk: float, diameters: Sizes, repeats: int, first: float) -> Array:
        n = repeats * len(diameters)
        even = np.asarray(first + np.arange(n) * (2 * pi / n), np.float64)
        if not self.equal_gaps or n < 3 or walk <= 0:
            return even
        sums = np.resize(np.asarray(pair_sums(diameters)), n)
        return closed_chain(
            lambda a: np.stack(self.surface.points(np.full(len(a), walk), a), axis=1), even, sums
        ).places

    def clear(self, walk: float, diameters: Sizes, repeats: int, first: float) -> float:
        return float((self._apart(walk, diameters, repeats, first) - self._sums(diameters, repeats)).min(initial=inf))

    def least_walk(self, diameters: Sizes, repeats: int, gap: float, first: float) -> float:
        if repeats * len(diameters) < 2:
            return 0.0
        walk = root(lambda w: self.clear(w, diameters, repeats, first) - gap, 0.0, self.surface.rim)
        return walk if walk < self.surface.rim else inf

    def growth(self, walk: float, diameters: Sizes, repeats: int, gap: float, first: float) -> float:
        room = self._apart(walk, diameters, repeats, first) - gap
        return max(float((room / self._sums(diameters, repeats)).min(initial=inf)), 0.0)

    def off(self, walk: float, diameters: Sizes, repeats: int, first: float) -> float:
        if not self.equal_gaps or repeats * len(diameters) < 3:
            return 0.0
        return float(np.ptp(self._apart(walk, diameters, repeats, first) - self._sums(diameters, repeats)))

    def _apart(self, walk: float, diameters: Sizes, repeats: int, first: float) -> Array:
        angles = self.angles(walk, diameters, repeats, first)
        if len(angles) < 2:
            return np.empty(0)
        place = np.stack(self.surface.points(np.full(len(angles), walk), angles), axis=1)
        return np.asarray(np.linalg.norm(np.roll(place, -1, axis=0) - place, axis=1))

    def _sums(self, diameters: Sizes, repeats: int) -> Array:
        n = repeats * len(diameters)
        return np.resize(np.asarray(pair_sums(diameters)), n if n > 1 else 0)


def ring_spacing(surface: Surface, spacing: str) -> RingSpacing:
    if surface.axisymmetric:
        return CircleSpacing(surface, SPACINGS[spacing])
    return SpaceSpacing(surface, spacing == "equal gaps")


def row_spacing(surface: Surface, row: "Row") -> RingSpacing:
    """How a row's places stand round its ring: alone or in pairs."""
    if row.mirrored is not None and row.copies > 1:
        return PairedSpacing(surface, row.mirrored)
    return ring_spacing(surface, row.spacing)
