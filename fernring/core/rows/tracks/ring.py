"""Round the centre at one walk distance: stated, nested, or as close as the row closes."""

from math import inf, isfinite
from typing import TYPE_CHECKING, Annotated, Any, Literal

from ...document.distance import AtWalk, FromEdge, Nested, OnGuide
from ...document.facts import Fact
from ...document.start import InVee
from ...ground.ground import Ground
from ...words.lengths import mm
from ...words.numbers import counted
from ..context import Context
from ..counts import repeats
from ..footprints import footprints
from ..placed import PlacedRow, no_room
from ..ring_fit import RingFit, fit_count, fit_distance, fit_size, times
from .kind import AROUND, TrackKind, TrackRule

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row

EPSILON = 1e-6


class RingTrack(TrackRule):
    """Round the centre. With `beyond` set to "carry on" it goes on past the border, whole dots only."""

    kind: Literal["ring"] = "ring"
    beyond: Annotated[
        Literal["stop", "carry on"],
        Fact("At the border", "choice", {"stop": "stops", "carry on": "carries on, whole dots"}, wide=150),
    ] = "stop"


def carries_on(track: TrackRule) -> bool:
    """Whether a row goes on past the border, whole dots only."""
    return isinstance(track, RingTrack) and track.beyond == "carry on"


def solve_ring(row: "Row", index: int, context: Context) -> PlacedRow:
    if carries_on(row.track):
        context = context._replace(limit=max(context.furthest, context.limit))
    ring = RingFit(row, context, stated_walk(row, context))
    asked = footprints(row)
    # 1. Whatever is left open is solved from the others.
    n, wide = repeats(row.count, context.segments), asked
    if row.fit == "count":
        n = ring.vees(wide) if isinstance(row.start, InVee) else fit_count(ring, wide)
    elif row.fit == "size":
        wide = fit_size(ring, wide, n)
    elif row.fit == "distance":
        ring = RingFit(row, context, fit_distance(ring, wide, n))
    if n < 1 or not wide or min(wide) <= 0:
        return no_room(index, max(n, 0), row.sizes, _finite(ring.walk), _why(row, context))
    # 2. A nested row slides in until it touches; in the V its angle is found with its distance.
    stated = ring.walk is not None
    if isinstance(row.start, InVee) and (why := ring.into_vee(wide, n)):
        return no_room(index, n, row.sizes, _finite(ring.walk), why)
    walk, slipped = ring.settle(wide, n)
    sizes = times(row.sizes, wide[0] / asked[0]) if row.fit == "size" else row.sizes
    # 3. It must lie on what may be painted.
    free = row.fit is None and stated
    if not isfinite(walk) or (context.passed(walk, max(sizes)) > EPSILON and not free):
        return no_room(index, n, sizes, _finite(walk), _why(row, context))
    if context.closed and walk > context.surface.rim + EPSILON:
        why = f"{mm(walk)} lies beyond the widest circle at {mm(context.surface.rim)}"
        return no_room(index, n, sizes, walk, why)
    own, clear, off = ring.dots(walk, sizes, wide, n)
    return PlacedRow(index, n, sizes, walk, clear, own, row.boundary, round=True, slipped=slipped, off=off)


def _finite(walk: float | None) -> float:
    return walk if walk is not None and isfinite(walk) else 0.0


def stated_walk(row: "Row", context: Context) -> float | None:
    """The walk distance a rule states, or None for a nested row."""
    if isinstance(row.distance, AtWalk):
        return row.distance.walk
    if isinstance(row.distance, OnGuide):
        return context.circles.get(row.distance.circle, inf)
    if isinstance(row.distance, FromEdge):
        whole = context.ground.round and context.stand is None
        edge = context.surface.rim if whole else context.limit + context.ground.border_width
        return max(edge - row.distance.inward, 0.0)
    return None


def _why(row: "Row", context: Context) -> str:
    """Why nothing was placed, in words."""
    sizes = " and ".join(mm(d) for d in row.sizes)
    if context.limit <= 0:
        return "the border leaves nothing to paint on"
    if row.fit == "count":
        return f"not even one dot of {sizes} fits with a gap of {mm(row.gap)}"
    if row.fit == "size":
        return f"no dot of at least {mm(0.2)} fits with a gap of {mm(row.gap)}"
    if isinstance(row.distance, OnGuide) and row.distance.circle not in context.circles:
        return "its guide circle lies off the blank"
    if context.stand is not None:
        return f"dots of {sizes} with a gap of {mm(row.gap)} find no room between what stands there and the border"
    if context.laps:
        return f"dots of {sizes} with a gap of {mm(row.gap)} find no room before the widest circle"
    return f"dots of {sizes} with a gap of {mm(row.gap)} would pass the border at {mm(context.limit)}"


def _nests(row: "Row") -> bool:
    return isinstance(row.distance, Nested) and row.fit != "distance"


def _sentence(row: "Row", placed: PlacedRow, piece: "Piece") -> str:
    half = {"front": "", "back": " on the back", "both": " on both halves"}[row.half]
    share = placed.repeats / piece.segments_of(row)
    each = f", {counted(int(share))} to each segment" if share == int(share) and share >= 1 else ""
    centre = "its centre" if row.motif else "the centre"
    return f"A ring {mm(placed.walk)} from {centre}{half}{each}."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    return {"track": {"kind": "ring"}}


RING = TrackKind(
    model=RingTrack,
    name="round the centre",
    word="ring",
    solve=solve_ring,
    sentence=_sentence,
    begin=_begin,
    drawn=True,
    centred=True,
    repeats="round",
    round=True,
    pairs=True,
    nests=_nests,
    distances=("nested", "walk", "edge", "fit", "meet", "guide"),
    starts=(*AROUND, "in the V"),
)
