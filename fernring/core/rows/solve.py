"""One row solved: its rule in, its numbers and dots out."""

from collections.abc import Callable
from dataclasses import replace
from math import inf, isfinite

import numpy as np

from ..document.row import AtWalk, FromEdge, OnGuide, Row
from .context import Context
from .counts import repeats
from .cut import cut
from .fitting import MOST_DIAMETER, Ring, Sizes, fit_count, fit_distance, fit_size, times
from .grouped import grouped
from .groups import width
from .own import EvenRing, OwnDots, dots_at
from .placed import PlacedRow, nothing
from .tracks.arc import solve_arc, solve_path
from .tracks.corner import solve_corner
from .tracks.gaps import solve_gaps
from .tracks.inset import solve_inset
from .tracks.line import solve_line
from .trims.grow import grown

EPSILON = 1e-6


def solve(row: Row, index: int, context: Context) -> PlacedRow:
    """The row with its groups, cuts and trims. One for which there is no room comes back empty and says why."""
    placed = TRACKS[row.track.kind](row, index, context)
    if placed.noroom:
        return placed
    placed = cut(row, grouped(row, placed, context), context)
    if placed.noroom or not (row.trims or any(member.shaped for member in row.pattern)):
        return placed
    return replace(placed, grown=grown(row, placed, context))


def _ring(row: Row, index: int, context: Context) -> PlacedRow:
    if row.track.kind == "ring" and row.track.beyond == "carry on":
        context = context._replace(limit=max(context.ground.border, context.limit))
    ring = Ring(row, context, _fixed_walk(row, context))
    asked = footprints(row)
    n, wide = repeats(row.count, context.segments), asked
    if row.fit == "count":
        n = fit_count(ring, wide)
    elif row.fit == "size":
        wide = fit_size(ring, wide, n)
    elif row.fit == "distance":
        ring = Ring(row, context, fit_distance(ring, wide, n))
    if n < 1 or not wide or min(wide) <= 0:
        return nothing(index, max(n, 0), row.sizes, _finite(ring.walk), _why(row, context))
    walk, slipped = ring.settle(wide, n)
    sizes = times(row.sizes, wide[0] / asked[0]) if row.fit == "size" else row.sizes
    free = row.fit is None and ring.walk is not None
    if not isfinite(walk) or (context.passed(walk, max(sizes)) > EPSILON and not free):
        return nothing(index, n, sizes, _finite(walk), _why(row, context))
    if context.closed and walk > context.surface.rim + EPSILON:
        return nothing(index, n, sizes, walk, f"{walk:.2f} mm lies beyond the widest circle at {_rim(context)}")
    own, clear = ring.dots(walk, sizes, wide, n)
    return PlacedRow(index, n, sizes, walk, clear, own, row.boundary, slipped=slipped)


def footprints(row: Row) -> Sizes:
    """How wide each member of the pattern is along the row, groups and lying shapes included (mm)."""
    found = []
    for member in row.pattern:
        across = member.extent if member.shaped and member.lies == "along" else member.diameter
        found.append(width(row.group, across, row.gap))
    return tuple(found)


def _rim(context: Context) -> str:
    return f"{context.surface.rim:.2f} mm"


def _finite(walk: float | None) -> float:
    return walk if walk is not None and isfinite(walk) else 0.0


def _centre(row: Row, index: int, context: Context) -> PlacedRow:
    """One dot in the middle, with the first size of the pattern; fitted, it grows to the border."""
    size = min(2 * context.limit, MOST_DIAMETER) if row.fit == "size" else row.pattern[0].diameter
    own: OwnDots = dots_at(context.surface, 0.0, (size,), np.array([context.turn_rad]))
    if context.surface.axisymmetric:
        own = EvenRing(context.surface.circle(0.0), context.turn_rad, 1, (size,))
    return PlacedRow(index, 1, (size,), 0.0, inf, own, row.boundary)


def _fixed_walk(row: Row, context: Context) -> float | None:
    """The walk distance a rule states, or None for a nested row."""
    if isinstance(row.distance, AtWalk):
        return row.distance.walk
    if isinstance(row.distance, OnGuide):
        return context.circles.get(row.distance.circle, inf)
    if isinstance(row.distance, FromEdge):
        edge = context.surface.rim if context.ground.round else context.limit + context.ground.border_width
        return max(edge - row.distance.inward, 0.0)
    return None


def _why(row: Row, context: Context) -> str:
    """Why nothing was placed, in words."""
    sizes = " and ".join(f"{d:g}" for d in row.sizes)
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


TRACKS: dict[str, Callable[[Row, int, Context], PlacedRow]] = {
    "centre": _centre,
    "ring": _ring,
    "inset": solve_inset,
    "line": solve_line,
    "arc": solve_arc,
    "path": solve_path,
    "corner": solve_corner,
    "gaps": solve_gaps,
}
