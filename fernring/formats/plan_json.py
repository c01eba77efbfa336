"""A plan as JSON columns, for the screen. Positions are rounded to 0.0001 mm."""

from math import degrees, inf
from typing import TYPE_CHECKING, Any

import numpy as np
import orjson

from ..core.advice.verdict import Verdict
from ..core.document.blank import Blank
from ..core.document.piece import used
from ..core.dots.table import concat
from ..core.ground.ground import ground
from ..core.ground.section import poles, section, span
from ..core.guides.lines import Net, guide_lines, net
from ..core.kept import kept
from ..core.plan import Plan
from ..core.regions.bare import bare_lines
from ..core.rows.motifs.places import Places
from ..core.solved import Solved
from ..core.words.blank import size
from ..core.words.rows import begins, lies, made_with, trim_words
from .zoned import covers

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

_OPTIONS = orjson.OPT_SERIALIZE_NUMPY
DISCS = 14  # of each mark
SKETCHED = {"x", "y", "z", "r", "level", "shade", "nx", "ny", "nz"}


def plan_bytes(plan: Plan) -> bytes:
    """The whole plan. Arrays go out as columns; `z`, the normals and `walk` are left out when the blank is flat."""
    return orjson.dumps(plan_object(plan), option=_OPTIONS)


def plan_object(plan: Plan) -> dict[str, Any]:
    solved = plan.solved
    return {
        "rim": solved.ground.surface.rim,
        "limit": solved.ground.limit,
        "blank": _blank(solved.piece.blank),
        "rows": [_row(solved, index) for index in range(len(solved.rows))],
        "shades": _shades(solved),
        "ramps": solved.palette.ramps,
        "used": used(solved.piece),
        "zones": _zones(solved),
        "covers": _covers(solved),
        "dots": _dots(solved),
        "marks": _marks(solved),
        "guides": _guides(net(solved.piece, solved.rows)),
        "bare": [
            {"id": area.id, "name": area.name, "lines": [_plane(line) for line in lines]}
            for area, lines in bare_lines(solved.piece.bare, solved.ground.sites[0])
        ],
        "motifs": [_motif(solved, places) for places in solved.context.motifs.values()],
        "circles": [{"id": ident, "walk": walk} for ident, walk in solved.context.circles.items()],
        "verdicts": [_verdict(verdict) for verdict in plan.verdicts],
        "slack": any(idea.action == "spread slack" for one in plan.verdicts for way in one.ways for idea in way),
        "totals": vars(plan.totals),
    }


def sketch_bytes(solved: Solved) -> bytes:
    """As much of a plan as a small picture shows, rounded to a hundredth of a millimetre."""
    columns = {name: _coarse(column) for name, column in _dots(solved).items() if name in SKETCHED}
    return orjson.dumps(
        {
            "blank": _blank(solved.piece.blank),
            "shades": _shades(solved),
            "zones": _zones(solved),
            "covers": _covers(solved),
            "dots": columns,
            "marks": {name: _coarse(column) for name, column in _marks(solved).items()},
            "count": int(solved.dots.painted.sum()),
        },
        option=_OPTIONS,
    )


def _zones(solved: Solved) -> list[dict[str, Any]]:
    """Areas with a base colour of their own: lines by the even-odd rule, and the blend across them."""
    return [
        {
            "lines": _lines(zone.body),
            "colours": zone.colours,
            "ends": _plane(np.stack((zone.start, zone.end))),
            "outward": zone.outward,
        }
        for zone in solved.zones
    ]


def _covers(solved: Solved) -> list[dict[str, Any]]:
    """What is seen over the dots."""
    return [{"lines": _lines(body), "colour": colour} for body, colour in covers(solved)]


def _lines(body: "BaseGeometry") -> list[dict[str, Any]]:
    import shapely

    parts = [part for part in shapely.get_parts(body) if part.geom_type == "Polygon"]
    rings = [ring for part in parts for ring in (part.exterior, *part.interiors)]
    return [_plane(shapely.get_coordinates(ring)[:-1]) for ring in rings]


def _coarse(column: Any) -> Any:
    real = isinstance(column, np.ndarray) and column.dtype == np.float64
    return np.round(column, 2) if real else column


def _shades(solved: Solved) -> list[dict[str, str]]:
    return [{"name": s.name, "colour": s.colour, "finish": s.finish} for s in solved.palette.shades]


@kept(8)
def _blank(blank: Blank) -> dict[str, Any]:
    """Outline and border line in plan, and the surface seen from the side: the same in plan after plan."""
    here = ground(blank)
    cut = section(blank, here)
    top, low = poles(here) if here.back is not None else (0.0, 0.0)
    return {
        "words": size(blank),
        "round": here.round,
        "span": span(here),
        "outline": _plane(_thinned(here.outline, here.round)),
        "clear": [_plane(_thinned(part, here.round)) for part in here.clear],
        "section": None if cut is None else _plane(cut),
        "relief": blank.relief.kind,
        "lie": float(np.degrees(here.lie_rad)),
        "closed": here.back is not None,
        "middle": (top + low) / 2,
        "half": [here.surface.rim, here.back.rim] if here.back else [here.surface.rim],
    }


