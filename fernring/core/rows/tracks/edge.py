"""Along the edge of an area: on its line, or outside or inside of it, every closed line for itself."""

from math import pi
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.count import Absolute
from ...document.facts import Fact, named
from ...document.numbers import FIRST, Gap, Ident
from ...dots.table import Array, Mask
from ...geometry.even import Curve
from ...geometry.frames import line_above
from ...ground.ground import Ground
from ...regions.bare import visible_ground
from ...regions.ground_left import moved_in
from ...words.areas import named_areas
from ..context import Context
from ..counts import repeats
from ..fills.chosen import Whole, chosen
from ..placed import PlacedRow, unplaced
from .along import cornered, places_along
from .kind import TrackKind, TrackRule, always
from .placing import Places, members, outward, row_on

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

    from ...document.piece import Piece
    from ...document.row import Row

MITRE = 5.0  # times so far off, at the most, a corner outside a sharp tip may lie
MOST_LINES = 60  # more than fit on any blank
FEWER = 12  # dots that a line may lose for that
SAME = 1e-6
LIES = {"on": "on the line", "outside": "outside it", "inside": "inside it"}
SIMPLE = 0.01  # mm by which a line may be drawn more simply


class EdgeTrack(TrackRule):
    """Along the edges of areas, `off` mm from them (from edge to painted edge): on the line, outside or inside.

    There may be several `lines`, each a size and a gap further from the edge, in shades that take turns line by line:
    as many as asked, or until no more fits. Of several, dots that would meet what lies there already are left out.
    """

    kind: Literal["edge"] = "edge"
    areas: Annotated[tuple[Ident, ...], FIRST, Field(max_length=20), named("Areas", "areas", none="none")] = ()
    side: Annotated[
        Literal["on", "outside", "inside"],
        Fact("Lies", "choice", LIES),
    ] = "outside"
    off: Annotated[Gap, named("Off the edge")] = 0.3
    lines: Annotated[int, Field(strict=True, ge=1, le=MOST_LINES), named("Lines, one in the other", "count")] = 1


def solve_edge(row: "Row", index: int, context: Context) -> PlacedRow:
    track = row.track
    assert isinstance(track, EdgeTrack)
    chosen_areas = [one for one in context.bare if one.id in track.areas]
    if not chosen_areas:
        return unplaced(row, index, "no area is chosen whose edge it could follow")
    found, number = [], []
    for one in chosen_areas:
        area = visible_ground(one, context.bare, context.site)
        for k in range(track.lines):
            lines = _lines(area, track, max(row.sizes) / 2, k * (max(row.sizes) + row.gap))
            if not lines:
                break
            for line in lines:
                places = _along(row, context, line) if track.lines == 1 else _clear(row, context, line)
                if isinstance(places, str):
                    return unplaced(row, index, places)
                found.append(places)
                number.append(np.full(len(places.x), k))
    if not found:
        return unplaced(row, index, "the area is too narrow for such dots inside its edge")
    x, y, out, member = (np.concatenate([getattr(p, name) for p in found]) for name in ("x", "y", "out_rad", "member"))
    clear = min(one.clear for one in found)
    if track.lines == 1:
        return row_on(row, index, context, Places(x, y, out, member, 1, clear))
    return _in_lines(row, index, context, Places(x, y, out, member, 1, clear), np.concatenate(number))


def _in_lines(row: "Row", index: int, context: Context, places: Places, number: Whole) -> PlacedRow:
    """Several lines: each in its own shade; without dots that would meet those of lines before, or lie past the border.

    Dots at the middle of a narrowing area meet those of the other side: the outer line's stay.
    """
    radius = np.array(row.sizes)[places.member] / 2
    at = np.stack((places.x, places.y), axis=1)
    free = context.free_from_above(places.x, places.y, radius + row.gap)
    free &= context.over(places.x, places.y, radius) <= SAME
    if len(set(row.sizes)) == 1:
        kept = np.flatnonzero(free)
        turn = np.asarray(number[kept] * float(len(at)) + np.arange(len(kept)), np.float64)
        free = np.isin(np.arange(len(at)), kept[chosen(at[kept], turn, max(row.sizes) + row.gap - SAME, 1)])
    if not free.any():
        return unplaced(row, index, "every dot would meet what lies there already")
    x, y, out, member = (part[free] for part in (places.x, places.y, places.out_rad, places.member))
    return row_on(row, index, context, Places(x, y, out, member, 1, places.clear, turn=number[free]))


