"""Rows along a curve of their own: places evenly spread on it, turned and mirrored."""

from typing import TYPE_CHECKING

import numpy as np

from ...dots.table import Array
from ...geometry.chain import Chain
from ...geometry.even import Curve, closed_places, cornered_places, open_places
from ...geometry.frames import line_above
from ..context import Context
from ..counts import repeats
from .placing import Places, copies, members, outward, pair_sums

if TYPE_CHECKING:
    from ...document.row import Row


def places_along(
    row: "Row",
    context: Context,
    plan: Array,
    closed: bool,
    count: int = 1,
    step_rad: float = 0.0,
    mirror_rad: float | None = None,
) -> Places | str:
    """Places at even straight-line distances along points in plan, shape (m, 2), `count` times round the centre.

    Says why when there are none.
    """
    line, walks = line_above(context.surface, plan[:, 0], plan[:, 1])
    if np.isnan(walks).any():
        return "the line runs off the blank"
    curve = Curve(line, closed)
    n = _count(row, curve)
    if n < 1:
        return "the line is too short for one dot"
    if closed and n > 2:
        s, _, off = closed_places(curve, pair_sums(row, n), 0.0)
    else:
        s, off = open_places(curve, n), 0.0
    points = curve(s)
    apart = np.linalg.norm(np.diff(points, axis=0), axis=1)
    off = max(off, float(np.ptp(apart))) if len(apart) and not closed else off
    clear = float((apart - pair_sums(row, n)[: len(apart)]).min(initial=np.inf))
    px, py, po = copies(points[:, 0], points[:, 1], outward(curve, s), count, step_rad, mirror_rad)
    return Places(px, py, po, np.tile(members(row, n), len(px) // n), count, clear, off=off)


def _count(row: "Row", curve: Curve) -> int:
    """Dots on one line: as the rule says, or as many as keep the gap."""
    if row.fit != "count":
        return repeats(row.count, 1) * len(row.pattern)
    mean = float(np.mean(row.sizes))
    return int(curve.length / (mean + row.gap) + 1e-9) + (0 if curve.closed else 1)


def cornered(row: "Row", curve: Curve, corners: Array, count: int | None) -> Chain:
    """Places with one on every corner; fitted, the pitch is widened until all neighbours keep the gap."""
    pitch = float(np.mean(row.sizes)) + row.gap
    for _ in range(40):
        s = cornered_places(curve, corners, pitch, count)
        apart = np.linalg.norm(np.diff(curve(np.concatenate((s, s[:1]))), axis=0), axis=1)
        gap = float((apart - pair_sums(row, len(s))).min())
        if count is not None or gap >= row.gap - 1e-9 or len(s) <= len(corners):
            break
        pitch *= 1.01
    return Chain(s, gap, 0.0)
