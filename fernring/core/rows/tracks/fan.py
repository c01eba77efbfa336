"""Fans: swipes that fill an end, a corner or a segment, their heads along its edge, their tails running together."""

from dataclasses import replace
from math import gcd, pi
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.facts import Fact, chosen, named
from ...document.numbers import Walk
from ...dots.table import Array
from ...geometry.frames import lifted
from ...geometry.outline.polygon import area, turned
from ...geometry.turn import direction
from ...ground.ground import Ground
from ...kept import Kept
from ...words.lengths import mm
from ..context import Context
from ..placed import PlacedRow, unplaced
from ..trims.grown import Grown, Mark
from .corner import corner_points
from .fanned import Axis, FanRule, Stroke, fan
from .kind import TrackKind, TrackRule, always
from .placing import Places, row_on

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row

SAME = 1e-3  # outlines that differ by less repeat (mm)
FANS = Kept[list[Stroke] | str](16)  # each takes a good part of a plan
AT = {"ends": "at both ends", "corners": "in the corners", "lines": "on the lines", "between": "between the lines"}


class FanTrack(TrackRule):
    """Fans of swipes at both `ends`, in the corners, or in every segment, filling what is free there.

    The middle swipe, or the middle pair, is the longest; each next lies beside the last at the row's gap and is
    shorter by the share `shorter` at least. Heads lie along the border or on an arc at a walk distance; the members of
    the pattern are the heads' sizes from the middle outward. Tails run to a point on the fan's axis.
    """

    kind: Literal["fan"] = "fan"
    at: Annotated[Literal["ends", "corners", "lines", "between"], Fact("Fans", "choice", AT, wide=148)] = "ends"
    most: Annotated[int, Field(strict=True, ge=1, le=25), named("Swipes at most", "count", wide=112)] = 9
    middle: Annotated[
        Literal["one", "pair"], chosen("In the middle", one="one swipe", pair="a pair"), Fact(wide=112)
    ] = "one"
    form: Annotated[
        Literal["teardrop", "straight"], chosen("Form", teardrop="teardrop", straight="long and thin"), Fact(wide=124)
    ] = "teardrop"
    shorter: Annotated[float, Field(strict=True, ge=0.05, le=0.6), named("Each shorter by", "share", wide=112)] = 0.05
    arc: Annotated[Walk | None, named("Heads at", none="the outer edge", wide=150)] = None
    focus: Annotated[Walk | None, named("Tails run to", none="where there is room", wide=180)] = None


def solve_fan(row: "Row", index: int, context: Context) -> PlacedRow:
    track = row.track
    assert isinstance(track, FanTrack)
    axes = _axes(track, context)
    if not axes:
        return unplaced(row, index, "this blank has no corners")
    pair = track.middle == "pair"
    thin = track.form == "straight"
    rule = FanRule(row.sizes, row.gap, track.most, pair, track.shorter, thin, track.arc, track.focus)
    times = _times(len(axes), context)
    own = len(axes) // times
    fans: list[list[Stroke]] = []
    why = ""
    for axis in axes[:own]:
        found = FANS.of(_key(rule, axis, context), lambda axis=axis: fan(rule, axis, context))  # type: ignore[misc]
        if isinstance(found, str):
            why = found
        else:
            fans.append(found)
    if not fans:
        return unplaced(row, index, why)
    turns = 2 * pi / times * np.arange(times)
    fans = [[_turned(one, turn) for one in found] if turn else found for turn in turns.tolist() for found in fans]
    return _painted(row, index, context, fans, times)


def _key(rule: FanRule, axis: Axis, context: Context) -> object:
    there = [getattr(row.bodies, name).tobytes() for row in context.placed for name in ("x", "y", "z", "radius")]
    return rule, axis, context.ground, context.back, context.bare, context.limit, tuple(there)


def _painted(row: "Row", index: int, context: Context, fans: list[list[Stroke]], repeats: int) -> PlacedRow:
    """Heads as the row's own dots, tails as its marks; shades and sizes take turns from the middle outward."""
    strokes = [one for found in fans for one in found]
    x, y, out, radius = (np.array([getattr(one, of) for one in strokes]) for of in ("x", "y", "out_rad", "radius"))
    step = np.array([one.step for one in strokes])
    places = Places(x, y, out, step % len(row.pattern), repeats, row.gap, 2 * radius)
    placed = row_on(row, index, context, places)
    marks = tuple(_mark(one, k, context) for k, one in enumerate(strokes))
    return replace(placed, own=placed.own_dots.replaced(slot=step), grown=Grown(marks=marks), diameters=row.sizes)


