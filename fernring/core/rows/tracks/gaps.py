"""Gap dots: the largest dot that fits into every gap, the same in every segment.

Every empty place is bounded by three things that it touches, so the places to try are the circles tangent to three
dots. They are worked out for one sector and turned to the others.
"""

from bisect import bisect_right
from math import gcd, pi
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from numpy.typing import NDArray
from pydantic import Field

from ...document.facts import Fact, named
from ...document.numbers import FIRST, DotDiameter, Ident, Tick
from ...dots.holes import holes
from ...dots.index import Index
from ...dots.rim_holes import rim_holes
from ...dots.table import Array
from ...geometry.turn import turned_places
from ...ground.ground import Ground
from ...kept import Kept
from ...words.lengths import mm
from ..context import Context
from ..placed import PlacedRow, unplaced
from .kind import TrackKind, TrackRule, always
from .placing import Places, row_on

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row

MOST = 4000
MOST_SAID = 16  # sizes of which each is told with its number
MANY = 1200  # discs in marks, of which only some are looked at
CHOSEN = Kept[tuple[Array, Array, Array]](8)
Whole = NDArray[np.intp]


class GapsTrack(TrackRule):
    """Into the gaps: the largest dot that fits, between `least` and the row's own size, or that size alone.

    Holes more than four times as wide as the row's own dots are open ground and stay empty.

    `rows` names the rows whose gaps are filled; empty, all gaps out to the last row. With `border` dips at a round
    border are gaps as well.
    """

    kind: Literal["gaps"] = "gaps"
    sizes: Annotated[
        Literal["largest", "one size"],
        Fact("Fill with", "choice", {"largest": "the largest that fits", "one size": "this size only"}, wide=160),
    ] = "largest"
    least: Annotated[DotDiameter, named("Smallest", wide=88)] = 0.6
    rows: Annotated[tuple[Ident, ...], FIRST, Field(max_length=60), named("Gaps of rows", "rows", none="all")] = ()
    border: Annotated[Tick, named("at the border too")] = False


def solve_gaps(row: "Row", index: int, context: Context) -> PlacedRow:
    track = row.track
    assert isinstance(track, GapsTrack)
    sizes = row.sizes
    x, y, r = _bodies(context)
    if len(x) < 3:
        return unplaced(row, index, "there are no gaps yet: at least three dots must lie around one")
    order = _order(context)
    low, high = _band(track, context)
    least = (sizes[0] if track.sizes == "one size" else track.least) / 2
    cx, cy, room = holes(x, y, r, 2 * pi / order, context.turn_rad, least + row.gap, high)
    if track.border and context.ground.round and not context.laps:
        rim = float(context.surface.reach(np.array([context.limit]), np.zeros(1))[0])
        widest = _widest(row, track, context)
        at = rim_holes(x, y, r + row.gap, rim, 2 * pi / order, context.turn_rad, widest)
        cx, cy = np.concatenate((cx, at[0])), np.concatenate((cy, at[1]))
        room = np.concatenate((room, at[2] + row.gap))
    reach = np.hypot(cx, cy)
    within = (reach >= low) & (reach <= high)
    inside = within & (room <= _widest(row, track, context) + row.gap)
    cx, cy, room = cx[inside], cy[inside], np.minimum(room[inside] - row.gap, sizes[0] / 2)
    room = np.minimum(room, _to_border(context, cx, cy, row.gap))
    if _many(context):
        room = np.minimum(room, _to_marks(context, cx, cy) - row.gap)
    key = (np.stack((cx, cy, room)).tobytes(), least, row.gap, order, context.turn_rad, track.sizes, context.sizes)
    kept = CHOSEN.of(key, lambda: _chosen(cx, cy, room, least, row.gap, order, track, context))
    if not len(kept[0]) and not inside.any() and within.any():
        return unplaced(row, index, f"every gap is more than four times as wide as a dot of {mm(sizes[0])}")
    if not len(kept[0]):
        return unplaced(row, index, f"no gap has room for a dot of {mm(2 * least)} with a gap of {mm(row.gap)}")
    ax, ay, radius = kept
    px, py = _everywhere(ax, ay, order)
    out = np.arctan2(px, -py)
    member = np.zeros(len(px), np.intp)
    return row_on(row, index, context, Places(px, py, out, member, order, row.gap, np.tile(2 * radius, order)))


def _bodies(context: Context) -> tuple[Array, Array, Array]:
    """What lies there, as whoever looks at this half sees it; of very many discs that fill marks only some."""
    bodies = [row.few_bodies if _many(context) else row.bodies for row in context.placed]
    if not bodies:
        return np.empty(0), np.empty(0), np.empty(0)
    x, y, radius = (np.concatenate([getattr(one, name) for one in bodies]) for name in ("x", "y", "radius"))
    return context.surface.side * x, y, radius


def _order(context: Context) -> int:
    order = context.segments if context.surface.axisymmetric else 1
    for row in context.placed:
        order = gcd(order, row.order) if row.walk > 1e-9 or row.repeats > 1 else order
    return max(order, 1)


def _widest(row: "Row", track: GapsTrack, context: Context) -> float:
    """Radius of the widest hole that counts as a gap, four times as wide as the row's own dot.

    With one size for all it is at least that of the largest dot around. Wider holes are open ground.
    """
    around = max((other.thickest for other in context.placed), default=0.0)
    return max(2 * row.sizes[0], around if track.sizes == "one size" else 0.0)


