"""Nesting: slide a row in from the edge until it first touches what is there, plus its gap."""

from collections.abc import Sequence

import numpy as np

from ..geometry.surface import Array, Surface
from .placed import PlacedRow


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
        x, y, z, there = _facing(row, angle_rad)
        walks = surface.contact_walk(angle_rad[:, None], x, y, z, radius[:, None] + there + gap)
        best = float(np.fmax.reduce(walks, axis=None, initial=best))
    return best


def _facing(row: PlacedRow, angle_rad: Array) -> tuple[Array, Array, Array, Array]:
    """x, y, z and radius of what dots at these angles may touch first, to be broadcast with shape (n, 1).

    Of a bare ring of equal dots that is the nearest in angle: distance grows with the turn between two dots, whatever
    their walks, and so the largest walk at which they touch falls with it.
    """
    ring = row.ring
    if ring is None or len(ring.diameters) > 1:
        bodies = row.bodies
        return bodies.x, bodies.y, bodies.z, bodies.radius
    turn = np.rint((angle_rad - ring.first_rad) / ring.pitch_rad) * ring.pitch_rad + ring.first_rad
    circle = ring.circle
    x, y = circle.side * circle.reach * np.sin(turn), -circle.reach * np.cos(turn)
    return x[:, None], y[:, None], np.array(circle.z), np.array(ring.diameters[0] / 2)
