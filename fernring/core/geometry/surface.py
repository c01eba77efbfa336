"""Surfaces: where a walk distance and an angle lie in space.

Angles run clockwise from twelve o'clock, x to the right, y down, z up from the base edge.
"""

from math import asin, pi
from typing import NamedTuple, Protocol

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
Points = tuple[Array, Array, Array]


class Circle(NamedTuple):
    """All points at one walk distance of a surface of revolution: reach and height (mm). `side` is -1 where x runs the
    other way, on the back of a ball or egg: (side reach sin a, -reach cos a, z)."""

    reach: float
    z: float
    side: float = 1.0


class Surface(Protocol):
    """What the rows need to know of a relief.

    `rim` is the walk distance of the outline, of its furthest point where it is not round. On an *axisymmetric*
    surface (a surface of revolution) all points at one walk distance lie on a circle about the axis; only there is
    `walk` the inverse of `reach`. `widest` is the largest reach of an axisymmetric surface. `side` is -1 on the back
    of a ball or egg, where x runs the other way as seen from the front, else 1.
    """

    rim: float
    axisymmetric: bool
    widest: float
    side: float

    def longest_arc(self, chord: float) -> float:
        """The most that the walk distances of two points can differ when a straight line of this length joins them."""

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        """Distance from the axis, as seen from above (mm); arguments broadcast."""

    def circle(self, walk: float) -> Circle:
        """The ring at this walk distance. Surfaces of revolution only."""

    def walk(self, reach: float) -> float:
        """The walk distance with this reach (mm), the nearer one; infinite beyond the widest. Surfaces of revolution
        only.
        """

    def walk_to(self, reach: Array, angle_rad: Array) -> Array:
        """The walk distance at which this reach is met in this direction (mm); NaN where it never is."""

    def edge(self, angle_rad: Array) -> Array:
        """Walk distance of the outline in each direction (mm); a flat blank has its rim in all."""

    def points(self, walk: Array, angle_rad: Array) -> Points:
        """x, y, z (mm) of the points at these walk distances and angles, broadcast."""

    def normals(self, walk: Array, angle_rad: Array) -> Points:
        """Unit vectors perpendicular to the surface, pointing out of the blank."""

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        """Largest walk along each angle at which a point is exactly `distance` away in space.

        All arguments broadcast; NaN where the spoke passes the point by.
        """


def arc_over_chord(chord: float, radius: float) -> float:
    """Longest arc over a chord where no bend is tighter than this radius: 2R asin(c/2R)."""
    return 2 * radius * asin(chord / (2 * radius)) if chord < 2 * radius else pi / 2 * chord


class Plane:
    """A flat blank: reach equals walk, height is zero."""

    axisymmetric = True
    side = 1.0

    def __init__(self, rim: float) -> None:
        self.rim = rim
        self.widest = np.inf

    def longest_arc(self, chord: float) -> float:
        return chord

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        return walk + 0.0 * angle_rad

    def circle(self, walk: float) -> Circle:
        return Circle(walk, 0.0)

    def walk(self, reach: float) -> float:
        return reach

    def walk_to(self, reach: Array, angle_rad: Array) -> Array:
        return reach + 0.0 * angle_rad

    def edge(self, angle_rad: Array) -> Array:
        return np.full_like(angle_rad, self.rim)

    def points(self, walk: Array, angle_rad: Array) -> Points:
        x, y = walk * np.sin(angle_rad), -walk * np.cos(angle_rad)
        return x, y, np.zeros_like(x)

    def normals(self, walk: Array, angle_rad: Array) -> Points:
        up = np.ones_like(walk + angle_rad)
        return 0 * up, 0 * up, up

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        """w = p.u + sqrt(d^2 - (p x u)^2) with u the unit vector of the spoke: line meets circle."""
        sin, cos = np.sin(angle_rad), np.cos(angle_rad)
        along, aside = x * sin - y * cos, x * cos + y * sin
        room = distance * distance - aside * aside
        return along + np.sqrt(np.where(room >= 0, room, np.nan))
