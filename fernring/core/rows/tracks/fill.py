"""An area filled with dots, the largest first, until there is no room for the smallest: inside an area that stays bare
otherwise, round such areas, or everywhere inside the border.
"""

from dataclasses import replace
from math import gcd, pi, radians
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...budget import spend
from ...document.facts import Fact, named
from ...document.numbers import FIRST, Degrees, Ident, Seed
from ...dots.table import Array
from ...geometry.outline.polygon import turned
from ...ground.ground import Ground
from ...kept import Kept
from ...regions.bare import joined_ground, visible_ground
from ...regions.ground_left import enclosed
from ...words.areas import named_areas
from ...words.lengths import mm
from ..context import Context
from ..fills.manners import MANNERS
from ..fills.pack import Packed, Task
from ..fills.shaded import MEASURED, Shades, shaded
from ..placed import PlacedRow, unplaced
from .kind import TrackKind, TrackRule, always
from .placing import Places, row_on

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

    from ...document.piece import Piece
    from ...document.row import Row

MOST = 12_000  # dots that may fit as far as their areas tell
WHERE = {"inside": "the inside of", "round": "what lies round"}
BANDS = {"equal paint": "equal paint", "equal areas": "equal area", "equal steps": "equal width"}
SHADINGS = {
    "in turn": "in turn",
    "from the edge": "from the edge",
    "from what lies in it": "from what lies in it",
    "outward": "from the centre outward",
    "downward": "from top to bottom",
    "along": "along a direction",
    "by size": "by size, largest first",
    "at random": "at random",
    "never alike": "so that neighbours differ",
}
CORNER = 300  # work to look where a corner of the area comes to lie
DENSEST = 0.9069  # of an area, by equal dots
COVERED = 0.75  # of an area, by what is packed: what shares of the paint are shares of
LEFT = 0.4  # of an area, by larger dots, for the smallest: seldom more than a quarter
LEAST = 1e-4  # mm on either side of a mask's edge
SAME = 0.01  # mm by which an area turned round may differ from itself
PACKED = Kept[Packed](24)


class FillTrack(TrackRule):
    """Dots of the pattern's sizes in an area, large to small. None touches another, an edge or what is there.

    `areas` names areas: their insides are filled, or what lies round them; none stands for all that lies inside the
    border. The row's shades take turns, or go in bands of equal paint, area or width. Where the area looks alike in
    every segment, so does the fill, unless it is to be `free`. Another `seed` gives another fill like it.
    """

    kind: Literal["fill"] = "fill"
    where: Annotated[Literal["inside", "round"], Fact("Fill", "choice", WHERE)] = "inside"
    areas: Annotated[tuple[Ident, ...], FIRST, Field(max_length=20), named("Areas", "areas", none="none")] = ()
    manner: Annotated[
        Literal["packed", "airy", "scattered", "inward", "swirling", "graded", "square", "slanted", "micro"],
        Fact("Dots lie", "choice", {manner.id: manner.name for manner in MANNERS.values()}),
    ] = "packed"
    way: Annotated[
        Degrees,
        named("In the direction", when={"manner": [manner.id for manner in MANNERS.values() if manner.turned]}),
    ] = 0.0
    shading: Annotated[
        Literal[
            "in turn",
            "from the edge",
            "from what lies in it",
            "outward",
            "downward",
            "along",
            "by size",
            "at random",
            "never alike",
        ],
        Fact("Shades go", "choice", SHADINGS),
    ] = "in turn"
    shade_way: Annotated[Degrees, named("Direction of the shades", when={"shading": ["along"]})] = 0.0
    bands: Annotated[
        Literal["equal paint", "equal areas", "equal steps"],
        Fact("Bands of", "choice", BANDS, when={"shading": list(MEASURED)}),
    ] = "equal paint"
    free: Annotated[bool, Field(strict=True), named("free, not the same in every segment", "tick")] = False
    seed: Annotated[Seed, named("Another one like it", "count")] = 1


def solve_fill(row: "Row", index: int, context: Context) -> PlacedRow:
    """The row with all its dots. Raises SpentError where the area asks for too much."""
    track = row.track
    assert isinstance(track, FillTrack)
    sizes = sorted(set(row.sizes), reverse=True)
    area = _area(track, context)
    if area.is_empty:
        return unplaced(row, index, "the area to be filled is empty")
    limits = tuple(_limit(row, size, area.area) for size in sizes)
    left = area.area * (LEFT if any(limit is None for limit in limits[:-1]) else 1.0)
    if limits[-1] is None and left * DENSEST > MOST * pi * sizes[-1] ** 2 / 4:
        many = f"more than {MOST} dots of {mm(sizes[-1])} would fit into the area"
        return unplaced(row, index, f"{many}; choose larger ones")
    packed, order = _packed(row, context, area, tuple(sizes), limits)
    if not len(packed.at):
        return unplaced(row, index, f"no dot of {mm(sizes[-1])} fits into the area with a gap of {mm(row.gap)}")
    x, y = packed.at.T
    member = np.array([row.sizes.index(size) for size in sizes])[packed.size]
    out = np.arctan2(x, -y)
    placed = row_on(row, index, context, Places(x, y, out, member, order, row.gap))
    if track.shading == "in turn":
        return placed
    own = placed.own_dots
    seen = np.stack((context.surface.side * own.x, own.y), axis=1)
    field = Shades(area, joined_ground(track.areas, context.bare, context.site), radians(track.shade_way), track.seed)
    slots = shaded(track.shading, seen, own.radius, field, len(row.shades), track.bands)
    return replace(placed, own=own.replaced(slot=slots))


