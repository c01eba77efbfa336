"""One row solved: its rule in, its numbers and dots out."""

from math import inf, isfinite

import numpy as np

from ..document.row import AtWalk, CentreTrack, OnGuide, Row
from .context import Context
from .counts import repeats
from .fitting import MOST_DIAMETER, Ring, fit_count, fit_distance, fit_size
from .placed import PlacedRow, nothing, place

EPSILON = 1e-6


def solve(row: Row, index: int, context: Context) -> PlacedRow:
    """The row's dots. A row for which there is no room comes back empty and says why."""
    if isinstance(row.track, CentreTrack):
        return _centre(row, index, context)
    ring = Ring(row, context, _fixed_walk(row, context))
    n, diameters = repeats(row.count, context.segments), np.array([member.diameter for member in row.pattern])
    if row.fit == "count":
        n = fit_count(ring, diameters)
    elif row.fit == "size":
        diameters = fit_size(ring, diameters, n)
    elif row.fit == "distance":
        ring = Ring(row, context, fit_distance(ring, diameters, n))
    sizes = tuple(float(d) for d in diameters)
    if n < 1 or not sizes or min(sizes) <= 0:
        return nothing(index, max(n, 0), _asked(row), _finite(ring.walk), _why(row, context))
    walk, slipped = ring.settle(diameters, n)
    free = row.fit is None and ring.walk is not None
    if not isfinite(walk) or (context.passed(walk, max(sizes)) > EPSILON and not free):
        return nothing(index, n, sizes, _finite(walk), _why(row, context))
    if context.closed and walk > context.surface.rim + EPSILON:
        return nothing(index, n, sizes, walk, f"{walk:.2f} mm lies beyond the widest circle at {_rim(context)}")
    first = ring.first(n)
    clear = ring.hoop.clear(walk, sizes, n, first)
    angles = ring.hoop.angles(walk, sizes, n, first)
    return place(index, context.surface, walk, sizes, angles, clear, boundary=row.boundary, slipped=slipped)


def _rim(context: Context) -> str:
    return f"{context.surface.rim:.2f} mm"


def _finite(walk: float | None) -> float:
    return walk if walk is not None and isfinite(walk) else 0.0


def _centre(row: Row, index: int, context: Context) -> PlacedRow:
    """One dot in the middle, with the first size of the pattern; fitted, it grows to the border."""
    size = min(2 * context.limit, MOST_DIAMETER) if row.fit == "size" else row.pattern[0].diameter
    angle = np.array([context.turn_rad])
    return place(index, context.surface, 0.0, (size,), angle, inf, boundary=row.boundary)


def _fixed_walk(row: Row, context: Context) -> float | None:
    """The walk distance a rule states, or None for a nested row."""
    if isinstance(row.distance, AtWalk):
        return row.distance.walk
    if isinstance(row.distance, OnGuide):
        return context.circles.get(row.distance.circle, inf)
    return None


def _asked(row: Row) -> tuple[float, ...]:
    return tuple(member.diameter for member in row.pattern)


def _why(row: Row, context: Context) -> str:
    """Why nothing was placed, in words."""
    sizes = " and ".join(f"{d:g}" for d in _asked(row))
    if context.limit <= 0:
        return "the border leaves nothing to paint on"
    if row.fit == "count":
        return f"not even one dot of {sizes} mm fits with a gap of {row.gap:g} mm"
    if row.fit == "size":
        return f"no dot of at least 0.2 mm fits with a gap of {row.gap:g} mm"
    if isinstance(row.distance, OnGuide) and row.distance.circle not in context.circles:
        return "its guide circle lies off the blank"
    if context.laps:
        return f"dots of {sizes} mm with a gap of {row.gap:g} mm find no room before the widest circle"
    return f"dots of {sizes} mm with a gap of {row.gap:g} mm would pass the border at {context.limit:.2f} mm"
