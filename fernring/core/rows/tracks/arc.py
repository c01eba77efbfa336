"""Curves between two circles: scallops and stars."""

from math import atan2, cos, hypot, pi, radians, sin
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.facts import named
from ...document.numbers import Every, Tick, Walk
from ...document.start import AtAngle, Between
from ...dots.table import Array
from ...ground.ground import Ground
from ...words.lengths import mm
from ..context import Context
from ..placed import PlacedRow, unplaced
from .along import places_along
from .kind import TrackKind, TrackRule
from .placing import row_on

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row

FINE = 241


class ArcTrack(TrackRule):
    """A curve from a point on one circle to a point on another, `across` segments further; `bulge` bends it out.

    A scallop has both ends on one circle, a star no bulge. It is drawn in every `every`-th segment, and again as its
    mirror image when `mirrored`.
    """

    kind: Literal["arc"] = "arc"
    start: Annotated[Walk, named("From circle", wide=88)]
    end: Annotated[Walk, named("To circle", wide=88)]
    across: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=0, le=64), named("Segments on", "number", wide=88)
    ] = 1.0
    bulge: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=-500, le=500), named("Bulge", "length", wide=88)
    ] = 0.0
    every: Annotated[Every, named("Every … segments", wide=88)] = 1
    mirrored: Annotated[Tick, named("mirrored")] = False


def solve_arc(row: "Row", index: int, context: Context) -> PlacedRow:
    """Dots evenly along one arc, its ends included, turned into every segment asked for."""
    track = row.track
    assert isinstance(track, ArcTrack)
    first = first_rad(row, context)
    step = 2 * pi / context.segments
    if not context.surface.axisymmetric or max(track.start, track.end) > context.surface.rim:
        return unplaced(row, index, "the circles of this curve do not lie on the blank")
    a, b = (context.surface.circle(walk).reach for walk in (track.start, track.end))
    plan = _arc(a, first, b, first + track.across * step, track.bulge)
    mirror = first + track.across * step / 2 if track.mirrored else None
    count = max(1, context.segments // track.every)
    places = places_along(row, context, plan, False, count, step * track.every, mirror)
    return unplaced(row, index, places) if isinstance(places, str) else row_on(row, index, context, places)


def first_rad(row: "Row", context: Context) -> float:
    """Angle at which a line begins: on a spoke, between two, or where the row says."""
    if isinstance(row.start, AtAngle):
        return context.turn_rad + radians(row.start.degrees)
    return context.turn_rad + (pi / context.segments if isinstance(row.start, Between) else 0.0)


def _arc(a: float, from_rad: float, b: float, to_rad: float, bulge: float) -> Array:
    """Points of the arc between two polar points whose middle lies `bulge` mm outward of the chord."""
    x1, y1, x2, y2 = a * sin(from_rad), -a * cos(from_rad), b * sin(to_rad), -b * cos(to_rad)
    chord = hypot(x2 - x1, y2 - y1)
    t = np.linspace(0, 1, FINE)
    if chord < 1e-9 or abs(bulge) < 1e-9:
        return np.stack((x1 + t * (x2 - x1), y1 + t * (y2 - y1)), axis=1)
    # 1. The perpendicular of the chord, pointing away from the centre.
    nx, ny = (y2 - y1) / chord, -(x2 - x1) / chord
    if nx * (x1 + x2) + ny * (y1 + y2) < 0:
        nx, ny = -nx, -ny
    # 2. Radius from chord and sagitta, R = (c²/4 + h²)/2h, and the middle of the circle.
    radius = (chord * chord / 4 + bulge * bulge) / (2 * abs(bulge))
    side = 1.0 if bulge > 0 else -1.0
    mx, my = (x1 + x2) / 2 + nx * (bulge - side * radius), (y1 + y2) / 2 + ny * (bulge - side * radius)
    # 3. From end to end, by way of the top of the bulge.
    start, end = atan2(y1 - my, x1 - mx), atan2(y2 - my, x2 - mx)
    a_t = start + t * _through(start, atan2(side * ny, side * nx), end)
    return np.stack((mx + radius * np.cos(a_t), my + radius * np.sin(a_t)), axis=1)


def _through(start: float, top: float, end: float) -> float:
    """Sweep from start to end that passes the direction `top`."""
    to_top = (top - start + pi) % (2 * pi) - pi
    to_end = (end - start + pi) % (2 * pi) - pi
    if to_end * to_top >= 0 and abs(to_end) >= abs(to_top):
        return to_end
    return to_end + 2 * pi * (1 if to_top > 0 else -1) if to_end * to_top < 0 or abs(to_end) < abs(to_top) else to_end


def _sentence(row: "Row", _: PlacedRow, __: "Piece") -> str:
    track = row.track
    assert isinstance(track, ArcTrack)
    mirrored = ", and again mirrored" if track.mirrored else ""
    return f"Along a curve from {mm(track.start)} to {mm(track.end)} from the centre in every segment{mirrored}."


def _begin(walk: float, _: float, __: Ground) -> dict[str, Any]:
    """A scallop where the row is now."""
    track = {"kind": "arc", "start": walk, "end": walk, "across": 1.0, "bulge": round(walk * 2) / 10}
    return {"track": track, "fit": "count", "start": {"kind": "on lines"}}


ARC = TrackKind(
    model=ArcTrack,
    name="curves between circles",
    word="on curves",
    solve=solve_arc,
    sentence=_sentence,
    begin=_begin,
    drawn=True,
    centred=True,
    repeats="line",
    starts=("on lines", "between", "angle"),
)