def _thinned(points: np.ndarray, round_: bool) -> np.ndarray:
    """A circle is drawn as one; fewer corners are sent of it."""
    return points[:: max(1, len(points) // 120)] if round_ else points


def _marks(solved: Solved) -> dict[str, Any]:
    """Some of the discs that fill each swipe and shape, from head to tip, one mark after the other; `start` says where
    each begins, with one end added."""
    marks = [one.mark for one in solved.marked]
    kept = [np.unique(np.rint(np.linspace(0, len(one.girth) - 1, DISCS)).astype(int)) for one in marks]
    discs = [np.column_stack((one.spine, one.rise, one.girth)) for one in marks]
    columns = [every[chosen] for every, chosen in zip(discs, kept, strict=True)]
    x, y, z, r = (np.ascontiguousarray(c) for c in np.round(np.concatenate([np.empty((0, 4)), *columns]).T, 3))
    start = np.cumsum([0, *(len(chosen) for chosen in kept)]).astype(np.int32)
    return {"x": x, "y": y, "z": z, "r": r, "start": start} | {
        "level": [one.level for one in marks],
        "glued": [one.glued for one in marks],
        "pulled": [one.pulled for one in solved.marked],
        "row": [one.row for one in solved.marked],
        "shade": [one.shade for one in solved.marked],
        "dot": [one.dot for one in solved.marked],
        "back": [one.back for one in solved.marked],
    }


def _plane(points: np.ndarray) -> dict[str, Any]:
    x, y = np.round(points.T, 3)
    return {"x": np.ascontiguousarray(x), "y": np.ascontiguousarray(y)}


@kept(8)
def _guides(drawn: Net) -> list[dict[str, Any]]:
    """All points are rounded together; each line is a stretch of them."""
    lines = guide_lines(drawn)
    points = np.concatenate([np.empty((0, 3)), *(line.points for line in lines)])
    x, y, z = np.ascontiguousarray(np.round(points, 3).T)
    found, begin = [], 0
    for line in lines:
        end = begin + len(line.points)
        own = {"x": x[begin:end], "y": y[begin:end], "z": z[begin:end]}
        found.append({"kind": line.what, "label": line.label, "closed": line.closed} | own)
        begin = end
    return found


def _motif(solved: Solved, places: Places) -> dict[str, Any]:
    """A motif as it is seen from its first place: how far it is to the border, how far it is painted, and its dots."""
    ident = places.motif.id
    own = [(index, row) for index, row in enumerate(solved.rows) if row.motif == ident and row.n]
    parts = [(solved.first[index], row.n, row.one) for index, row in own]
    numbers = [
        np.concatenate((first + np.arange(part.n), first + n + np.arange(len(part.grown.dots))))
        for first, n, part in parts
    ]
    dots = concat([part.dots for _, _, part in parts])
    return {
        "id": ident,
        "places": [{"x": round(place.spot.x, 3), "y": round(place.spot.y, 3)} for place in places.all],
        "limit": places.all[0].limit,
        "outer": max((row.one.outer for _, row in own), default=0.0),
        "seen": {
            "dot": np.concatenate([np.empty(0, int), *numbers]).astype(np.int32),
            "x": np.round(dots.x, 4),
            "y": np.round(dots.y, 4),
            "walk": np.round(dots.walk, 4),
        },
    }


def _verdict(verdict: Verdict) -> dict[str, Any]:
    """Without its ways: which of them are remedies is asked for when somebody looks."""
    return {name: value for name, value in vars(verdict).items() if name != "ways"}


def _row(solved: Solved, index: int) -> dict[str, Any]:
    row, near = solved.rows[index], solved.near[index]
    first = solved.first[index]
    return {
        "id": solved.piece.rows[index].id,
        "mark": solved.marks[index],
        "repeats": row.one.repeats,
        "places": row.n,
        "painted": row.total,
        "left_out": row.left_out,
        "depth": row.depth,
        "first": first,
        "diameters": row.diameters,
        "walk": row.walk,
        "inner": row.inner,
        "outer": row.outer,
        "clear": None if row.clear == inf else row.clear,
        "noroom": row.noroom,
        "remainder": row.remainder,
        "made": made_with(solved.rules[index], solved.piece),
        "begins": begins(solved.rules[index]),
        "lies": lies(solved.rules[index], row),
        "trims": trim_words(solved.rules[index]) if solved.rules[index].trims else [],
        "start": degrees(row.one.first_rad) % 360 if row.n else None,
        "near": {
            "clear": near.clear,
            "dot": first + near.dot,
            "other": solved.first[near.other_row] + near.other_dot,
        }
        if near
        else None,
    }


def _dots(solved: Solved) -> dict[str, Any]:
    dots = solved.dots
    columns: dict[str, Any] = {
        "x": np.round(dots.x, 4),
        "y": np.round(dots.y, 4),
        "r": np.round(dots.radius, 4),
        "row": dots.row,
        "place": dots.place,
        "member": dots.member,
        "tool": dots.tool,
        "level": dots.level,
        "shade": dots.shade,
        "hand": dots.hand,
        "trim": dots.trim,
        "below": dots.below,
    }
    if solved.normal is None:
        return columns
    nx, ny, nz = (np.ascontiguousarray(column) for column in np.round(solved.normal.T, 5))
    walk, z = np.round(dots.walk, 4), np.round(dots.z, 4)
    return columns | {"walk": walk, "z": z, "nx": nx, "ny": ny, "nz": nz}