def _mark(one: Stroke, head: int, context: Context) -> Mark:
    (sx, sy, sz), walks = lifted(context.surface, *one.spine.T)
    (ox, oy, oz), _ = lifted(context.surface, *one.outline.T)
    outline, spine = np.stack((ox, oy), axis=1), np.stack((sx, sy), axis=1)
    return Mark(outline, oz, spine, sz, walks, one.girth, head, -1, 0, area(one.outline))


def _turned(one: Stroke, by_rad: float) -> Stroke:
    """The swipe turned about the centre; its discs in space are those of the first fan no longer."""
    spine = turned(one.spine, by_rad)
    x, y = spine[0].tolist()
    return replace(one, x=x, y=y, out_rad=one.out_rad + by_rad, spine=spine, outline=turned(one.outline, by_rad))


def _times(count: int, context: Context) -> int:
    """How often what so many fans see repeats about the centre: by the blank, and by what lies on it."""
    if context.bare:
        return 1
    times = gcd(context.order, count)
    return next(n for n in range(times, 0, -1) if times % n == 0 and _repeats(n, context))


def _repeats(n: int, context: Context) -> bool:
    """Whether the blank is the same after an n-th of a turn."""
    ground = context.ground
    if n == 1 or ground.round:
        return n == 1 or ground.surface.axisymmetric
    x, y = np.concatenate([np.empty((0, 2)), *(turned(line, 2 * pi / n) for line in ground.clear)]).T
    return bool(np.abs(context.over(x, y, np.zeros(len(x)))).max(initial=0.0) < SAME)


def _axes(track: FanTrack, context: Context) -> list[Axis]:
    """The axes of all fans, clockwise; the room of each ends half-way to its neighbours."""
    n = context.segments
    if track.at == "corners":
        points, outward = corner_points(context.ground.sharp)
        ways, seen = (np.arctan2(one[:, 0], -one[:, 1]) % (2 * pi) for one in (outward, points))
    else:
        first, count = (_ends(context), 2) if track.at == "ends" else (context.turn_rad, n)
        ways = seen = first + (np.arange(count) + (0.5 if track.at == "between" else 0.0)) * 2 * pi / count
        points = np.zeros((count, 2))
    order = np.argsort(seen)
    seen, ways, points = seen[order], ways[order], points[order]
    half = np.minimum((np.roll(seen, -1) - seen) % (2 * pi) / 2, pi / 2)
    half = np.where(half < 1e-9, pi / 2, half)  # one alone
    return [
        Axis(*_nearest(at, way), float(way), (float(here - a), float(here + b)))
        for at, way, here, a, b in zip(points, ways, seen, np.roll(half, 1), half, strict=True)
    ]


def _nearest(at: Array, way_rad: float) -> tuple[float, float]:
    """The point nearest to the centre on a line through a point in a direction."""
    way = direction(way_rad)
    x, y = (at - (at @ way) * way).tolist()
    return x, y


def _ends(context: Context) -> float:
    """Direction of the blank's longer axis (rad)."""
    lie = context.ground.lie_rad
    across, down = np.ptp(turned(context.ground.outline, -lie), axis=0)
    return float(lie) + (pi / 2 if across >= down else 0.0)


def _sentence(row: "Row", _: PlacedRow, __: "Piece") -> str:
    track = row.track
    assert isinstance(track, FanTrack)
    heads = "along the border" if track.arc is None else f"at {mm(track.arc)} from the centre"
    middle = "one" if track.middle == "one" else "pair"
    return (
        f"Fans of swipes {AT[track.at]}: heads {heads}, each pulled while wet to a tail; the tails run together. "
        f"Begin each fan with its middle {middle}; every next one is shorter and leans more."
    )


def _begin(_: float, __: float, ground: Ground) -> dict[str, Any]:
    """In the corners where there are several, else at the ends of what is not round, else in every segment."""
    at = "between" if ground.round else "ends"
    if len(corner_points(ground.sharp)[0]) > 2:
        at = "corners"
    return {"track": {"kind": "fan", "at": at}, "fit": None, "gap": 0.3, "trims": [], "group": None}


FAN = TrackKind(
    model=FanTrack,
    name="a fan of swipes",
    word="fans",
    solve=solve_fan,
    sentence=_sentence,
    begin=_begin,
    nests=always,
    groups=False,
    swept=True,
)
