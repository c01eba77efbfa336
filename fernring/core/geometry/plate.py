"""A plate: a flat well and a rim that slopes up from it."""

from math import hypot

import numpy as np

from .surface import Array, Circle, Points


class Plate:
    """A flat well of radius `well` at height 0, then a straight rim sloping up by `rise` to the edge at `radius`."""

    axisymmetric = True
    side = 1.0

    def __init__(self, radius: float, well: float, rise: float) -> None:
        self.well = well
        slant = hypot(radius - well, rise)
        self.rim = well + slant
        self.widest = radius
        self._bent = slant / (radius - well)
        self._out, self._up = (radius - well) / slant, rise / slant

    def longest_arc(self, chord: float) -> float:
        return chord * self._bent

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        on_rim = np.maximum(walk - self.well, 0.0)
        return np.asarray(np.minimum(walk, self.well) + on_rim * self._out + 0.0 * angle_rad)

    def circle(self, walk: float) -> Circle:
        on_rim = max(walk - self.well, 0.0)
        return Circle(min(walk, self.well) + on_rim * self._out, on_rim * self._up)

    def walk(self, reach: float) -> float:
        return reach if reach <= self.well else self.well + (reach - self.well) / self._out

    def walk_to(self, reach: Array, angle_rad: Array) -> Array:
        beyond = np.maximum(reach - self.well, 0.0)
        return np.asarray(np.minimum(reach, self.well) + beyond / self._out + 0.0 * angle_rad)

    def edge(self, angle_rad: Array) -> Array:
        return np.full_like(angle_rad, self.rim)

    def points(self, walk: Array, angle_rad: Array) -> Points:
        reach = self.reach(walk, angle_rad)
        z = np.maximum(walk - self.well, 0.0) * self._up
        x = reach * np.sin(angle_rad)
        return x, -reach * np.cos(angle_rad), z + 0.0 * x

    def normals(self, walk: Array, angle_rad: Array) -> Points:
        on_rim = np.asarray(walk + 0.0 * angle_rad) > self.well
        out, up = np.where(on_rim, -self._up, 0.0), np.where(on_rim, self._out, 1.0)
        return out * np.sin(angle_rad), -out * np.cos(angle_rad), up

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        """A line meets a sphere, once on the rim's slope and once in the well; the larger that lies on its part."""
        sin_a, cos_a = np.sin(angle_rad), np.cos(angle_rad)
        along, aside = x * sin_a - y * cos_a, x * cos_a + y * sin_a
        middle = (along - self.well) * self._out + z * self._up
        off = -(along - self.well) * self._up + z * self._out
        sloped = self.well + middle + _root(distance**2 - aside**2 - off**2)
        level = along + _root(distance**2 - aside**2 - z**2)
        return np.asarray(np.where(sloped >= self.well, sloped, np.where(level <= self.well, level, np.nan)))


def _root(square: Array) -> Array:
    return np.asarray(np.sqrt(np.where(square >= 0, square, np.nan)))
