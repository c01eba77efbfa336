"""Even spacing along lines in space: equal straight-line distances between neighbours."""

from itertools import pairwise

import numpy as np

from ..budget import spend
from .chain import Chain, closed_chain
from .surface import Array

ROUNDS = 60
SHARP = np.radians(25)


class Curve:
    """A polyline with points (n, 3) or (n, 2), measured along itself; closed when its last point joins the first."""

    def __init__(self, points: Array, closed: bool) -> None:
        spend(5000 + 30 * len(points))
        self.points = np.concatenate((points, points[:1])) if closed else points
        self.closed = closed
        ahead = np.diff(self.points, axis=0)
        self.at = np.concatenate(([0.0], np.cumsum(np.linalg.norm(ahead, axis=1))))
        self.length = float(self.at[-1])
        self.directions = ahead / np.maximum(np.diff(self.at), 1e-300)[:, None]

    def __call__(self, s: Array) -> Array:
        """Points at these lengths along the curve, shape (m, 3) or (m, 2)."""
        along = np.mod(s, self.length) if self.closed else np.clip(s, 0, self.length)
        step = np.minimum(self.at.searchsorted(along, "right") - 1, len(self.directions) - 1)
        found = self.directions.take(step, axis=0)
        found *= (along - self.at.take(step))[:, None]
        found += self.points.take(step, axis=0)
        return found

    @property
    def narrowed(self) -> "Curve":
        """The curve without its third coordinate, where that is the same all along: distances along it are the same."""
        if np.ptp(self.points[:, 2]) > 0:
            return self
        return Curve(np.ascontiguousarray(self.points[: -1 if self.closed else None, :2]), self.closed)

    def corners(self) -> Array:
        """Lengths at which a closed curve turns sharply."""
        if not self.closed:
            return np.empty(0)
        spend(5000 + 60 * len(self.points))
        step = np.diff(self.points, axis=0)
        step = step[np.linalg.norm(step, axis=1) > 1e-9]
        way = np.arctan2(step[:, 1], step[:, 0])
        turn = (np.roll(way, -1) - way + np.pi) % (2 * np.pi) - np.pi
        ends = np.cumsum(np.linalg.norm(step, axis=1))
        return np.sort(np.mod(ends[np.abs(turn) > SHARP], self.length))


def open_places(curve: Curve, n: int, start: float = 0.0, end: float | None = None) -> Array:
    """n lengths along the curve, both ends included, whose points are equal straight lines apart."""
    low, high = start, curve.length if end is None else end
    if n < 2:
        return np.array([(low + high) / 2])
    s = np.linspace(low, high, n)
    for _ in range(ROUNDS):
        spend(5000 + 60 * n)
        chords = np.linalg.norm(np.diff(curve(s), axis=0), axis=1)
        along = np.concatenate(([0.0], np.cumsum(chords)))
        if float(np.ptp(chords)) < 1e-10:
            break
        s = np.interp(np.linspace(0, along[-1], n), along, s)
        s[0], s[-1] = low, high
    return s


def closed_places(curve: Curve, sums: Array, start: float) -> Chain:
    """Lengths along a closed curve whose points are sums_i + g apart, the gap g, and by how much they miss it (mm)."""
    scale = curve.length / (2 * np.pi)
    share = np.cumsum(sums) - sums
    first = (start + share / sums.sum() * curve.length) / scale
    thin = curve.narrowed
    found = closed_chain(lambda a: thin(a * scale), first, sums)
    return found._replace(places=np.asarray(found.places * scale))


def cornered_places(curve: Curve, corners: Array, pitch: float, count: int | None) -> Array:
    """A place on every corner and even ones between: as many as keep the pitch, or about `count` in all."""
    ends = np.concatenate((corners, [corners[0] + curve.length]))
    found = []
    for low, high in pairwise(ends.tolist()):
        side = float(high - low)
        parts = max(1, int(side / pitch + 1e-9)) if count is None else max(1, round(count * side / curve.length))
        found.append(low + open_shares(curve, float(low), side, parts))
    return np.concatenate(found)


def open_shares(curve: Curve, low: float, side: float, parts: int) -> Array:
    """Lengths from `low` that part one side evenly, its end left out."""
    section = Curve(curve(low + np.linspace(0, side, max(parts * 8, 64) + 1)), False)
    return open_places(section, parts + 1)[:-1] * (side / section.length)
