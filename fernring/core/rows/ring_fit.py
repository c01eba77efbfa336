"""The three ways to fit a ring, at a fixed distance or nested: most dots, largest size, least distance."""

from functools import cached_property
from math import gcd, inf, pi
from typing import TYPE_CHECKING

import numpy as np

from ..dots.rings import EvenRing, dots_at
from ..dots.table import Dots, concat
from ..geometry.crossing import crossing
from .context import Context
from .counts import MOST_REPEATS, allowed
from .footprints import depths
from .motifs.clearing import clear_walk
from .nest import nest_walk
from .placed import LIES, OwnDots, PlacedRow
from .ring_spacing import row_spacing
from .start import first_angle
from .vee import vee

if TYPE_CHECKING:
    from ..document.row import Row

Sizes = tuple[float, ...]
LEAST_DIAMETER, MOST_DIAMETER = 0.2, 60.0
ROUNDING = 1e-9
SETTLED = 1e-9
SETTLED_IN_V = 1e-6  # mm


class RingFit:
    """A row's ring while it is being solved: at `walk`, or nested when that is None."""

    def __init__(self, row: "Row", context: Context, walk: float | None) -> None:
        self.row = row
        self.context = context
        self.walk = walk
        self.spacing = row_spacing(context.surface, row)
        self.before = context.before
        self.deep = np.array(depths(row))
        self._first: dict[int, float] = {}

    @cached_property
    def nestable(self) -> tuple[PlacedRow, ...]:
        return self.context.nestable

    @cached_property
    def beside(self) -> Dots | None:
        """What stands round other centres than this row's."""
        bodies = [row.bodies for row in self.context.beside]
        return concat(bodies, LIES) if bodies else None

    @cached_property
    def inside(self) -> float:
        """Walk distance of the row before: a nested row never lands inside it."""
        return self.before.walk if self.before else 0.0

    def first(self, n: int) -> float:
        """Angle (rad) of the first of n repeats."""
        if n not in self._first:
            context = self.context
            self._first[n] = first_angle(self.row.start, context.segments, context.turn_rad, n, self.before)
        return self._first[n]

    def dots(self, walk: float, diameters: Sizes, wide: Sizes, n: int) -> tuple[OwnDots, float, float]:
        """`n` repeats of the pattern at this walk, the smallest clear distance between neighbours, and by how much gaps
        that should be equal differ (mm).

        The places are `wide`, groups and lying shapes included.
        """
        surface, first = self.context.surface, self.first(n)
        clear = self.spacing.clear(walk, wide, n, first)
        if self.row.copies > 1:
            twice = dots_at(surface, walk, times_twice(diameters), self.spacing.angles(walk, wide, n, first))
            return twice.replaced(member=twice.member // 2), clear, 0.0
        if surface.axisymmetric and (self.row.spacing == "equal angles" or len(wide) == 1):
            return EvenRing(surface.circle(walk), walk, first, n * len(wide), diameters), clear, 0.0
        off = self.spacing.off(walk, wide, n, first)
        return dots_at(surface, walk, diameters, self.spacing.angles(walk, wide, n, first)), clear, off

    def own_walk(self, diameters: Sizes, n: int) -> float:
        """Least walk at which the row's own neighbours keep the gap; inf where none does."""
        return self.spacing.least_walk(diameters, n, self.row.gap, self.first(n))

    def contact_walk(self, diameters: Sizes, n: int, floor: float) -> float:
        """Walk of the nested row, at least `floor`. Equal gaps turn with the distance: repeated until settled.

        What lies there repeats with the sectors on an even surface only; elsewhere every place is looked at.
        """
        group = gcd(n, self.context.order) if self.context.surface.axisymmetric else 1
        places = self.row.copies * n * len(diameters) // group
        radius = (self.deep * diameters / 2)[np.arange(places) // self.row.copies % len(diameters)]
        walk = floor
        for _ in range(60):
            angles = self.spacing.angles(walk, diameters, n, self.first(n))[:places]
            found = nest_walk(self.context.surface, self.nestable, angles, radius, self.row.gap, floor)
            if self.beside is not None:
                found = clear_walk(self.context.surface, self.beside, angles, radius, self.row.gap, found)
            if self.row.spacing == "equal angles" or abs(found - walk) < SETTLED:
                return found
            walk = found
        return walk

    def settle(self, diameters: Sizes, n: int) -> tuple[float, bool]:
        """The row's walk distance, and whether it had to be stopped from slipping inside the row before."""
        if self.walk is not None:
            return self.walk, False
        walk = self._apart_by_contact(diameters, n)
        if walk is None:
            own = self.own_walk(diameters, n)
            walk = self.contact_walk(diameters, n, own) if own < inf else inf
        return max(walk, self.inside), walk < self.inside - ROUNDING

    def vees(self, wide: Sizes) -> int:
        """How many Vs the petals before it leave; 0 when none."""
        found = vee(self.context, wide[0] / 2, self.row.gap)
        return 0 if isinstance(found, str) else found.count

    def into_vee(self, wide: Sizes, n: int) -> str:
        """Turn the row into the Vs of the petals before it, and stand it there when it is nested. Answers why it finds
        none; nothing when it does.
        """
        if len(wide) > 1 or self.row.fit == "size":
            return "a row in the V has one kind of dot, of a size that is told"
        found = vee(self.context, wide[0] / 2, self.row.gap)
        if isinstance(found, str):
            return found
        if found.count % n:
            return f"there are {found.count} places between the petals before it, and {n} repeats"
        self._first[n] = found.angle_rad
        if self.walk is None:
            touched = self.contact_walk(wide, n, 0.0)
            if touched > found.walk + SETTLED_IN_V:
                return "something else is in the way before it touches both petals"
            self.walk = found.walk
        return ""

    def _apart_by_contact(self, diameters: Sizes, n: int) -> float | None:
        """Where what a row touches lets it come, if that keeps its own neighbours apart as well; else None.

        Where neighbours are measured in space this spares a long search for the walk at which they begin to.
        """
        if self.context.surface.axisymmetric or not self.nestable:
            return None
        walk = self.contact_walk(diameters, n, 0.0)
        return walk if self.spacing.clear(walk, diameters, n, self.first(n)) >= self.row.gap else None


def fit_count(ring: RingFit, diameters: Sizes) -> int:
    """Most repeats that keep the symmetry and the gap; 0 when not even one does.

    Nested, the row may lie no further out than what it touches asks: its own neighbours must not push it.
    """
    outside = ring.walk if ring.walk is not None else _furthest_contact(ring, diameters)
    for n in reversed(allowed(ring.context.segments, MOST_REPEATS // len(diameters))):
        own = ring.own_walk(diameters, n) if n <= _roomy(outside, diameters, ring.row.gap) else inf
        if own > outside + ROUNDING:
            continue
        if ring.walk is not None or own <= _touching(ring, diameters, n) + ROUNDING:
            return n
    return 0


def _roomy(walk: float, diameters: Sizes, gap: float) -> float:
    """More repeats than this cannot fit on any surface: half-chords at most walk long, six in a full turn and over."""
    need = sum(diameters) + gap * len(diameters)
    return 2 * pi * walk / need * 1.06 + 4 if need > 0 else inf


def fit_size(ring: RingFit, diameters: Sizes, n: int) -> Sizes:
    """The pattern's diameters times the largest factor that keeps the gap and the border; empty when none does."""
    limit, widest = ring.context.limit, max(diameters)
    most = MOST_DIAMETER / widest
    if ring.walk is not None:
        grown = ring.spacing.growth(ring.walk, diameters, n, ring.row.gap, ring.first(n))
        room = inf if ring.context.laps else 2 * (limit - ring.walk) / widest
        factor = min(grown, room, most)
    else:
        least = LEAST_DIAMETER / min(diameters)
        if _excess(ring, times(diameters, least), n) > ROUNDING:
            return ()
        factor = crossing(lambda f: _excess(ring, times(diameters, f), n), least, max(most, least))
    sizes = times(diameters, factor)
    return sizes if min(sizes) >= LEAST_DIAMETER - ROUNDING else ()


def times_twice(diameters: Sizes) -> Sizes:
    """Each of them for both places of a pair."""
    return tuple(diameter for diameter in diameters for _ in range(2))


def times(diameters: Sizes, factor: float) -> Sizes:
    return tuple(diameter * factor for diameter in diameters)


def fit_distance(ring: RingFit, diameters: Sizes, n: int) -> float:
    """The least walk at which the row closes with its gap."""
    return ring.own_walk(diameters, n)


def _touching(ring: RingFit, diameters: Sizes, n: int) -> float:
    return ring.contact_walk(diameters, n, ring.inside)


def _excess(ring: RingFit, diameters: Sizes, n: int) -> float:
    """How far a nested row of this size is out of bounds (mm): pushed by its own neighbours, or past the border."""
    walk = _touching(ring, diameters, n)
    over = ring.context.passed(walk, max(diameters))
    return max(min(ring.own_walk(diameters, n), 1e6) - walk, over)


def _furthest_contact(ring: RingFit, diameters: Sizes) -> float:
    """No contact can put a nested row further out than this."""
    own, longest_arc = max(diameters) / 2 + ring.row.gap, ring.context.surface.longest_arc
    outermost = max((row.outer - row.thickest + longest_arc(row.thickest + own) for row in ring.nestable), default=0.0)
    return min(outermost, ring.context.limit - max(diameters) / 2)
