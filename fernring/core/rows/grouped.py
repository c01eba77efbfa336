"""Every place of a row turned into its group of dots."""

from dataclasses import replace

import numpy as np

from ..document.row import Row
from ..dots.rings import own_dots
from ..geometry.frames import beside
from .context import Context
from .groups import offsets
from .placed import PlacedRow


def grouped(row: Row, placed: PlacedRow, context: Context) -> PlacedRow:
    """The row with a group at each place; without a group as it is."""
    if row.group is None or not placed.n:
        return placed
    own = placed.own_dots
    each = [offsets(row.group, 2 * size, row.gap) for size in own.radius.tolist()]
    at = np.repeat(np.arange(placed.n), [len(group) for group in each])
    right, out, diameter = (np.array(column) for column in zip(*(dot for group in each for dot in group), strict=True))
    x, y, outward = own.x[at], own.y[at], own.out_rad[at]
    angle = outward if placed.round else np.arctan2(x * context.surface.side, -y)
    points, walks, outs = beside(context.surface, own.walk[at], angle, x, y, outward, right, out)
    return replace(
        placed,
        own=own_dots(*points, diameter / 2, walks, outs, own.member[at], own.place[at]),
        round=False,
        ring_rad=own.out_rad if placed.ring_rad is None else placed.ring_rad,
    )