def _clear(row: "Row", context: Context, line: Array) -> Places | str:
    """As `_along`, with as many dots fewer as it takes until those beside each other keep the gap across bends."""
    places = _along(row, context, line)
    for _ in range(FEWER if row.fit == "count" else 0):
        if isinstance(places, str) or places.clear >= row.gap - SAME or len(places.x) <= 2 * len(row.pattern):
            break
        fewer = Absolute(repeats=len(places.x) // len(row.pattern) - 1)
        places = _along(row.model_copy(update={"fit": None, "count": fewer}), context, line)
    return places


def _along(row: "Row", context: Context, line: Array) -> Places | str:
    """Places on one closed line: a dot on every corner and even ones between, so that corners stay sharp; on a line
    without corners all at even distances. Says why where there are none.
    """
    plan, walks = line_above(context.surface, line[:, 0], line[:, 1])
    curve = Curve(plan, True)
    corners = _apart(curve.corners(), curve.length, float(np.mean(row.sizes)) + row.gap)
    if not len(corners) or np.isnan(walks).any():
        return places_along(row, context, line, True, 1, 2 * pi, None)
    s, clear, _ = cornered(row, curve, corners, None if row.fit == "count" else repeats(row.count, 1))
    if len(set(row.sizes)) == 1:
        s = s[_free_of_others(curve(s)[:, :2], np.isin(np.round(s, 6), np.round(corners, 6)), row.sizes[0] + row.gap)]
    points = curve(s)
    return Places(points[:, 0], points[:, 1], outward(curve, s), members(row, len(s)), 1, clear)


def _free_of_others(places: Array, corner: Mask, apart: float) -> Whole:
    """Those that keep their gap to all others, the corners before the rest: beside a sharp tip one side would meet the
    other."""
    taken = chosen(places, np.where(corner, -1, np.arange(len(places))), apart * (1 - SAME), 1)
    return np.sort(taken)


def _apart(corners: Array, length: float, pitch: float) -> Array:
    """Of corners (lengths along the line) that lie too near to one another for a dot on each the first."""
    kept: list[float] = []
    for at in corners.tolist():
        if not kept or (at - kept[-1] >= pitch and at - kept[0] <= length - pitch):
            kept.append(at)
    return np.array(kept)


def _lines(area: "BaseGeometry", track: EdgeTrack, radius: float, further: float) -> list[Array]:
    """The closed lines on which the middles of the dots lie, each of shape (n, 2); those `further` from the edge,
    inward or outward. On the line itself they go on inward.
    """
    import shapely

    away = track.off + radius + further
    if track.side == "inside" or (track.side == "on" and further > 0):
        area = moved_in(area, further if track.side == "on" else away)
    elif track.side == "outside":
        area = shapely.buffer(area, away, quad_segs=24, join_style="mitre", mitre_limit=MITRE)
    found = shapely.get_parts(shapely.boundary(shapely.simplify(area, SIMPLE)))
    lines = [line for line in found if line.length > pi * radius]
    return [shapely.get_coordinates(line)[:-1] for line in lines]


def _sentence(row: "Row", _: PlacedRow, piece: "Piece") -> str:
    track = row.track
    assert isinstance(track, EdgeTrack)
    along = "Along" if track.lines == 1 else "Line by line along"
    return f"{along} the edge of {named_areas(piece, track.areas)}, {LIES[track.side]}."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    return {"track": {"kind": "edge"}, "fit": "count", "gap": 0.3}


EDGE = TrackKind(
    model=EdgeTrack,
    name="along the edge of an area",
    word="round an area",
    solve=solve_edge,
    sentence=_sentence,
    begin=_begin,
    drawn=True,
    repeats="line",
    own_areas=True,
    nests=always,
)
