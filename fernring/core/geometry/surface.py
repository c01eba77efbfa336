"""Surfaces: where a walk distance and an angle lie in space.

Angles run clockwise from twelve o'clock, x to the right, y down, z up from the base edge.
"""

from typing import Protocol

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]


class Surface(Protocol):
    """What the rows need to know of a relief. `rim` is the walk distance of the outline."""

    rim: float

    def reach(self, walk: float) -> float:
        """Distance from the axis, as seen from above (mm)."""

    def walk(self, reach: float) -> float:
        """The walk distance with this reach (mm)."""

    def points(self, walk: Array, angle_rad: Array) -> tuple[Array, Array, Array]:
        """x, y, z (mm) of the points at these walk distances and angles, same shape."""

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        """Largest walk along each angle at which a point is exactly `distance` away in space.

        All arguments broadcast; NaN where the spoke passes the point by.
        """


class Plane:
    """A flat blank: reach equals walk, height is nought."""

    def __init__(self, rim: float) -> None:
        self.rim = rim

    def reach(self, walk: float) -> float:
        return walk

    def walk(self, reach: float) -> float:
        return reach

    def points(self, walk: Array, angle_rad: Array) -> tuple[Array, Array, Array]:
        return walk * np.sin(angle_rad), -walk * np.cos(angle_rad), np.zeros_like(angle_rad)

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        """w = p.u + sqrt(d^2 - (p x u)^2) with u the unit vector of the spoke: line meets circle."""
        sin, cos = np.sin(angle_rad), np.cos(angle_rad)
        along, aside = x * sin - y * cos, x * cos + y * sin
        room = distance * distance - aside * aside
        return along + np.sqrt(np.where(room >= 0, room, np.nan))
