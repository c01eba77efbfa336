"""Surfaces of revolution with a profile of their own: the two halves of an egg, and a plate with a rim."""

from math import hypot, inf

import numpy as np

from .surface import Array, Points

SAMPLES = 4096
NEWTON = 12


class HalfEgg:
    """Half an ellipsoid, walked from its pole to its widest circle by numerical arc length.

    The profile is (a sin t, b cos t) for t from 0 (pole) to pi/2; t(walk) is tabulated, with its exact slope
    1/sqrt(a² cos² t + b² sin² t), and read by cubic Hermite interpolation. z is counted from the widest circle.
    """

    even = True
    slack = np.pi / 2

    def __init__(self, half_width: float, half_length: float) -> None:
        self.a, self.b = half_width, half_length
        t = np.linspace(0, np.pi / 2, SAMPLES + 1)
        middle = (t[1:] + t[:-1]) / 2
        step = t[1] - t[0]
        pieces = step / 6 * (self._speed(t[1:]) + 4 * self._speed(middle) + self._speed(t[:-1]))
        self._walks = np.concatenate(([0.0], np.cumsum(pieces)))
        self._t = t
        self.widest = half_width
        self.rim = float(self._walks[-1])

    def _speed(self, t: Array) -> Array:
        return np.asarray(np.hypot(self.a * np.cos(t), self.b * np.sin(t)))

    def _at(self, walk: Array) -> Array:
        """t at a walk distance; beyond the widest circle it runs on at the slope there."""
        w = np.asarray(walk, float)
        k = np.clip(np.searchsorted(self._walks, w, side="right") - 1, 0, SAMPLES - 1)
        w0, w1, t0, t1 = self._walks[k], self._walks[k + 1], self._t[k], self._t[k + 1]
        h = w1 - w0
        u = (w - w0) / h
        m0, m1 = h / self._speed(t0), h / self._speed(t1)
        inside = (1 + 2 * u) * (1 - u) ** 2 * t0 + u * (1 - u) ** 2 * m0 + u**2 * (3 - 2 * u) * t1 - u**2 * (1 - u) * m1
        return np.asarray(np.where(w <= self.rim, inside, np.pi / 2 + (w - self.rim) / self.b))

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        return np.asarray(self.a * np.sin(self._at(walk)) + 0.0 * angle_rad)

    def walk(self, reach: float) -> float:
        if reach > self.a * (1 + 1e-12):
            return inf
        return float(self.walk_to(np.array([min(reach, self.a)]), np.zeros(1))[0])

    def walk_to(self, reach: Array, angle_rad: Array) -> Array:
        """Arc length at t = asin(reach/a): the table's value plus Simpson's rule over the rest of the step."""
        share = np.asarray(reach / self.a + 0.0 * angle_rad)
        t = np.arcsin(np.where(share <= 1, share, np.nan))
        k = np.clip(np.floor(np.nan_to_num(t) / self._t[1]).astype(int), 0, SAMPLES - 1)
        t0 = self._t[k]
        rest = (t - t0) / 6 * (self._speed(t0) + 4 * self._speed((t + t0) / 2) + self._speed(t))
        return np.asarray(self._walks[k] + rest)

    def edge(self, angle_rad: Array) -> Array:
        return np.full_like(angle_rad, self.rim)

    def points(self, walk: Array, angle_rad: Array) -> Points:
        t = self._at(walk)
        reach = self.a * np.sin(t)
        x, y = reach * np.sin(angle_rad), -reach * np.cos(angle_rad)
        return x, y, self.b * np.cos(t) + 0.0 * x

    def normals(self, walk: Array, angle_rad: Array) -> Points:
        t = self._at(walk)
        out, up = self.b * np.sin(t), self.a * np.cos(t)
        size = np.hypot(out, up)
        x, y = out / size * np.sin(angle_rad), -out / size * np.cos(angle_rad)
        return x, y, up / size + 0.0 * x

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        """Newton from beyond: the distance grows along the meridian once its nearest place is passed.

        Only points whose distance aside leaves room are followed.
        """
        sin_a, cos_a = np.sin(angle_rad), np.cos(angle_rad)
        along, aside, up, far = np.broadcast_arrays(x * sin_a - y * cos_a, x * cos_a + y * sin_a, z, distance)
        room = far * far - aside * aside
        found = np.full(room.shape, np.nan)
        meets = room >= 0
        if meets.any():
            found[meets] = self._beyond(along[meets], up[meets], room[meets])
        return found

    def _beyond(self, along: Array, up: Array, room: Array) -> Array:
        """Walk of the outer place of the meridian whose squared distance from (along, up) is `room`."""
        near = np.clip(np.arctan2(np.maximum(along, 0) * self.b, np.maximum(up, 1e-12) * self.a), 0, np.pi / 2)
        t = near + np.sqrt(room) / min(self.a, self.b) + 1e-6
        for _ in range(NEWTON):
            out, rise = self.a * np.sin(t) - along, self.b * np.cos(t) - up
            slope = 2 * (out * self.a * np.cos(t) - rise * self.b * np.sin(t))
            step = np.where(slope > 1e-12, (out * out + rise * rise - room) / np.where(slope > 1e-12, slope, 1.0), 0.0)
            t = np.maximum(t - step, near - 0.5)
            if float(np.abs(step).max()) < 1e-13:
                break
        out, rise = self.a * np.sin(t) - along, self.b * np.cos(t) - up
        met = np.abs(out * out + rise * rise - room) < 1e-7 * np.maximum(room, 1e-3)
        return np.asarray(np.where(met, self._walk_at(t), np.nan))

    def _walk_at(self, t: Array) -> Array:
        inside = self.walk_to(self.a * np.sin(np.clip(t, 0, np.pi / 2)), np.zeros_like(t))
        past = np.maximum(t - np.pi / 2, 0) * self.b
        return np.asarray(np.where(t < 0, t * self.a, inside) + past)


class Plate:
    """A flat well of radius `well` at height 0, then a straight rim sloping up by `rise` to the edge at `radius`."""

    even = True

    def __init__(self, radius: float, well: float, rise: float) -> None:
        self.well = well
        slant = hypot(radius - well, rise)
        self.rim = well + slant
        self.widest = radius
        self.slack = slant / (radius - well)
        self._out, self._up = (radius - well) / slant, rise / slant

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        on_rim = np.maximum(walk - self.well, 0.0)
        return np.asarray(np.minimum(walk, self.well) + on_rim * self._out + 0.0 * angle_rad)

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
