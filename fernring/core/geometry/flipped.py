"""The other half of a ball or egg: a surface turned over about the y axis."""

import numpy as np

from .surface import Array, Circle, Points, Surface


class Flipped:
    """The points of `surface`, turned by half a turn about the y axis: x and z change sign.

    Angles stay clockwise as seen by someone who looks at this half's pole.
    """

    side = -1.0

    def __init__(self, surface: Surface) -> None:
        self.other = surface
        self.rim, self.axisymmetric = surface.rim, surface.axisymmetric
        self.widest = surface.widest

    def longest_arc(self, chord: float) -> float:
        return self.other.longest_arc(chord)

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        return self.other.reach(walk, angle_rad)

    def circle(self, walk: float) -> Circle:
        reach, z, side = self.other.circle(walk)
        return Circle(reach, -z, -side)

    def walk(self, reach: float) -> float:
        return self.other.walk(reach)

    def walk_to(self, reach: Array, angle_rad: Array) -> Array:
        return self.other.walk_to(reach, angle_rad)

    def edge(self, angle_rad: Array) -> Array:
        return self.other.edge(angle_rad)

    def points(self, walk: Array, angle_rad: Array) -> Points:
        x, y, z = self.other.points(walk, angle_rad)
        return -x, y, -z

    def normals(self, walk: Array, angle_rad: Array) -> Points:
        x, y, z = self.other.normals(walk, angle_rad)
        return -x, y, -z

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        return self.other.contact_walk(angle_rad, -x, y, -np.asarray(z), distance)
