"""Along the blank's own edge, at an even distance from it; several rows deep, each offset into the last."""

from dataclasses import replace
from math import inf
from typing import TYPE_CHECKING, Any, Literal

import numpy as np

from ...document.distance import FromEdge
from ...document.start import Between, Offset
from ...geometry.chain import Chain
from ...geometry.even import Curve, closed_places
from ...geometry.frames import lifted, line_above
from ...geometry.outline.inset import inset
from ...geometry.root import root
from ...ground.ground import Ground
from ...kept import Kept
from ...words.lengths import mm
from ..context import Context
from ..counts import repeats
from ..placed import PlacedRow, unplaced
from .along import cornered
from .kind import AROUND, TrackKind, TrackRule, always
from .placing import Places, members, outward, pair_sums, row_on

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row


DEPTHS = Kept[float](32)  # the search for one takes a good part of a plan


class InsetTrack(TrackRule):
    """Along the blank's own edge, at an even distance from it; nested, each row lies inside the last."""

    kind: Literal["inset"] = "inset"


def solve_inset(row: "Row", index: int, context: Context) -> PlacedRow:
    """The row `inward` from the edge, or nested: the first just inside the border, each next as close as it may."""
    widest = max(row.sizes)
    before = context.inset_before
    if isinstance(row.distance, FromEdge):
        depth = row.distance.inward
    elif before is None:
        depth = context.ground.border_width + widest / 2
    else:
        depth = _nested(row, context, before, before.depth or 0.0)
    placed = _at(row, index, context, depth, before)
    if placed is None:
        return unplaced(row, index, "the edge leaves no line so far inside")
    return replace(placed, depth=depth)


def _nested(row: "Row", context: Context, before: PlacedRow, outside: float) -> float:
    """Depth at which the row first clears the one before by its gap."""
    dots = before.own_dots
    there = np.concatenate((dots.x, dots.y, dots.z, dots.radius)).tobytes()
    rule = (row.sizes, row.count, row.fit, row.gap, row.start)
    key = (rule, context.ground, context.back, context.segments, context.turn_rad, outside, there)
    return DEPTHS.of(key, lambda: _searched(row, context, before, outside))


def _searched(row: "Row", context: Context, before: PlacedRow, outside: float) -> float:
    tried: dict[float, float] = {}

    def short(depth: float) -> float:
        if depth not in tried:
            tried[depth] = _short(row, context, depth, before)
        return tried[depth]

    furthest = outside + float(before.own_dots.radius.max()) + max(row.sizes) / 2 + row.gap
    depth = root(lambda inward: -short(outside + inward), 0.0, furthest - outside, 1e-7, 40)
    for _ in range(20):
        if short(outside + depth) <= 1e-7:
            break
        depth += 1e-4
    return float(outside + depth)


def _short(row: "Row", context: Context, depth: float, before: PlacedRow) -> float:
    """By how much the row at this depth misses its gap to the one before (mm); -inf where there is no line."""
    curve = _curve(context, depth)
    if curve is None:
        return -inf
    s, _, _ = _places(row, context, curve, before)
    points = curve(s)
    (x, y, z), _ = lifted(context.surface, points[:, 0], points[:, 1])
    clear, _ = before.own_index.nearest(x, y, z)
    return row.gap - float((clear - np.asarray(row.sizes)[members(row, len(s))] / 2).min())


def _at(row: "Row", index: int, context: Context, depth: float, before: PlacedRow | None) -> PlacedRow | None:
    curve = _curve(context, depth)
    if curve is None:
        return None
    s, gap, off = _places(row, context, curve, before)
    points = curve(s)
    places = Places(
        points[:, 0], points[:, 1], outward(curve, s), members(row, len(s)), len(s) // len(row.pattern), gap, off=off
    )
    return row_on(row, index, context, places)


def _curve(context: Context, depth: float) -> Curve | None:
    """The line at this depth inside the edge, in space; None where nothing is left so far inside."""
    parts = inset(context.ground.outline, depth)
    if not parts:
        return None
    return Curve(line_above(context.surface, *parts[0].T)[0], True)


def _places(row: "Row", context: Context, curve: Curve, before: PlacedRow | None) -> Chain:
    """Lengths along the curve and the gap that results; fitted, the most that keep the gap asked.

    A dot stands on every sharp corner, unless the row sits in the dips of one before it.
    """
    n, k = _count(row, context, curve), len(row.pattern)
    corners = curve.corners()
    if len(corners) and not _dipped(row, before):
        return cornered(row, curve, corners, None if row.fit == "count" else n)
    while True:
        sums = pair_sums(row, n)
        found = closed_places(curve, sums, _start(row, context, curve, before, curve.length / n))
        if row.fit != "count" or found.gap >= row.gap or n - k < 3:
            return found
        n -= k


def _count(row: "Row", context: Context, curve: Curve) -> int:
    """Places in all: a multiple of the pattern."""
    k = len(row.pattern)
    if row.fit != "count":
        return max(repeats(row.count, context.segments) * k, 3)
    need = float(np.sum(row.sizes)) + k * row.gap
    return max(int(curve.length / need * (1 - 1e-9)) * k, 3)


def _start(row: "Row", context: Context, curve: Curve, before: PlacedRow | None, pitch: float) -> float:
    """Begin at twelve o'clock, half a pitch on, or in the middle of the first dip of the row before."""
    fine = np.linspace(0, curve.length, 2000)
    x, y = curve(fine)[:, :2].T
    if before is not None and _dipped(row, before):
        dots, side = before.own_dots, context.surface.side
        away = np.hypot(x - side * dots.x[:2].mean(), y - dots.y[:2].mean())
    else:
        away = np.abs(np.sin((np.arctan2(x, -y) - context.turn_rad) / 2))
    return float(fine[int(np.argmin(away))]) + (pitch / 2 if isinstance(row.start, Between) else 0.0)


def _dipped(row: "Row", before: PlacedRow | None) -> bool:
    """Whether the row sits in the dips of one before it."""
    return isinstance(row.start, Offset) and before is not None


def _sentence(_: "Row", placed: PlacedRow, __: "Piece") -> str:
    inside = f", {mm(placed.depth)} inside it" if placed.depth is not None else ""
    return f"Along the edge of the blank{inside}, evenly spread."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    track = {"kind": "inset"}
    return {"track": track, "fit": "count", "distance": {"kind": "nested"}, "start": {"kind": "on lines"}}


INSET = TrackKind(
    model=InsetTrack,
    name="along the edge",
    word="along edge",
    solve=solve_inset,
    sentence=_sentence,
    begin=_begin,
    drawn=True,
    repeats="round",
    nests=always,
    distances=("nested", "edge"),
    starts=AROUND,
)
