"""A plan as JSON columns, for the screen. Positions are rounded to 0.0001 mm."""

from dataclasses import asdict
from math import inf
from typing import Any

import numpy as np
import orjson

from ..core.laid import Laid
from ..core.plan import Plan

_OPTIONS = orjson.OPT_SERIALIZE_NUMPY


def plan_bytes(plan: Plan) -> bytes:
    """The whole plan. Arrays go out as columns; `z` is left out when the blank is flat."""
    return orjson.dumps(plan_object(plan), option=_OPTIONS)


def plan_object(plan: Plan) -> dict[str, Any]:
    laid = plan.laid
    return {
        "rim": laid.context.surface.rim,
        "limit": laid.context.limit,
        "rows": [_row(laid, index) for index in range(len(laid.rows))],
        "shades": [{"name": s.name, "colour": s.colour, "finish": s.finish} for s in laid.shades],
        "ramps": laid.ramps,
        "dots": _dots(plan),
        "spokes": drawn_spokes(laid),
        "circles": [{"id": c.id, "reach": laid.context.surface.reach(c.walk)} for c in laid.piece.guides.circles],
        "verdicts": [asdict(verdict) | {"remedies": _remedies(verdict)} for verdict in plan.verdicts],
        "totals": asdict(plan.totals),
    }


def _remedies(verdict: Any) -> list[dict[str, Any]]:
    return [
        {"label": r.label, "action": r.action, "changes": [c.model_dump() for c in r.changes]} for r in verdict.remedies
    ]


def _row(laid: Laid, index: int) -> dict[str, Any]:
    row, near = laid.rows[index], laid.near[index]
    first = laid.dots.first[index]
    return {
        "id": laid.piece.rows[index].id,
        "mark": laid.marks[index],
        "repeats": row.repeats,
        "places": len(row.x),
        "first": first,
        "diameters": row.diameters,
        "walk": row.walk,
        "inner": row.inner,
        "outer": row.outer,
        "clear": None if row.clear == inf else row.clear,
        "noroom": row.noroom,
        "start": float(np.degrees(row.angle_rad[0]) % 360) if len(row.x) else None,
        "near": {
            "clear": near.clear,
            "dot": first + near.place,
            "other": laid.dots.first[near.other_row] + near.other_place,
        }
        if near
        else None,
    }


def _dots(plan: Plan) -> dict[str, Any]:
    dots = plan.dots
    columns: dict[str, Any] = {
        "x": np.round(dots.x, 4),
        "y": np.round(dots.y, 4),
        "r": np.round(dots.radius, 4),
        "row": dots.row,
        "place": dots.place,
        "level": dots.level,
        "shade": dots.shade,
        "hand": dots.hand,
    }
    return columns if dots.flat else columns | {"z": np.round(dots.z, 4)}


def drawn_spokes(laid: Laid) -> list[float]:
    """Angles (degrees) of the spokes that are drawn."""
    n, drawn = laid.piece.segments, laid.piece.guides.spokes
    every = {"all": 1, "every second": 2, "first cross": max(n // 4, 1), "none": n + 1}[drawn]
    count = range(0, n, every) if every <= n else range(0)
    return [(laid.piece.turn + k * 360 / n) % 360 for k in count]
