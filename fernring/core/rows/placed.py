"""What solving a row gives: its numbers and its dots."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from math import inf, pi
from typing import TYPE_CHECKING, Protocol

import numpy as np

from ..dots.index import Index
from ..dots.rings import EvenRing
from ..dots.table import NONE, Array, Dots, concat
from .trims.grown import NOTHING, Grown

if TYPE_CHECKING:
    from ..document.row import Row

OwnDots = Dots | EvenRing
LIES = ("x", "y", "z", "radius", "walk", "dot", "host", "trim")
EACH = 5  # of the discs of marks every how-manyeth is one of few


class Sized(Protocol):
    """A rule that asks for dots of some diameters (mm)."""

    @property
    def sizes(self) -> tuple[float, ...]: ...


@dataclass(frozen=True, eq=False)
class PlacedRow:
    """One row with its rule solved. Lengths in mm, angles in radians.

    `diameters` are those of the pattern's members after fitting; `clear` is the clear distance between neighbours (inf
    for one dot). `own` are the dots the row sets itself, `grown` what its trims add; `round` says that all its own dots
    lie at one walk distance, and `walk` is that (or the mean). `noroom` says why nothing was placed; then there are no
    dots. `off` says by how much gaps that should be equal differ, where the search for such places did not settle.
    `twin` is the same row on the other half of a ball or egg. `ring_rad` are the angles of all places of a ring
    before anything was left out. `depth` is how far from the edge a row lies that follows it. `work` is what it cost
    to calculate. `rule` is the row's own where that was fitted whole, and `remainder` what petals that meet leave to
    what lies inside. Through the places of a `drawn` row runs a line; one that is `laid` under or over the others
    is not kept clear of. `motif` names the centre it stands round, "" for the piece's own; `at` is then the row at each
    of the motif's places, each as seen from there, one for all where they are alike. `masked` own dots lie on what a
    mask takes with it, or leaves.
    """

    index: int
    repeats: int
    diameters: tuple[float, ...]
    walk: float
    clear: float
    own: OwnDots
    boundary: bool = False
    round: bool = False
    half: str = "front"
    twin: "PlacedRow | None" = None
    noroom: str = ""
    slipped: bool = False
    ring_rad: Array | None = None
    grown: Grown = NOTHING
    left_out: int = 0
    depth: float | None = None
    off: float = 0.0
    work: int = 0
    rule: "Row | None" = None
    remainder: float | None = None
    drawn: bool = False
    laid: bool = False
    motif: str = ""
    at: tuple["PlacedRow", ...] = ()
    masked: int = 0

    @property
    def one(self) -> "PlacedRow":
        """The row as it stands round its own centre: at the first place of its motif."""
        return self.at[0] if self.at else self

    @cached_property
    def n(self) -> int:
        """Own dots."""
        return len(self.own)

    @property
    def own_sizes(self) -> dict[float, int]:
        """How many own dots there are of each diameter (mm), the largest first."""
        sizes, counts = np.unique(np.round(2 * self.own_dots.radius, 3), return_counts=True)
        return dict(zip(sizes[::-1].tolist(), counts[::-1].tolist(), strict=True))

    @property
    def own_dots(self) -> Dots:
        return self.own.dots if isinstance(self.own, EvenRing) else self.own

    @cached_property
    def dots(self) -> Dots:
        """Own dots and then those of the trims, numbered through."""
        return concat((self.own_dots, self.grown.dots)) if len(self.grown.dots) else self.own_dots

    @property
    def ring(self) -> EvenRing | None:
        """The row as a bare ring of dots at equal angles, if it is nothing else."""
        return self.own if self.grown is NOTHING and isinstance(self.own, EvenRing) else None

    @cached_property
    def bodies(self) -> Dots:
        """Everything that lies on the blank itself, as discs that later rows keep clear of: where each lies, and the
        `dot` that it is a part of."""
        if not self.grown.any:
            return self.own_dots
        return self._low_with(self.grown.mark_discs)

    @cached_property
    def few_bodies(self) -> Dots:
        """As `bodies`, of each mark only as many discs as still overlap."""
        marks = self.grown.mark_discs
        return self._low_with(marks.take(np.arange(len(marks)) % EACH == 0)) if len(marks) else self.bodies

    def body_at(self, dot: int) -> Dots:
        """What lies on the blank at one own dot: itself, the dots that it carries there, its swipes."""
        grown, marks = self.grown.dots, self.grown.mark_discs
        carried = grown.take((grown.host == dot) & (grown.level == 1))
        return concat((self.own_dots.take(np.array([dot])), carried, marks.take(marks.host == dot)), LIES)

    def clear_at(self, one: int, other: int) -> float:
        """Smallest clear distance (mm) between what lies at two own dots."""
        there = self.body_at(other)
        return Index.of(self.body_at(one)).closest(there.x, there.y, there.z, there.radius)[0]

    def _low_with(self, discs: Dots) -> Dots:
        """Own dots, those of the trims that lie on the blank, and these discs."""
        return concat((self.own_dots, self.grown.dots.take(self.grown.dots.level == 1), discs), LIES)

    @cached_property
    def index_of_bodies(self) -> Index:
        return Index.of(self.bodies)

    @cached_property
    def own_index(self) -> Index:
        return Index.of(self.own_dots)

    @cached_property
    def seen_from_above(self) -> Index:
        """Where everything lies in plan."""
        return Index(self.bodies.x, self.bodies.y, np.zeros(len(self.bodies)), self.bodies.radius)

    @cached_property
    def inner(self) -> float:
        """Walk distance of the innermost painted edge (negative across the centre)."""
        if self.grown is NOTHING and self.round:
            return self.walk - max(self.diameters) / 2
        return min(float((self.own_dots.walk - self.own_dots.radius).min(initial=inf)), self.grown.inner)

    @cached_property
    def outer(self) -> float:
        """Walk distance of the outermost painted edge."""
        if self.grown is NOTHING and self.round:
            return self.walk + max(self.diameters) / 2
        return max(float((self.own_dots.walk + self.own_dots.radius).max(initial=-inf)), self.grown.outer)

    @cached_property
    def thickest(self) -> float:
        """Largest radius of anything in the row."""
        if self.grown is NOTHING:
            return max(self.diameters) / 2
        return max(max(self.diameters) / 2, float(self.bodies.radius.max(initial=0.0)))

    @property
    def both(self) -> tuple["PlacedRow", ...]:
        """The row on every half it is painted on."""
        return (self,) if self.twin is None else (self, self.twin)

    @property
    def ring_like(self) -> bool:
        """Whether all dots lie at one walk distance, as on a ring."""
        return self.round and self.walk > 0

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
        return self.n + len(self.grown.dots)

    @property
    def marks(self) -> int:
        """Swipes and small shapes, on both halves."""
        return sum(len(part.grown.marks) for part in self.both)

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
        return self.own.first_rad if isinstance(self.own, EvenRing) else float(self.own.out_rad[0])

    @property
    def dip_rad(self) -> float:
        """Angle of the middle between the painted edges of the first two places."""
        if isinstance(self.own, EvenRing):
            first, step = self.own.first_rad, self.own.pitch_rad
        else:
            angles = self.own.out_rad if self.ring_rad is None else self.ring_rad
            if len(angles) < 2:
                return float(angles[0])
            first, step = float(angles[0]), float(angles[1] - angles[0]) % (2 * pi) or 2 * pi
        if self.places < 2:
            return first
        one, next_ = self.diameters[0], self.diameters[1 % len(self.diameters)]
        if one == next_:
            return first + step / 2
        reach = max(float(np.hypot(self.own_dots.x[0], self.own_dots.y[0])), 1e-9)
        return first + step / 2 + (one - next_) / (4 * reach)


def at_place(parts: Sequence[PlacedRow], place: int) -> PlacedRow:
    """A motif's row at one of its places; `parts` is the row at each of them, or one for all where they are alike."""
    return parts[min(place, len(parts) - 1)]


def unplaced(row: Sized, index: int, why: str) -> PlacedRow:
    """A row on a track that has no place for it."""
    return no_room(index, 0, row.sizes, 0.0, why)


def no_room(index: int, repeats: int, diameters: Sequence[float], walk: float, why: str) -> PlacedRow:
    """A row for which there is no room."""
    return PlacedRow(index, repeats, tuple(diameters), walk, inf, NONE, round=True, noroom=why)
