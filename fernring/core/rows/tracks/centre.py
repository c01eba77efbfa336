"""The centre: one dot in the middle."""

from math import inf
from typing import TYPE_CHECKING, Any, Literal

import numpy as np

from ...dots.rings import EvenRing, dots_at
from ...ground.ground import Ground
from ..context import Context
from ..placed import OwnDots, PlacedRow
from ..ring_fit import MOST_DIAMETER
from .kind import TrackKind, TrackRule

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row


class CentreTrack(TrackRule):
    kind: Literal["centre"] = "centre"


def solve_centre(row: "Row", index: int, context: Context) -> PlacedRow:
    """One dot in the middle, with the first size of the pattern; fitted, it grows to the border."""
    size = min(2 * context.limit, MOST_DIAMETER) if row.fit == "size" else row.pattern[0].diameter
    own: OwnDots = dots_at(context.surface, 0.0, (size,), np.array([context.turn_rad]))
    if context.surface.axisymmetric:
        own = EvenRing(context.surface.circle(0.0), 0.0, context.turn_rad, 1, (size,))
    return PlacedRow(index, 1, (size,), 0.0, inf, own, row.boundary, round=True)


def _sentence(_: "Row", __: PlacedRow, ___: "Piece") -> str:
    return "One dot in the middle."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    return {"track": {"kind": "centre"}, "start": {"kind": "on lines"}}


CENTRE = TrackKind(
    model=CentreTrack,
    name="in the centre",
    word="centre",
    solve=solve_centre,
    sentence=_sentence,
    begin=_begin,
    centred=True,
    members=1,
    central=True,
    groups=False,
)
