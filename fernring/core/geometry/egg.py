"""Half an egg: half an ellipsoid, walked by arc length."""

from bisect import bisect_right
from math import asin, atan2, cos, hypot, inf, nan, pi, sin, sqrt

import numpy as np

from .surface import Array, Circle, Points, arc_over_chord

SAMPLES = 4096
NEWTON = 7
FEW = 16


class HalfEgg:
    """Half an ellipsoid, walked from its pole to its widest circle by numerical arc length.

    The profile is (a sin t, b cos t) for t from 0 (pole) to pi/2; t(walk) is tabulated, with its exact slope
    1/sqrt(a² cos² t + b² sin² t), and read by cubic Hermite interpolation. z is counted from the widest circle.
    """

    axisymmetric = True
    side = 1.0

    def __init__(self, half_width: float, half_length: float) -> None:
        self.a, self.b = half_width, half_length
        t = np.linspace(0, pi / 2, SAMPLES + 1)
        speed = np.hypot(half_width * np.cos(t), half_length * np.sin(t))
        half = (t[1:] + t[:-1]) / 2
        middle = np.hypot(half_width * np.cos(half), half_length * np.sin(half))
        self._step: float = float(t[1])
        pieces = self._step / 6 * (speed[1:] + 4 * middle + speed[:-1])
        self._table: Array = np.concatenate(([0.0], np.cumsum(pieces)))
        self._walks: list[float] = [float(walk) for walk in self._table]
        self.widest = half_width
        self._tightest = min(half_width**2 / half_length, half_length**2 / half_width)
        self.rim = self._walks[-1]

    def longest_arc(self, chord: float) -> float:
        return arc_over_chord(chord, self._tightest)

    def _at(self, walk: Array) -> Array:
        """t at a walk distance; beyond the widest circle it runs on at the slope there. Rings ask for one walk."""
        w = np.asarray(walk, float)
        if w.size == 1 or (w.size and (w == w.flat[0]).all()):
            return np.full(w.shape, self._t_at(float(w.flat[0])))
        return self._t_of(w)

    def _t_at(self, walk: float) -> float:
        if walk >= self.rim:
            return pi / 2 + (walk - self.rim) / self.b
        k = max(bisect_right(self._walks, walk) - 1, 0)
        h, t0, t1 = self._walks[k + 1] - self._walks[k], k * self._step, (k + 1) * self._step
        u = (walk - self._walks[k]) / h
        m0, m1 = h / self._speed(t0), h / self._speed(t1)
        near = (1 - u) ** 2 * ((1 + 2 * u) * t0 + u * m0)
        return near + u * u * ((3 - 2 * u) * t1 - (1 - u) * m1)

    def _t_of(self, walk: Array) -> Array:
        """As _t_at, of many walks at once."""
        k = np.clip(np.searchsorted(self._table, walk, "right") - 1, 0, SAMPLES - 1)
        h = self._table[k + 1] - self._table[k]
        t0: Array = np.asarray(k * self._step)
        t1 = t0 + self._step
        u = (walk - self._table[k]) / h
        m0, m1 = h / self._speeds(t0), h / self._speeds(t1)
        near = (1 - u) ** 2 * ((1 + 2 * u) * t0 + u * m0) + u * u * ((3 - 2 * u) * t1 - (1 - u) * m1)
        return np.asarray(np.where(walk >= self.rim, pi / 2 + (walk - self.rim) / self.b, near))

    def _speeds(self, t: Array) -> Array:
        return np.asarray(np.hypot(self.a * np.cos(t), self.b * np.sin(t)))

    def _walk_to_t(self, t: float) -> float:
        """Arc length from the pole: the table's value plus Simpson's rule over the rest of the step."""
        if t < 0 or t > pi / 2:
            return t * self.a if t < 0 else self.rim + (t - pi / 2) * self.b
        k = min(int(t / self._step), SAMPLES - 1)
        t0 = k * self._step
        middle = self._speed((t + t0) / 2)
        return self._walks[k] + (t - t0) / 6 * (self._speed(t0) + 4 * middle + self._speed(t))

    def _speed(self, t: float) -> float:
        return hypot(self.a * cos(t), self.b * sin(t))

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        return np.asarray(self.a * np.sin(self._at(walk)) + 0.0 * angle_rad)

    def circle(self, walk: float) -> Circle:
        t = self._t_at(walk)
        return Circle(self.a * sin(t), self.b * cos(t))

    def walk(self, reach: float) -> float:
        return self._walk_to_t(asin(min(reach / self.a, 1.0))) if reach <= self.a * (1 + 1e-12) else inf

    def walk_to(self, reach: Array, angle_rad: Array) -> Array:
        share = np.asarray(reach / self.a + 0.0 * angle_rad)
        t = np.arcsin(np.where(share <= 1, share, np.nan))
        return self._walks_at(t)

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
        """Newton: the distance grows along the meridian once its nearest place is passed.

        Only points whose distance aside leaves room are followed.
        """
        sin_a, cos_a = np.sin(angle_rad), np.cos(angle_rad)
        aside = x * cos_a + y * sin_a
        along, up, room = np.broadcast_arrays(x * sin_a - y * cos_a, z, distance * distance - aside * aside)
        if room.size <= FEW:
            points = zip(along.ravel().tolist(), up.ravel().tolist(), room.ravel().tolist(), strict=True)
            return np.array([self._beyond_at(*point) for point in points]).reshape(room.shape)
        found = np.full(room.shape, np.nan)
        meets = room >= 0
        if meets.any():
            found[meets] = self._beyond(along[meets], up[meets], room[meets])
        return found

    def _beyond_at(self, along: float, up: float, room: float) -> float:
        """Walk of the outer place of the meridian whose squared distance from (along, up) is `room`; NaN for none."""
        if room < 0:
            return nan
        a, b = self.a, self.b
        near = atan2(max(along, 0.0) * b, max(up, 1e-12) * a)
        t = near + (sqrt(room) + 1e-9) / self._speed(near)
        for _ in range(NEWTON):
            sin_t, cos_t = sin(t), cos(t)
            out, rise = a * sin_t - along, b * cos_t - up
            miss = out * out + rise * rise - room
            before, t = t, max(t - miss / max(2 * (out * a * cos_t - rise * b * sin_t), 1e-9), near)
            if abs(t - before) < 1e-9:
                break
        return self._walk_to_t(t) if abs(miss) < 1e-7 * max(room, 1e-3) else nan

    def _beyond(self, along: Array, up: Array, room: Array) -> Array:
        """As _beyond_at, of many points at once."""
        a, b = self.a, self.b
        near = np.arctan2(np.maximum(along, 0) * b, np.maximum(up, 1e-12) * a)
        t = near + (np.sqrt(room) + 1e-9) / np.hypot(a * np.cos(near), b * np.sin(near))
        for _ in range(NEWTON):
            sin_t, cos_t = np.sin(t), np.cos(t)
            out, rise = a * sin_t - along, b * cos_t - up
            miss = out * out + rise * rise - room
            step = miss / np.maximum(2 * (out * a * cos_t - rise * b * sin_t), 1e-9)
            before, t = t, np.maximum(t - step, near)
            if np.abs(t - before).max() < 1e-9:
                break
        met = np.abs(miss) < 1e-7 * np.maximum(room, 1e-3)
        return np.where(met, self._walks_at(t), np.nan)

    def _walks_at(self, t: Array) -> Array:
        """As _walk_to_t, of many places at once; NaN stays NaN. A few are quicker one by one."""
        if t.size <= FEW and not np.isnan(t).any():
            return np.fromiter(map(self._walk_to_t, t.ravel().tolist()), float, t.size).reshape(t.shape)
        k = np.clip(np.nan_to_num(t) // self._step, 0, SAMPLES - 1).astype(np.intp)
        t0: Array = np.asarray(k * self._step)
        middle = self._speeds((t + t0) / 2)
        inside = self._table[k] + (t - t0) / 6 * (self._speeds(t0) + 4 * middle + self._speeds(t))
        beyond = np.where(t < 0, t * self.a, self.rim + (t - pi / 2) * self.b)
        return np.where((t < 0) | (t > pi / 2), beyond, inside)
