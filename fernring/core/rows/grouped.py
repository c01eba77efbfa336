"""Every place of a row turned into its group of dots."""

from dataclasses import replace

import numpy as np

from ..document.row import Row
from ..geometry.frames import beside
from .context import Context
from .groups import offsets
from .own import DotsAt
from .placed import PlacedRow


def grouped(row: Row, placed: PlacedRow, context: Context) -> PlacedRow:
    """The row with a group at each place; without a group as it is."""
    if row.group is None or not placed.n:
        return placed
    own, u, v, radius = [], [], [], []
    for k, size in enumerate(placed.radius.tolist()):
        for right, out, diameter in offsets(row.group, 2 * size, row.gap):
            own.append(k)
            u.append(right)
            v.append(out)
            radius.append(diameter / 2)
    at = np.array(own)
    x, y = placed.x[at], placed.y[at]
    angle = np.arctan2(x, -y) if placed.walks is not None else placed.angle_rad[at]
    points, walks, outs = beside(
        context.surface, placed.walk_each[at], angle, x, y, placed.angle_rad[at], np.array(u), np.array(v)
    )
    return replace(
        placed,
        own=DotsAt(outs, *points, np.array(radius), placed.member[at], walks),
        place=at,
        ring_rad=placed.angle_rad if placed.ring_rad is None else placed.ring_rad,
    )
