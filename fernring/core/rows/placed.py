"""What planning a row gives: its solved numbers and its dots as arrays."""

from dataclasses import dataclass
from functools import cached_property
from math import inf, pi
from typing import Protocol

import numpy as np

from ..document.row import Row
from ..geometry.surface import Array
from .grown import NONE, Grown
from .own import DotsAt, EvenRing, OwnDots, Whole


class Discs(Protocol):
    """Anything with discs in space as columns of one length (mm)."""

    @property
    def x(self) -> Array: ...
    @property
    def y(self) -> Array: ...
    @property
    def z(self) -> Array: ...
    @property
    def radius(self) -> Array: ...


def clearances(one: Discs, other: Discs, first: int | None = None) -> Array:
    """Clear distances in space (mm), shape (n, m), of the `first` discs of one (None: all) to the other's."""
    dx = one.x[:first, None] - other.x
    dy = one.y[:first, None] - other.y
    dz = one.z[:first, None] - other.z
    return np.asarray(np.sqrt(dx * dx + dy * dy + dz * dz) - (one.radius[:first, None] + other.radius))


@dataclass(frozen=True)
class Bodies:
    """Everything of a row that lies on the blank itself: discs that later rows keep clear of.

    `dot` says which of the row's dots a disc is (its own first, then those of its trims); a swipe's discs carry the
    dot it was pulled from.
    """

    x: Array
    y: Array
    z: Array
    radius: Array
    dot: Whole


@dataclass(frozen=True)
class PlacedRow:
    """One row with its rule solved. Lengths in mm, angles in radians, arrays over the row's own dots.

    `diameters` are those of the pattern's members after fitting; `clear` is the clear distance between neighbours (inf
    for one dot). `noroom` says why nothing was placed; then the row has no dots. `twin` is the same row on the other
    half of a ball or egg. `place` are the dots' places where groups, blanks or cuts make them differ from 0, 1, 2 ...;
    `ring_rad` the angles of all places of a ring before anything was left out. `grown` holds what the trims add.
    `depth` is how far from the edge a row lies that follows it.
    """

    index: int
    repeats: int
    diameters: tuple[float, ...]
    walk: float
    clear: float
    own: OwnDots
    boundary: bool = False
    half: str = "front"
    twin: "PlacedRow | None" = None
    noroom: str = ""
    slipped: bool = False
    place: Whole | None = None
    ring_rad: Array | None = None
    grown: Grown = NONE
    left_out: int = 0
    depth: float | None = None

    @property
    def n(self) -> int:
        """Own dots."""
        return self.own.n

    @property
    def angle_rad(self) -> Array:
        return self.own.dots.angle_rad

    @property
    def x(self) -> Array:
        return self.own.dots.x

    @property
    def y(self) -> Array:
        return self.own.dots.y

    @property
    def z(self) -> Array:
        return self.own.dots.z

    @property
    def radius(self) -> Array:
        return self.own.dots.radius

    @property
    def member(self) -> Whole:
        return self.own.dots.member

    @property
    def walks(self) -> Array | None:
        return self.own.walks

    @cached_property
    def walk_each(self) -> Array:
        """Walk distance of every own dot."""
        return np.full(self.n, self.walk) if self.walks is None else self.walks

    @property
    def ring(self) -> EvenRing | None:
        """The row as a bare ring of dots at equal angles, if it is nothing else."""
        return self.own if self.grown is NONE and isinstance(self.own, EvenRing) else None

    @cached_property
    def bodies(self) -> Bodies:
        own = np.arange(self.n)
        grown = self.grown
        if not len(grown.dots.x) and not grown.marks:
            return Bodies(self.x, self.y, self.z, self.radius, own)
        low = np.flatnonzero(grown.dots.level == 1)
        discs = grown.mark_discs
        return Bodies(
            np.concatenate((self.x, grown.dots.x[low], discs.x)),
            np.concatenate((self.y, grown.dots.y[low], discs.y)),
            np.concatenate((self.z, grown.dots.z[low], discs.z)),
            np.concatenate((self.radius, grown.dots.radius[low], discs.radius)),
            np.concatenate((own, low + len(own), discs.host)),
        )

    @cached_property
    def inner(self) -> float:
        """Walk distance of the innermost painted edge (negative across the centre)."""
        if self.grown is NONE and self.own.walks is None:
            return self.walk - max(self.diameters) / 2
        return min(float((self.walk_each - self.radius).min(initial=inf)), self.grown.inner)

    @cached_property
    def outer(self) -> float:
        """Walk distance of the outermost painted edge."""
        if self.grown is NONE and self.own.walks is None:
            return self.walk + max(self.diameters) / 2
        return max(float((self.walk_each + self.radius).max(initial=-inf)), self.grown.outer)

    @property
    def thickest(self) -> float:
        """Largest radius of anything in the row."""
        if self.grown is NONE:
            return max(self.diameters) / 2
        return max(max(self.diameters) / 2, float(self.bodies.radius.max(initial=0.0)))

    @property
    def both(self) -> tuple["PlacedRow", ...]:
        """The row on every half it is painted on."""
        return (self,) if self.twin is None else (self, self.twin)

    @property
    def ring_like(self) -> bool:
        """Whether all dots lie at one walk distance, as on a ring."""
        return self.walks is None and self.walk > 0

    @property
    def order(self) -> int:
        """How often the row repeats around the centre: 0 when all of it lies there and looks alike however turned.

        A row with dots left out is taken not to repeat.
        """
        if self.n == 1 and self.walk < 1e-9 and self.grown.central:
            return 0
        return 1 if self.left_out else self.repeats

    @property
    def count(self) -> int:
        """Dots painted, trims included."""
        return self.n + len(self.grown.dots.x)

    @property
    def total(self) -> int:
        """Dots painted on both halves."""
        return self.count + (self.twin.count if self.twin else 0)

    @property
    def places(self) -> int:
        """Places of a ring, those left empty included."""
        return self.n if self.ring_rad is None else len(self.ring_rad)

    @property
    def first_rad(self) -> float:
        """Angle of the first dot."""
        return self.own.first_rad if isinstance(self.own, EvenRing) else float(self.angle_rad[0])

    @property
    def dip_rad(self) -> float:
        """Angle of the middle between the painted edges of the first two places."""
        if isinstance(self.own, EvenRing):
            first, step = self.own.first_rad, self.own.pitch_rad
        else:
            angles = self.angle_rad if self.ring_rad is None else self.ring_rad
            if len(angles) < 2:
                return float(angles[0])
            first, step = float(angles[0]), float(angles[1] - angles[0]) % (2 * pi) or 2 * pi
        if self.places < 2:
            return first
        one, next_ = self.diameters[0], self.diameters[1 % len(self.diameters)]
        if one == next_:
            return first + step / 2
        reach = max(float(np.hypot(self.x[0], self.y[0])), 1e-9)
        return first + step / 2 + (one - next_) / (4 * reach)


def unplaced(row: Row, index: int, why: str) -> PlacedRow:
    """A row on a track that has no place for it."""
    return nothing(index, 0, row.sizes, 0.0, why)


def nothing(index: int, repeats: int, diameters: tuple[float, ...], walk: float, why: str) -> PlacedRow:
    """A row for which there is no room."""
    return PlacedRow(index, repeats, diameters, walk, inf, NO_DOTS, noroom=why)


_NONE = np.empty(0)
NO_DOTS = DotsAt(_NONE, _NONE, _NONE, _NONE, _NONE, np.empty(0, np.intp))
