"""Rays from the centre to the outline."""

import numpy as np

from ..surface import Array


def ray_lengths(corners: Array, angle_rad: Array) -> Array:
    """Distance (mm) from the origin to the first edge met in each direction; NaN where none is met.

    Angles clockwise from twelve o'clock. An edge p + t(q - p) is met where the ray's unit vector u satisfies
    u x (p + t(q - p)) = 0 with 0 <= t <= 1.
    """
    x1, y1 = corners.T
    x2, y2 = np.roll(corners, -1, axis=0).T
    found = np.full(len(angle_rad), np.nan)
    for k, a in enumerate(angle_rad):
        ux, uy = np.sin(a), -np.cos(a)
        side1, side2 = ux * y1 - uy * x1, ux * y2 - uy * x2
        meets = np.flatnonzero((side1 <= 0) != (side2 <= 0))
        t = side1[meets] / (side1[meets] - side2[meets])
        along = ux * (x1[meets] + t * (x2[meets] - x1[meets])) + uy * (y1[meets] + t * (y2[meets] - y1[meets]))
        ahead = along[along > 0]
        if len(ahead):
            found[k] = ahead.min()
    return found


def seen_whole(corners: Array) -> bool:
    """Whether every corner is seen from the origin: the angle never turns back and goes round once."""
    x, y = corners.T
    cross = x * np.roll(y, -1) - np.roll(x, -1) * y
    return bool((cross > 0).all() or (cross < 0).all())


class Rim:
    """Distance from the centre to an outline seen whole from it, as a function of the angle."""

    def __init__(self, corners: Array) -> None:
        angle = np.arctan2(corners[:, 0], -corners[:, 1]) % (2 * np.pi)
        order = np.argsort(angle)
        self._x, self._y = corners[order].T
        self._angle = angle[order]

    def __call__(self, angle_rad: Array) -> Array:
        """Distance in each direction (mm): the ray meets the chord between the two corners around it."""
        a = np.asarray(angle_rad) % (2 * np.pi)
        after = np.searchsorted(self._angle, a) % len(self._angle)
        before = after - 1
        x1, y1, x2, y2 = self._x[before], self._y[before], self._x[after], self._y[after]
        ux, uy = np.sin(a), -np.cos(a)
        return np.asarray((x1 * y2 - x2 * y1) / (ux * (y2 - y1) - uy * (x2 - x1)))
