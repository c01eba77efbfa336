"""One place in every corner of the blank: a group designed once, placed in each, looking into its corner."""

from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np

from ...document.facts import named
from ...document.numbers import Length
from ...dots.table import Array
from ...geometry.even import Curve
from ...ground.ground import Ground
from ...words.lengths import mm
from ..context import Context
from ..placed import PlacedRow, unplaced
from .kind import TrackKind, TrackRule
from .placing import Places, row_on

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row


class CornerTrack(TrackRule):
    """One place in every corner of the blank, `inward` from the corner of the border line."""

    kind: Literal["corner"] = "corner"
    inward: Annotated[Length, named("In from the corner", wide=88)] = 8.0


def solve_corner(row: "Row", index: int, context: Context) -> PlacedRow:
    track = row.track
    assert isinstance(track, CornerTrack)
    corners, outward = corner_points(context.ground.sharp)
    if not len(corners):
        return unplaced(row, index, "this blank has no corners")
    points = corners - outward * track.inward
    way = np.arctan2(outward[:, 0], -outward[:, 1])
    order = np.argsort(way % (2 * np.pi))
    n = len(points)
    member = np.zeros(n, np.intp)
    return row_on(row, index, context, Places(points[order, 0], points[order, 1], way[order], member, n))


def corner_points(outline: Array) -> tuple[Array, Array]:
    """Sharp outward corners of an outline, and the unit vector along each one's bisector, outward."""
    flat = np.concatenate((outline, np.zeros((len(outline), 1))), axis=1)
    curve = Curve(flat, True)
    at = curve.corners()
    if not len(at):
        return np.empty((0, 2)), np.empty((0, 2))
    here, before, after = (curve(at + shift)[:, :2] for shift in (0.0, -0.2, 0.2))
    inward = (before + after) / 2 - here
    size = np.linalg.norm(inward, axis=1)
    outward = -inward / size[:, None]
    cross = (here - before)[:, 0] * (after - here)[:, 1] - (here - before)[:, 1] * (after - here)[:, 0]
    convex = (cross > 0) & (size > 1e-6)
    return here[convex], outward[convex]


def _sentence(row: "Row", _: PlacedRow, __: "Piece") -> str:
    track = row.track
    assert isinstance(track, CornerTrack)
    return f"In every corner, {mm(track.inward)} in from the corner of the border."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    return {"track": {"kind": "corner", "inward": 10.0}, "fit": None}


CORNER = TrackKind(
    model=CornerTrack,
    name="in the corners",
    word="in corners",
    solve=solve_corner,
    sentence=_sentence,
    begin=_begin,
    members=1,
)
