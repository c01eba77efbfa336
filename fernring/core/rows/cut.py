"""Dots left out: those past the border of a row that carries on, and those on bare areas."""

from dataclasses import replace
from math import pi

import numpy as np
from numpy.typing import NDArray

from ..document.bare import BareArea, BareBand, BareDisc
from ..document.row import Row
from ..geometry.outline.polygon import contains, distance_to_edges
from ..geometry.runs import round_runs
from ..geometry.surface import Array
from .context import Context
from .own import DotsAt, dots_at
from .placed import PlacedRow

Mask = NDArray[np.bool_]
TOLERANCE = 1e-6


def cut(row: Row, placed: PlacedRow, context: Context) -> PlacedRow:
    """The row without the dots that may not be painted; blanks of the pattern go as well."""
    blanks = [k for k, member in enumerate(row.pattern) if member.form == "blank"]
    carries_on = row.track.kind == "ring" and row.track.beyond == "carry on"
    if not blanks and not carries_on and not context.bare:
        return placed
    keep = np.ones(placed.n, bool)
    if blanks:
        keep &= ~np.isin(placed.member, blanks)
    if carries_on:
        keep &= context.ground.over(placed.walk_each, placed.x, placed.y, placed.radius) <= TOLERANCE
    moved = placed
    for area in context.bare:
        if area.rows == "stop evenly" and placed.ring_like:
            moved = _stopped(moved, area, context)
        inside = past(area, moved.x, moved.y, moved.walk_each)
        edge = moved.radius + area.gap if area.whole else np.zeros(moved.n)
        keep &= inside + edge <= TOLERANCE
    return moved if keep.all() else kept(moved, keep)


def kept(placed: PlacedRow, keep: Mask) -> PlacedRow:
    """Only some of the dots; places keep their numbers."""
    place = np.arange(placed.n) if placed.place is None else placed.place
    ring = placed.angle_rad if placed.ring_rad is None else placed.ring_rad
    return replace(
        placed,
        own=DotsAt(
            placed.angle_rad[keep],
            placed.x[keep],
            placed.y[keep],
            placed.z[keep],
            placed.radius[keep],
            placed.member[keep],
            placed.walk_each[keep],
        ),
        place=place[keep],
        ring_rad=ring,
        left_out=placed.left_out + int((~keep).sum()),
        noroom="" if keep.any() else "every dot lies on a bare area or past the border",
    )


def past(area: BareArea, x: Array, y: Array, walk: Array) -> Array:
    """How far each point lies inside the area (mm, negative outside)."""
    shape = area.area
    if isinstance(shape, BareDisc):
        return np.asarray(shape.diameter / 2 - np.hypot(x - shape.x, y - shape.y))
    if isinstance(shape, BareBand):
        return np.minimum(walk - shape.inner, shape.outer - walk)
    corners = np.stack((np.asarray(shape.x), np.asarray(shape.y)), axis=1)
    away = distance_to_edges(corners, x, y)
    return np.where(contains(corners, x, y), away, -away)


def _stopped(placed: PlacedRow, area: BareArea, context: Context) -> PlacedRow:
    """Every run of dots between two edges of the area moved along its ring, so that both ends stop equally short."""
    fine = np.linspace(0, 2 * pi, 1441)[:-1]
    x, y, _ = context.surface.points(np.full(1440, placed.walk), fine)
    free = past(area, x, y, np.full(1440, placed.walk)) <= 0
    if free.all() or not free.any():
        return placed
    angle = placed.angle_rad.copy()
    margin = (float(placed.radius.max()) + area.gap) / max(float(np.hypot(x[0], y[0])), 1e-9)
    step = fine[1]
    for run in round_runs(free):
        onward, length = (angle - fine[run[0]] + step / 2) % (2 * pi), len(run) * step
        within = np.flatnonzero((onward >= margin) & (onward <= length - margin))
        if len(within):
            angle[within] += (length - onward[within].min() - onward[within].max()) / 2
    own = dots_at(context.surface, placed.walk, placed.diameters, angle)
    return replace(placed, own=own, ring_rad=placed.angle_rad)
