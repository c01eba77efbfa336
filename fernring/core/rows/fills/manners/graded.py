"""Graded: from large at one end of the area to small at the other."""

from dataclasses import replace

import numpy as np

from ....dots.table import Array, Mask
from ..pack import Packed, Task, pack
from .manner import Manner

OVER = 0.6  # of a band that the sizes on either side reach into


def _fill(task: Task, way: float) -> Packed:
    import shapely

    along = np.array([np.sin(way), -np.cos(way)])
    ends = shapely.get_coordinates(task.area) @ along
    low, high = float(ends.min()), float(ends.max())
    count = len(task.radii)

    def allowed(size: int, places: Array) -> Mask:
        """Within its own band and a part of those beside it; what is largest begins at the very end."""
        share = (places @ along - low) / max(high - low, 1e-9) * count
        return np.asarray((share >= size - OVER) & (share <= size + 1 + OVER))

    return pack(replace(task, allowed=allowed))


GRADED = Manner(
    id="graded",
    name="graded, large to small",
    fill=_fill,
    about="large at one end, small at the other",
    turned=True,
    symmetric=False,
)
