"""Straight lines across the blank, repeated at even spacing and cut by the border."""

from math import cos, radians, sin

import numpy as np

from ...document.row import Row
from ...document.track import LineTrack
from ...geometry.surface import Array
from ..context import Context
from ..placed import PlacedRow, unplaced
from .placing import Places, row_on

MOST_A_LINE = 2000


def solve_line(row: Row, index: int, context: Context) -> PlacedRow:
    """Dots keep the gap along each line, counted from its middle; a row "in the dips" shifts every second line.

    Dots that would meet what lies there already are left out, as if the line passed under it.

    Common practice: lines are drawn across and dots threaded on them.
    """
    track = row.track
    assert isinstance(track, LineTrack)
    way = radians(track.angle) + context.turn_rad
    along, aside = np.array([sin(way), -cos(way)]), np.array([cos(way), sin(way)])
    found: list[tuple[Array, np.ndarray]] = []
    half = float(np.hypot(*context.ground.outline.T).max())
    for k in range(track.lines):
        shift = (k - (track.lines - 1) / 2) * track.spacing
        t, member = _threaded(row, half, k)
        points = shift * aside + t[:, None] * along
        radius = np.asarray(row.sizes)[member] / 2
        inside = (context.over(points[:, 0], points[:, 1], radius) <= 1e-6) & _free(context, points, radius + row.gap)
        found.append((points[inside], member[inside]))
    points, member = (np.concatenate(part) for part in zip(*found, strict=True))
    if not len(points):
        return unplaced(row, index, "no line crosses the painted area")
    out = np.full(len(points), way)
    return row_on(row, index, context, Places(points[:, 0], points[:, 1], out, member, 1, row.gap))


def _free(context: Context, points: Array, reach: Array) -> np.ndarray:
    """Whether each place is clear of what lies there already; lines pass under other rows."""
    free = np.ones(len(points), bool)
    for placed in context.placed:
        there = placed.bodies
        apart = np.hypot(points[:, :1] - there.x, points[:, 1:] - there.y) - there.radius
        free &= apart.min(axis=1) >= reach - 1e-9
    return free


def _threaded(row: Row, half: float, line: int) -> tuple[Array, np.ndarray]:
    """Distances from a line's middle, and the members there, out to `half` on both sides."""
    sizes = row.sizes
    period = sum(sizes) + len(sizes) * row.gap
    turns = int(half / period) + 2
    steps = [(a + b) / 2 + row.gap for a, b in zip(sizes, sizes[1:] + sizes[:1], strict=True)]
    once = np.concatenate(([0.0], np.cumsum(steps)[:-1]))
    t = (np.arange(-turns, turns + 1)[:, None] * period + once).ravel()
    member = np.tile(np.arange(len(sizes)), 2 * turns + 1)
    shift = {"between": steps[0] / 2, "offset": steps[0] / 2 if line % 2 else 0.0}.get(row.start.kind, 0.0)
    keep = np.flatnonzero(np.abs(t + shift) <= half)[:MOST_A_LINE]
    return np.asarray(t[keep] + shift), member[keep]