def _band(track: GapsTrack, context: Context) -> tuple[float, float]:
    """Walk distances between which gaps are filled."""
    chosen = [row for row in context.placed if not track.rows or context.ids[row.index] in track.rows]
    if not chosen:
        return 0.0, -1.0
    margin = max(row.thickest for row in chosen) if track.rows else 0.0
    return min(row.inner for row in chosen) - margin, max(row.outer for row in chosen) + margin


def _to_border(context: Context, x: Array, y: Array, gap: float) -> Array:
    """Largest radius that stays inside the border."""
    zero = np.zeros(len(x))
    return np.asarray(-context.over(x, y, zero))


def _many(context: Context) -> bool:
    return sum(len(row.grown.mark_discs) for row in context.placed) > MANY


def _to_marks(context: Context, x: Array, y: Array) -> Array:
    """Largest radius that does not reach into a mark, as seen from above."""
    clear = np.full(len(x), np.inf)
    for row in context.placed:
        discs = row.grown.mark_discs
        if len(discs):
            seen = Index(context.surface.side * discs.x, discs.y, np.zeros(len(discs)), discs.radius)
            clear = np.minimum(clear, seen.nearest(x, y, np.zeros(len(x)))[0])
    return clear


def _everywhere(x: Array, y: Array, order: int) -> tuple[Array, Array]:
    px, py = turned_places(x, y, np.arange(order)[:, None] * 2 * pi / order)
    return px.ravel(), py.ravel()


def _chosen(
    x: Array, y: Array, room: Array, least: float, gap: float, order: int, track: GapsTrack, context: Context
) -> tuple[Array, Array, Array]:
    """Places and radii: the largest first, each next shrunk until clear of those chosen and of its own copies."""
    turn = _in_turn(x, y, room, order, context.turn_rad)
    turn = turn[room[turn] >= least - 1e-9]
    x, y, room = x[turn], y[turn], room[turn]
    beside = _beside(x, y, room, gap, order)
    radii, count = [0.0] * len(turn), 0
    made = [size / 2 for size in context.sizes]
    for k, radius in enumerate(room.tolist()):
        for other, apart in beside[k]:
            if other == k:
                radius = min(radius, (apart - gap) / 2)
            elif radii[other]:
                radius = min(radius, apart - radii[other] - gap)
        radius = _made(radius, least, track, made)
        if radius >= least - 1e-9:
            radii[k], count = radius, count + order
        if count > MOST:
            break
    chosen = np.array(radii) > 0
    return x[chosen], y[chosen], np.array(radii)[chosen]


def _beside(x: Array, y: Array, room: Array, gap: float, order: int) -> list[list[tuple[int, float]]]:
    """For each place those before it, and copies of its own, that it may be too close to, with their distance."""
    n = len(x)
    found: list[list[tuple[int, float]]] = [[] for _ in range(n)]
    px, py = _everywhere(x, y, order)
    everywhere = Index(px, py, np.zeros(n * order), np.tile(room, order))
    one, disc, clear = everywhere.within(x, y, np.zeros(n), float(room.max(initial=0.0)) + gap)
    other = disc % n
    keep = np.flatnonzero((other <= one) & (disc != one) & (clear < room[one] + gap))
    apart = clear[keep] + room[other[keep]]
    for k, there, distance in zip(one[keep].tolist(), other[keep].tolist(), apart.tolist(), strict=True):
        found[k].append((there, distance))
    return found


def _in_turn(x: Array, y: Array, room: Array, order: int, start_rad: float) -> Whole:
    """The largest first; of equal ones those on an axis of a segment, then from the centre out.

    Everything is rounded first, so that the last digits of the arithmetic decide nothing.
    """
    half = pi / order
    angle = np.round((np.arctan2(x, -y) - start_rad) % (2 * half), 6)
    aside = np.minimum(angle % half, half - angle % half)
    return np.lexsort((angle, np.round(np.hypot(x, y), 5), np.round(aside, 5), -np.round(room, 5)))


def _made(radius: float, least: float, track: GapsTrack, made: list[float]) -> float:
    """The largest of the radii the kit makes (smallest first) that is no larger; without tools the radius itself."""
    if track.sizes == "one size":
        return least if radius >= least - 1e-9 else 0.0
    fitting = bisect_right(made, radius + 1e-9)
    return made[fitting - 1] if fitting else (0.0 if made else radius)


def _sentence(_: "Row", placed: PlacedRow, __: "Piece") -> str:
    found = placed.own_sizes
    sizes = [f"{many} of {mm(size)}" for size, many in found.items()]
    said = ", ".join(sizes) if len(sizes) <= MOST_SAID else f"{mm(min(found))} to {mm(max(found))}"
    return f"Into the gaps that are left, each as large as fits: {said}."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    return {"track": {"kind": "gaps"}, "fit": None, "gap": 0.2}


GAPS = TrackKind(
    model=GapsTrack,
    name="into the gaps",
    word="into gaps",
    solve=solve_gaps,
    sentence=_sentence,
    begin=_begin,
    members=1,
    nests=always,
    groups=False,
    sized=False,
    fills=True,
)
