"""Straight lines across the blank, repeated at even spacing and cut by the border."""

from math import cos, radians, sin
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from numpy.typing import NDArray
from pydantic import Field

from ...budget import spend
from ...document.facts import named
from ...document.numbers import FIRST, Degrees, Ident
from ...document.start import Between, Offset
from ...dots.table import Array, Mask
from ...ground.ground import Ground
from ...regions.bare import joined_ground
from ...words.lengths import mm
from ..context import Context
from ..placed import PlacedRow, unplaced
from .kind import TrackKind, TrackRule
from .placing import Places, row_on

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

    from ...document.piece import Piece
    from ...document.row import Row

Whole = NDArray[np.intp]
MOST_A_LINE = 2000
POINT = 40


class LineTrack(TrackRule):
    """Straight lines across the blank at even spacing, cut by the border, and by the edges of `areas` where some are
    named. Angle 0 is upright.
    """

    kind: Literal["line"] = "line"
    lines: Annotated[int, Field(strict=True, ge=1, le=200), named("Lines", "count", wide=88)] = 1
    spacing: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=0.5, le=1000), named("Apart", "length", wide=88)
    ] = 10.0
    angle: Annotated[Degrees, named("Slant", wide=88)] = 0.0
    areas: Annotated[tuple[Ident, ...], FIRST, Field(max_length=20), named("Across", "areas", none="the blank")] = ()


def solve_line(row: "Row", index: int, context: Context) -> PlacedRow:
    """Dots keep the gap along each line, counted from its middle; a row "in the dips" shifts every second line.

    Dots that would meet what lies there already are left out, as if the line passed under it.

    Common practice: lines are drawn across and dots threaded on them.
    """
    track = row.track
    assert isinstance(track, LineTrack)
    way = radians(track.angle) + context.turn_rad
    along, aside = np.array([sin(way), -cos(way)]), np.array([cos(way), sin(way)])
    found: list[tuple[Array, Whole]] = []
    across = _across(track, context)
    middle = np.zeros(2) if across is None else _middle(across)
    half = float(np.hypot(*context.ground.outline.T).max()) + float(np.hypot(*middle))
    radius = np.array([one.furthest for one in row.pattern])
    for k in range(track.lines):
        shift = (k - (track.lines - 1) / 2) * track.spacing
        t, member = _threaded(row, half, k)
        points = middle + shift * aside + t[:, None] * along
        inside = context.over(points[:, 0], points[:, 1], radius[member]) <= 1e-6
        if across is not None:
            inside &= _within(across, points, radius[member])
        found.append((points[inside], member[inside]))
    points, member = (np.concatenate(part) for part in zip(*found, strict=True))
    if row.laid == "beside":
        free = context.free_from_above(points[:, 0], points[:, 1], radius[member] + row.gap)
        points, member = points[free], member[free]
    if not len(points):
        return unplaced(row, index, "no line crosses the painted area")
    out = np.full(len(points), way)
    return row_on(row, index, context, Places(points[:, 0], points[:, 1], out, member, 1, row.gap))


def _across(track: LineTrack, context: Context) -> "BaseGeometry | None":
    """The areas that the lines run across; None for the whole blank."""
    if not any(one.id in track.areas for one in context.bare):
        return None
    return joined_ground(track.areas, context.bare, context.site)


def _middle(area: "BaseGeometry") -> Array:
    left, top, right, bottom = area.bounds
    return np.array([(left + right) / 2, (top + bottom) / 2])


def _within(area: "BaseGeometry", points: Array, radius: Array) -> Mask:
    """Which dots lie wholly inside."""
    import shapely

    spend(POINT * len(points))
    at = shapely.points(points)
    return np.asarray(shapely.contains(area, at) & (shapely.distance(shapely.boundary(area), at) >= radius))


def _threaded(row: "Row", half: float, line: int) -> tuple[Array, Whole]:
    """Distances from a line's middle, and the members there, out to `half` on both sides."""
    sizes = row.sizes
    period = sum(sizes) + len(sizes) * row.gap
    turns = int(half / period) + 2
    steps = [(a + b) / 2 + row.gap for a, b in zip(sizes, sizes[1:] + sizes[:1], strict=True)]
    once = np.concatenate(([0.0], np.cumsum(steps)[:-1]))
    t = (np.arange(-turns, turns + 1)[:, None] * period + once).ravel()
    member = np.tile(np.arange(len(sizes)), 2 * turns + 1)
    shifted = isinstance(row.start, Between) or (isinstance(row.start, Offset) and line % 2 == 1)
    shift = steps[0] / 2 if shifted else 0.0
    keep = np.flatnonzero(np.abs(t + shift) <= half)[:MOST_A_LINE]
    return np.asarray(t[keep] + shift), member[keep]


def _sentence(row: "Row", _: PlacedRow, __: "Piece") -> str:
    track = row.track
    assert isinstance(track, LineTrack)
    where = " across the area" if track.areas else ""
    lines = "one straight line" if track.lines == 1 else f"{track.lines} straight lines {mm(track.spacing)} apart"
    return f"Along {lines}{where}, {track.angle:g}° from upright."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    return {"track": {"kind": "line", "lines": 3, "spacing": 10.0}, "fit": None, "start": {"kind": "on lines"}}


LINE = TrackKind(
    model=LineTrack,
    name="straight lines",
    word="in lines",
    solve=solve_line,
    sentence=_sentence,
    begin=_begin,
    drawn=True,
    starts=("on lines", "between", "offset"),
)
