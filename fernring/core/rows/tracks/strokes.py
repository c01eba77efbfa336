"""Along the middle of the strokes of areas, as a pen would be led: a word written in single dots."""

from math import inf
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.facts import named
from ...document.numbers import FIRST, Ident
from ...dots.table import Array
from ...geometry.even import Curve, closed_places, open_places
from ...ground.ground import Ground
from ...lettering.strokes import Stroke, strokes
from ...regions.bare import visible_ground
from ...words.areas import named_areas
from ..context import Context
from ..fills.chosen import chosen
from ..placed import PlacedRow, unplaced
from .kind import TrackKind, TrackRule, always
from .placing import Places, members, outward, row_on

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row

SAME = 1e-6


class StrokesTrack(TrackRule):
    """Along the middles of all strokes of areas, a dot at every end, evenly between; as many as keep the gap."""

    kind: Literal["strokes"] = "strokes"
    areas: Annotated[tuple[Ident, ...], FIRST, Field(max_length=20), named("Areas", "areas", none="none")] = ()


def solve_strokes(row: "Row", index: int, context: Context) -> PlacedRow:
    track = row.track
    assert isinstance(track, StrokesTrack)
    found = [stroke for one in context.bare if one.id in track.areas for stroke in _strokes(one.id, context)]
    if not found:
        return unplaced(row, index, "no area is chosen whose strokes it could follow")
    pitch = float(np.mean(row.sizes)) + row.gap
    found.sort(key=lambda stroke: -stroke.length)  # where strokes meet, the longer one's dots stay
    at, out, first = (np.concatenate(part) for part in zip(*(_along(stroke, pitch) for stroke in found), strict=True))
    taken = np.sort(chosen(at, np.arange(len(at)) - len(at) * first, max(row.sizes) + row.gap - SAME, 1))
    x, y = at[taken].T
    clear = row.gap if len(taken) > 1 else inf
    return row_on(row, index, context, Places(x, y, out[taken], members(row, len(taken)), 1, clear))


def _strokes(ident: str, context: Context) -> list[Stroke]:
    area = next(one for one in context.bare if one.id == ident)
    return strokes(visible_ground(area, context.bare, context.site))


def _along(stroke: Stroke, pitch: float) -> tuple[Array, Array, Array]:
    """Even places along one, the direction to the side at each (rad), and whether it is an end, which stays before
    others."""
    if len(stroke.at) < 2:
        return stroke.at, np.zeros(1), np.ones(1)
    line = np.column_stack((stroke.at, np.zeros(len(stroke.at))))
    curve = Curve(line[:-1] if stroke.closed else line, stroke.closed)
    s = _even(curve, pitch)
    ends = np.zeros(len(s)) if curve.closed else np.isin(np.arange(len(s)), (0, len(s) - 1)).astype(float)
    return curve(s)[:, :2], outward(curve, s), ends


def _even(curve: Curve, pitch: float) -> Array:
    """Lengths along a line of as many even places as lie so far apart in a straight line (mm), ends included."""
    n = max(int(curve.length / pitch), 1) + (0 if curve.closed else 1)
    while True:
        ringed = curve.closed and n > 2
        s = closed_places(curve, np.full(n, pitch), 0.0).places if ringed else open_places(curve, n)
        points = curve(np.concatenate((s, s[:1])) if curve.closed else s)
        apart = np.linalg.norm(np.diff(points, axis=0), axis=1)
        if n < 3 or float(apart.min()) >= pitch - SAME:
            return s
        n -= 1


def _sentence(row: "Row", _: PlacedRow, piece: "Piece") -> str:
    return f"Along the middle of every stroke of {named_areas(piece, row.track.about)}, a dot at each end."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    return {"track": {"kind": "strokes"}, "fit": None, "gap": 0.3}


STROKES = TrackKind(
    model=StrokesTrack,
    name="along the strokes of a word or figure",
    word="along strokes",
    solve=solve_strokes,
    sentence=_sentence,
    begin=_begin,
    own_areas=True,
    nests=always,
)
