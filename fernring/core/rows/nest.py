"""Nesting: slide a row in from the edge until it first touches what is there, plus its gap."""

from collections.abc import Sequence
from math import pi

import numpy as np

from ..budget import spend
from ..dots.grid import expanded
from ..dots.table import Array, Dots, Whole
from ..geometry.surface import Surface
from ..geometry.turn import half_angle
from .placed import PlacedRow

FACED = 10  # work for a disc or spoke looked at
Facing = tuple[Whole | slice, Array, Array, Array, Array]


def nest_walk(
    surface: Surface, placed: Sequence[PlacedRow], angle_rad: Array, radius: Array, gap: float, floor: float
) -> float:
    """Walk distance of a nested row (mm): the largest contact of any of its dots, and at least `floor`.

    For a dot at angle a and each dot there: the larger solution of distance = r1 + r2 + gap along the spoke
    at a. `angle_rad` and `radius` need to cover one sector only where what is there repeats with it. Rows are tried
    from the outermost in; one that cannot reach past the best so far is passed over.
    """
    best = floor
    widest = float(radius.max()) + gap
    for row in sorted(placed, key=lambda row: row.outer, reverse=True):
        if row.outer - row.thickest + surface.longest_arc(row.thickest + widest) <= best:
            break
        dot, x, y, z, there = _facing(row, angle_rad, widest, surface.side)
        if len(x):
            walks = surface.contact_walk(angle_rad[dot], x, y, z, radius[dot] + there + gap)
            best = float(np.fmax.reduce(walks, axis=None, initial=best))
    return best


def _facing(row: PlacedRow, angle_rad: Array, widest: float, side: float) -> Facing:
    """Which of the angles may touch what: the number of each angle, and x, y, z and radius of the disc there.

    Of a bare ring of equal dots that is the nearest in angle: distance grows with the turn between two dots, whatever
    their walks, and so the largest walk at which they touch falls with it.
    """
    ring = row.ring
    if ring is None or len(ring.diameters) > 1:
        return beside_spokes(row.bodies, angle_rad, widest, side)
    turn = np.rint((angle_rad - ring.first_rad) / ring.pitch_rad) * ring.pitch_rad + ring.first_rad
    x, y = ring.circle.side * ring.circle.reach * np.sin(turn), -ring.circle.reach * np.cos(turn)
    return slice(None), x, y, np.array(ring.circle.z), np.array(ring.diameters[0] / 2)


def beside_spokes(bodies: Dots, angle_rad: Array, widest: float, side: float) -> Facing:
    """Every spoke with the discs that come so near to it: a disc at reach p that may be d away from the spoke is met
    from the angles within asin(d/p) of its own, or from all of them when it lies that close to the axis.

    Distance in space is never less than the distance aside, so no contact is missed; discs behind the axis that lie
    further off than d cannot be touched at all.
    """
    turn = angle_rad % (2 * pi)
    order = np.argsort(turn, kind="stable")
    spokes = turn[order]
    round_twice = np.concatenate((spokes - 2 * pi, spokes, spokes + 2 * pi))
    # 1. The angle at which each disc lies, and how far to either side it may be met.
    middle = np.arctan2(bodies.x * side, -bodies.y) % (2 * pi)
    reach, apart = np.hypot(bodies.x, bodies.y), bodies.radius + widest + 1e-9
    half = half_angle(reach, apart)
    # 2. The run of sorted spokes between, never more than once round.
    low = np.searchsorted(round_twice, middle - half - 1e-12, "left").astype(np.int32)
    high = np.searchsorted(round_twice, middle + half + 1e-12, "right").astype(np.int32)
    disc, k = expanded(low, np.minimum(high, low + len(spokes)))
    spend(FACED * (len(spokes) + len(middle) + len(disc)))
    dot = order[k % len(spokes)].astype(np.int32)
    return dot, bodies.x[disc], bodies.y[disc], bodies.z[disc], bodies.radius[disc]
