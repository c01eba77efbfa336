"""A spiral: dots at even distance along an Archimedean spiral, r = a + b t. Source: Archimedes, On Spirals."""

from math import pi
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.facts import named
from ...document.numbers import Tick, Walk
from ...ground.ground import Ground
from ...words.lengths import mm
from ..context import Context
from ..placed import PlacedRow, unplaced
from .along import places_along
from .arc import first_rad
from .kind import TrackKind, TrackRule
from .placing import row_on

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row

FINE = 180  # points a turn


class SpiralTrack(TrackRule):
    """From one walk distance to another in so many turns, clockwise or not."""

    kind: Literal["spiral"] = "spiral"
    inner: Annotated[Walk, named("Begins at", wide=88)]
    outer: Annotated[Walk, named("Ends at", wide=88)]
    turns: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=0.1, le=60), named("Turns", "number", wide=72)
    ] = 3.0
    clockwise: Annotated[Tick, named("clockwise")] = True


def solve_spiral(row: "Row", index: int, context: Context) -> PlacedRow:
    """Both ends carry a dot; neighbours are equal straight lines apart."""
    track = row.track
    assert isinstance(track, SpiralTrack)
    share = np.linspace(0, 1, int(FINE * track.turns) + 2)
    way = 1.0 if track.clockwise else -1.0
    angle = first_rad(row, context) + way * 2 * pi * track.turns * share
    walk = track.inner + (track.outer - track.inner) * share
    if bool((walk > context.surface.edge(angle) + 1e-9).any()):
        return unplaced(row, index, f"the spiral runs off the blank at {mm(context.surface.rim)}")
    reach = context.surface.reach(walk, angle)
    plan = np.stack((reach * np.sin(angle), -reach * np.cos(angle)), axis=1)
    places = places_along(row, context, plan, False)
    return unplaced(row, index, places) if isinstance(places, str) else row_on(row, index, context, places)


def _sentence(row: "Row", _: PlacedRow, __: "Piece") -> str:
    track = row.track
    assert isinstance(track, SpiralTrack)
    way = "clockwise" if track.clockwise else "against the clock"
    return f"Along a spiral from {mm(track.inner)} to {mm(track.outer)} from the centre, {track.turns:g} turns {way}."


def _begin(walk: float, rim: float, _: Ground) -> dict[str, Any]:
    """Three turns outward from where the row is now."""
    inner = round(min(walk, 0.6 * rim), 1)
    track = {"kind": "spiral", "inner": inner, "outer": round(inner + (rim - inner) * 0.6, 1), "turns": 3.0}
    return {"track": track, "fit": "count", "start": {"kind": "on lines"}}


SPIRAL = TrackKind(
    model=SpiralTrack,
    name="a spiral",
    word="spiral",
    solve=solve_spiral,
    sentence=_sentence,
    begin=_begin,
    drawn=True,
    centred=True,
    repeats="line",
    starts=("on lines", "between", "angle"),
)
