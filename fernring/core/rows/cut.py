"""Dots left out: those past the border of a row that carries on, and those on bare areas."""

from dataclasses import replace
from math import pi

import numpy as np

from ..document.region import BareArea
from ..document.row import Row
from ..dots.rings import dots_at
from ..dots.table import Array, Dots, Mask
from ..geometry.runs import round_runs
from ..regions.bare import visible
from ..regions.region import Region
from .context import Context
from .placed import PlacedRow
from .tracks import track_of
from .tracks.ring import carries_on

TOLERANCE = 1e-6
FINE = 1440  # points of a ring that are tried for the runs between bare areas


def cut(row: Row, placed: PlacedRow, context: Context) -> PlacedRow:
    """The row without the dots that may not be painted; blanks of the pattern go as well."""
    blanks = [k for k, member in enumerate(row.pattern) if member.form == "blank"]
    areas = (
        []
        if track_of(row.track).own_areas
        else [one for one in context.bare if one.bare and one.id not in row.track.about]
    )
    if not blanks and not carries_on(row.track) and not areas:
        return placed
    own = placed.own_dots
    keep = np.ones(placed.n, bool)
    if blanks:
        keep &= ~np.isin(own.member, blanks)
    if carries_on(row.track):
        keep &= _over(own, context) <= TOLERANCE
    for area in areas:
        region = visible(area, context.bare, context.site)
        if area.rows == "stop evenly" and placed.ring_like:
            placed = _stopped(placed, area, region, context)
            own = placed.own_dots
        inside = -region.signed_distance(*context.plan(own.x, own.y))
        edge = own.radius + area.gap if area.whole else np.zeros(placed.n)
        keep &= inside + edge <= TOLERANCE
    return placed if keep.all() else kept(placed, keep)


def _over(own: Dots, context: Context) -> Array:
    """How far dots pass the border line (mm)."""
    if context.stand is not None:
        return context.over(own.x, own.y, own.radius)
    return context.ground.over(own.walk, own.x, own.y, own.radius)


def kept(placed: PlacedRow, keep: Mask) -> PlacedRow:
    """Only some of the dots; places keep their numbers."""
    own = placed.own_dots.take(keep)
    numbers = np.arange(len(own))
    return replace(
        placed,
        own=own.replaced(dot=numbers, host=numbers, below=numbers),
        round=False,
        ring_rad=placed.own_dots.out_rad if placed.ring_rad is None else placed.ring_rad,
        left_out=placed.left_out + int((~keep).sum()),
        noroom="" if keep.any() else "every dot lies on a bare area or past the border",
    )


def _stopped(placed: PlacedRow, area: BareArea, region: Region, context: Context) -> PlacedRow:
    """Every run of dots between two edges of the area moved along its ring, so that both ends stop equally short."""
    fine = np.linspace(0, 2 * pi, FINE + 1)[:-1]
    x, y, _ = context.surface.points(np.full(FINE, placed.walk), fine)
    free = region.signed_distance(*context.plan(x, y)) >= 0
    if free.all() or not free.any():
        return placed
    own = placed.own_dots
    angle = own.out_rad.copy()
    margin = (float(own.radius.max()) + area.gap) / max(float(np.hypot(x[0], y[0])), 1e-9)
    step = fine[1]
    for run in round_runs(free):
        onward, length = (angle - fine[run[0]] + step / 2) % (2 * pi), len(run) * step
        within = np.flatnonzero((onward >= margin) & (onward <= length - margin))
        if len(within):
            angle[within] += (length - onward[within].min() - onward[within].max()) / 2
    moved = dots_at(context.surface, placed.walk, placed.diameters, angle)
    return replace(placed, own=moved, ring_rad=own.out_rad)
