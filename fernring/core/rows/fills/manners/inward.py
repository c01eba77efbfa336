"""Following the edge: line by line from the edge inward."""

from dataclasses import replace
from typing import TYPE_CHECKING

import numpy as np

from ....dots.table import Array
from ..pack import Key, Packed, Task, pack
from .manner import Manner

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry


def _fill(task: Task, _: float) -> Packed:
    return pack(replace(task, key=from_edge(task.area)))


def from_edge(area: "BaseGeometry") -> Key:
    """How far places lie inside the edge (mm)."""
    import shapely

    edge = shapely.boundary(area)
    shapely.prepare(edge)

    def key(places: Array) -> Array:
        return np.asarray(shapely.distance(edge, shapely.points(places)))

    return key


INWARD = Manner(id="inward", name="following the edge", fill=_fill, about="from the edge inward, the largest first")