def _packed(
    row: "Row", context: Context, area: "BaseGeometry", sizes: tuple[float, ...], limits: tuple[int | None, ...]
) -> tuple[Packed, int]:
    """Where the dots lie, and how often that repeats about the centre, which counts that are asked for allow; kept for
    as long as nothing of it changes.
    """
    track, gap = row.track, row.gap
    assert isinstance(track, FillTrack)
    manner = MANNERS[track.manner]
    lying, radius = _lying(context)
    order = 1 if track.free or not manner.symmetric else _order(area, context)
    order = gcd(order, *(member.most for member in row.pattern if member.most is not None))
    task = Task(area, tuple(size / 2 for size in sizes), gap, lying, radius, order, track.seed, limits)
    key = (
        area.wkb,
        task.radii,
        gap,
        lying.tobytes(),
        radius.tobytes(),
        order,
        track.seed,
        limits,
        manner.id,
        track.way,
    )
    way = radians(track.way) + context.turn_rad * manner.turned
    return PACKED.of((*key, way), lambda: manner.fill(task, way)), order


def _limit(row: "Row", size: float, area: float) -> int | None:
    """How many dots of a size there may be: as many as its member says, or as many as take its share of the paint."""
    member = next(one for one in row.pattern if one.diameter == size)
    share = None if member.share is None else int(member.share / 100 * COVERED * area / (pi * size**2 / 4))
    given = [limit for limit in (member.most, share) if limit is not None]
    return max(min(given), 1) if given else None


def _area(track: FillTrack, context: Context) -> "BaseGeometry":
    """What is to be filled: within the border, in or round the named areas (all of it where none is named), and in no
    other area that stays bare; on either side of a mask's edge where that leaves whole dots.
    """
    import shapely

    inside = enclosed(context.ground.clear)
    if track.areas:
        named = joined_ground(track.areas, context.bare, context.site)
        inside = (shapely.intersection if track.where == "inside" else shapely.difference)(inside, named)
    for one in context.bare:
        if one.id in track.areas or not (one.bare or (one.rows == "mask" and one.whole)):
            continue
        left = visible_ground(one, context.bare, context.site)
        left = left if one.bare else shapely.boundary(left)
        inside = shapely.difference(inside, shapely.buffer(left, max(one.gap, LEAST), quad_segs=32))
    return inside


def _lying(context: Context) -> tuple[Array, Array]:
    """What lies there, as whoever looks at this half sees it."""
    bodies = [row.bodies for row in context.placed]
    if not bodies:
        return np.empty((0, 2)), np.empty(0)
    x, y, radius = (np.concatenate([getattr(one, name) for one in bodies]) for name in ("x", "y", "radius"))
    return np.stack((context.surface.side * x, y), axis=1), radius


def _order(area: "BaseGeometry", context: Context) -> int:
    """How often the fill repeats about the centre: as often as the segments, the area and what is there do."""
    import shapely

    order = context.segments if context.surface.axisymmetric else 1
    for row in context.placed:
        order = gcd(order, row.order) if row.walk > SAME or row.repeats > 1 else order
    edge = shapely.boundary(area)
    corners = shapely.get_coordinates(edge)
    shapely.prepare(edge)
    for k in range(max(order, 1), 1, -1):
        if order % k == 0:
            spend(CORNER * len(corners))
            there = turned(corners, 2 * pi / k)
            if float(shapely.distance(edge, shapely.points(there)).max()) < SAME:
                return k
    return 1


def _sentence(row: "Row", placed: PlacedRow, piece: "Piece") -> str:
    track = row.track
    assert isinstance(track, FillTrack)
    areas = named_areas(piece, track.areas)
    what = f"{WHERE[track.where]} {areas}" if areas else "all that is left inside the border"
    tools = {tool.id: tool.name for tool in piece.tools}
    made = {round(member.diameter, 3): f" (here: {tools[member.tool]})" for member in row.pattern if member.tool}
    sizes = [f"{many} of {mm(size)}{made.get(size, '')}" for size, many in placed.own_sizes.items()]
    return f"Fill {what}, {MANNERS[track.manner].about}: {', '.join(sizes)}."


def _shades_go(track: FillTrack) -> str:
    bands = f", in bands of {BANDS[track.bands]}" if track.shading in MEASURED else ""
    return f"Shades {SHADINGS[track.shading]}{bands}"


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    return {"track": {"kind": "fill"}, "fit": None, "gap": 0.3}


FILL = TrackKind(
    model=FillTrack,
    name="filling an area",
    word="filling",
    solve=solve_fill,
    sentence=_sentence,
    begin=_begin,
    nests=always,
    groups=False,
    fills=True,
    packed=True,
    graded=lambda track: track.shading in MEASURED,
    shades_go=_shades_go,
    own_areas=True,
    sizes_begun=4,
)
