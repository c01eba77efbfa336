"""The three ways to fit a ring, at a fixed distance or nested: most dots, largest size, least distance."""

from functools import cached_property

import numpy as np

from ..document.row import Row
from ..geometry.bisect import bisect
from ..geometry.surface import Array
from .context import Context
from .counts import MOST_REPEATS, allowed
from .nest import nest_walk, symmetry
from .placed import PlacedRow
from .spacing import spacing_named
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
        self.spacing = spacing_named(row.spacing)

    @cached_property
    def nestable(self) -> tuple[PlacedRow, ...]:
        return self.context.nestable

    @cached_property
    def inside(self) -> float:
        """Walk distance of the row before: a nested row never lands inside it."""
        before = self.context.before
        return before.walk if before else 0.0

    def angles(self, reach: float, diameters: Array, n: int) -> Array:
        """Angles (rad) of all places."""
        context = self.context
        first = first_angle(self.row.start, context.segments, context.turn_rad, n, context.before)
        return first + self.spacing.angles(reach, diameters.tolist(), n)

    def own_walk(self, diameters: Array, n: int) -> float:
        """Least walk at which the row's own neighbours keep the gap."""
        return self.context.surface.walk(self.spacing.least_reach(diameters.tolist(), n, self.row.gap))

    def contact_walk(self, diameters: Array, n: int, floor: float) -> float:
        """Walk of the nested row, at least `floor`. Equal gaps turn with the distance: repeated until settled."""
        group = symmetry(self.nestable, n)
        places = n * len(diameters) // group
        radius = np.resize(diameters / 2, places)
        walk = floor
        for _ in range(60):
            angles = self.angles(self.context.surface.reach(walk), diameters, n)[:places]
            found = nest_walk(self.context.surface, self.nestable, angles, radius, self.row.gap, floor)
            if self.row.spacing == "equal angles" or abs(found - walk) < SETTLED:
                return found
            walk = found
        return walk

    def settle(self, diameters: Array, n: int) -> tuple[float, bool]:
        """The row's walk distance, and whether it had to be stopped from slipping inside the row before."""
        if self.walk is not None:
            return self.walk, False
        walk = self.contact_walk(diameters, n, self.own_walk(diameters, n))
        return max(walk, self.inside), walk < self.inside - ROUNDING


def fit_count(ring: Ring, diameters: Array) -> int:
    """Most repeats that keep the symmetry and the gap; 0 when not even one does.

    Nested, the row may lie no further out than what it touches asks: its own neighbours must not push it.
    """
    context, gap = ring.context, ring.row.gap
    outside = ring.walk if ring.walk is not None else _furthest_contact(ring, diameters)
    reach = context.surface.reach(min(outside, context.surface.rim))
    for n in reversed(allowed(context.segments, MOST_REPEATS // len(diameters))):
        if ring.spacing.least_reach(diameters.tolist(), n, gap) > reach + ROUNDING:
            continue
        if ring.walk is not None or ring.own_walk(diameters, n) <= _touching(ring, diameters, n) + ROUNDING:
            return n
    return 0


def fit_size(ring: Ring, diameters: Array, n: int) -> Array:
    """The pattern's diameters times the largest factor that keeps the gap and the border; empty when none does."""
    surface, limit, widest = ring.context.surface, ring.context.limit, float(diameters.max())
    most = MOST_DIAMETER / widest
    if ring.walk is not None:
        grown = ring.spacing.growth(surface.reach(ring.walk), diameters.tolist(), n, ring.row.gap)
        factor = min(grown, 2 * (limit - ring.walk) / widest, most)
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
    over = walk + float(diameters.max()) / 2 - ring.context.limit
    return max(ring.own_walk(diameters, n) - walk, over)


def _furthest_contact(ring: Ring, diameters: Array) -> float:
    """No contact can put a nested row further out than this."""
    outermost = max((row.reach + max(row.diameters) / 2 for row in ring.nestable), default=0.0)
    reach = outermost + float(diameters.max()) / 2 + ring.row.gap
    return min(ring.context.surface.walk(reach), ring.context.limit - float(diameters.max()) / 2)
