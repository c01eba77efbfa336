"""On a lattice: the largest in straight lines, beside each other or each line half a step on; the others between."""

from collections.abc import Callable
from dataclasses import replace

import numpy as np

from ....geometry.lattice import SLANTED as HIGH
from ....geometry.lattice import lattice_about
from ..pack import Packed, Task, pack
from .manner import Manner

NEVER = 1e-6  # mm by which neighbours are further apart than they touch


def _laid(shift: float, high: float) -> Callable[[Task, float], Packed]:
    """Lines `high` steps apart, each moved on by a share of a step."""

    def fill(task: Task, way: float) -> Packed:
        left, top, right, bottom = task.area.bounds
        apart = 2 * task.radii[0] + task.gap + NEVER
        reach = int(np.hypot(right - left, bottom - top) / apart) + 2
        turn = np.array([[np.cos(way), np.sin(way)], [-np.sin(way), np.cos(way)]])
        places = lattice_about(reach, apart, shift, high) @ turn
        return pack(replace(task, begun=places + np.array([left + right, top + bottom]) / 2))

    return fill


SQUARE = Manner(
    id="square",
    name="square lattice",
    fill=_laid(0.0, 1.0),
    about="the largest on a square lattice, then between them",
    turned=True,
    symmetric=False,
)
SLANTED = Manner(
    id="slanted",
    name="slanted lattice",
    fill=_laid(0.5, HIGH),
    about="the largest on a slanted lattice, then between them",
    turned=True,
    symmetric=False,
)
