"""The three ways to fit a ring, at a fixed distance or nested: most dots, largest size, least distance."""

from functools import cached_property
from math import gcd, inf

import numpy as np

from ..document.row import Row
from ..geometry.bisect import bisect
from ..geometry.surface import Array
from .context import Context
from .counts import MOST_REPEATS, allowed
from .hoop import hoop_on
from .nest import nest_walk
from .placed import PlacedRow
from .start import first_angle

LEAST_DIAMETER, MOST_DIAMETER = 0.2, 60.0
ROUNDING = 1e-9
SETTLED = 1e-9


class Ring:
    """A row's ring while it is being solved: at `walk`, or nested when that is None."""

    def __init__(self, row: Row, context: Context, walk: float | None) -> None:
        self.row = row
        self.context = context
        self.walk = walk
        self.hoop = hoop_on(context.surface, row.spacing)

    @cached_property
    def nestable(self) -> tuple[PlacedRow, ...]:
        return self.context.nestable

    @cached_property
    def inside(self) -> float:
        """Walk distance of the row before: a nested row never lands inside it."""
        before = self.context.before
        return before.walk if before else 0.0

    def first(self, n: int) -> float:
        """Angle (rad) of the first place."""
        context = self.context
        return first_angle(self.row.start, context.segments, context.turn_rad, n, context.before)

    def angles(self, walk: float, diameters: Array, n: int) -> Array:
        """Angles (rad) of all places."""
        return self.hoop.angles(walk, diameters.tolist(), n, self.first(n))

    def own_walk(self, diameters: Array, n: int) -> float:
        """Least walk at which the row's own neighbours keep the gap; inf where none does."""
        return self.hoop.least_walk(diameters.tolist(), n, self.row.gap, self.first(n))

    def contact_walk(self, diameters: Array, n: int, floor: float) -> float:
        """Walk of the nested row, at least `floor`. Equal gaps turn with the distance: repeated until settled.

        What lies there repeats with the sectors on an even surface only; elsewhere every place is looked at.
        """
        group = gcd(n, self.context.order) if self.context.surface.even else 1
        places = n * len(diameters) // group
        radius = np.resize(diameters / 2, places)
        walk = floor
        for _ in range(60):
            angles = self.angles(walk, diameters, n)[:places]
            found = nest_walk(self.context.surface, self.nestable, angles, radius, self.row.gap, floor)
            if self.row.spacing == "equal angles" or abs(found - walk) < SETTLED:
                return found
            walk = found
        return walk

    def settle(self, diameters: Array, n: int) -> tuple[float, bool]:
        """The row's walk distance, and whether it had to be stopped from slipping inside the row before."""
        if self.walk is not None:
            return self.walk, False
        own = self.own_walk(diameters, n)
        if own == inf:
            return inf, False
        walk = self.contact_walk(diameters, n, own)
        return max(walk, self.inside), walk < self.inside - ROUNDING


def fit_count(ring: Ring, diameters: Array) -> int:
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


def _roomy(walk: float, diameters: Array, gap: float) -> float:
    """More repeats than this cannot fit on any surface: half-chords at most walk long, six in a full turn and over."""
    need = float(diameters.sum()) + gap * len(diameters)
    return 2 * np.pi * walk / need * 1.06 + 4 if need > 0 else inf


def fit_size(ring: Ring, diameters: Array, n: int) -> Array:
    """The pattern's diameters times the largest factor that keeps the gap and the border; empty when none does."""
    limit, widest = ring.context.limit, float(diameters.max())
    most = MOST_DIAMETER / widest
    if ring.walk is not None:
        grown = ring.hoop.growth(ring.walk, diameters.tolist(), n, ring.row.gap, ring.first(n))
        room = inf if ring.context.laps else 2 * (limit - ring.walk) / widest
        factor = min(grown, room, most)
    else:
        least = LEAST_DIAMETER / float(diameters.min())
        if _excess(ring, diameters * least, n) > ROUNDING:
            return np.empty(0)
        factor = bisect(lambda f: _excess(ring, diameters * f, n), least, max(most, least))
    grown_sizes = diameters * factor
    return grown_sizes if float(grown_sizes.min()) >= LEAST_DIAMETER - ROUNDING else np.empty(0)


def fit_distance(ring: Ring, diameters: Array, n: int) -> float:
    """The least walk at which the row closes with its gap."""
    return ring.own_walk(diameters, n)


def _touching(ring: Ring, diameters: Array, n: int) -> float:
    return ring.contact_walk(diameters, n, ring.inside)


def _excess(ring: Ring, diameters: Array, n: int) -> float:
    """How far a nested row of this size is out of bounds (mm): pushed by its own neighbours, or past the border."""
    walk = _touching(ring, diameters, n)
    over = ring.context.passed(walk, float(diameters.max()))
    return max(min(ring.own_walk(diameters, n), 1e6) - walk, over)


def _furthest_contact(ring: Ring, diameters: Array) -> float:
    """No contact can put a nested row further out than this."""
    own, under = float(diameters.max()) / 2 + ring.row.gap, ring.context.surface.under
    outermost = max((row.outer - row.thickest + under(row.thickest + own) for row in ring.nestable), default=0.0)
    return min(outermost, ring.context.limit - float(diameters.max()) / 2)
