"""Corners of the plan shapes, centred on the middle of length and width, clockwise on screen.

Curves are cut into chords that leave them by at most TOLERANCE. Lengths in mm.
"""

from collections.abc import Sequence
from math import acos, atan2, ceil, pi, sin

import numpy as np

from ...errors import FitError
from ..surface import Array
from .polygon import centred, clockwise
from .spokes import smooth_radii

TOLERANCE = 0.001


def chords(radius: float, sweep_rad: float) -> int:
    """How many chords keep an arc within the tolerance: sagitta r(1 - cos(step/2))."""
    if radius <= TOLERANCE:
        return 1
    return max(1, ceil(abs(sweep_rad) / (2 * acos(1 - TOLERANCE / radius))))


def arc(x: float, y: float, radius: float, start_rad: float, end_rad: float) -> Array:
    """Points of an arc, ends included; angles clockwise from twelve o'clock."""
    a = np.linspace(start_rad, end_rad, chords(radius, end_rad - start_rad) + 1)
    return np.stack((x + radius * np.sin(a), y - radius * np.cos(a)), axis=1)


def oval(length: float, width: float) -> Array:
    """An ellipse, its length from left to right."""
    n = 4 * ceil(chords(max(length, width) / 2 * max(length / width, width / length), 2 * pi) / 4)
    a = np.arange(n) * (2 * pi / n)
    return np.stack((length / 2 * np.sin(a), -width / 2 * np.cos(a)), axis=1)


def rectangle(length: float, width: float, corner: float) -> Array:
    """Length from left to right; corners rounded with a radius of `corner` (zero: sharp)."""
    x, y = length / 2 - corner, width / 2 - corner
    if corner <= 0:
        return np.array([(x, -y), (x, y), (-x, y), (-x, -y)])
    quarters = [(x, -y, 0.0), (x, y, pi / 2), (-x, y, pi), (-x, -y, 3 * pi / 2)]
    return _without_doubles(np.concatenate([arc(cx, cy, corner, a, a + pi / 2) for cx, cy, a in quarters]))


def polygon(sides: int, side: float) -> Array:
    """A regular polygon with a corner at twelve o'clock; circumradius side/(2 sin(pi/n))."""
    a = np.arange(sides) * (2 * pi / sides)
    radius = side / (2 * sin(pi / sides))
    return np.stack((radius * np.sin(a), -radius * np.cos(a)), axis=1)


def heart(length: float, width: float) -> Array:
    """Two circles of a quarter of the width side by side, and their tangents to the tip; length from lobe to tip."""
    r = width / 4
    tip = length - r
    touch = pi / 2 + 2 * atan2(r, tip)
    right = arc(r, 0, r, -pi / 2, touch)
    left = np.stack((-right[::-1, 0], right[::-1, 1]), axis=1)
    shape = np.concatenate((right, [(0.0, tip)], left[:-1]))
    return np.asarray(shape + np.array([0.0, (r - tip) / 2]))


def cross(length: float, width: float, arm: float, bar: float | None = None) -> Array:
    """An upright cross; length from top to bottom, both bars `arm` wide, the middle of the level one `bar` below its
    top (None: halfway)."""
    x, y, a = width / 2, length / 2, arm / 2
    at = 0.0 if bar is None else bar - y
    top, low = at - a, at + a
    corners = [(a, -y), (a, top), (x, top), (x, low), (a, low), (a, y)]
    return _without_doubles(np.array([*corners, *((-px, py) for px, py in reversed(corners))]))


def leaf(length: float, width: float) -> Array:
    """Two arcs meeting in points at top and bottom; radius (length² + width²)/(4 width)."""
    radius = (length**2 + width**2) / (4 * width)
    half = atan2(length / 2, radius - width / 2)
    right = arc(width / 2 - radius, 0, radius, pi / 2 - half, pi / 2 + half)
    return np.concatenate((right[:-1], -right[:-1]))


def spoked(distances: Sequence[float]) -> Array:
    """Through points measured at equal angles from a centre, the first at twelve o'clock.

    Between them the distance runs as a Catmull-Rom curve of the angle, closed on itself.
    """
    d = np.asarray(distances, float)
    n, fine = len(d), max(4, ceil(720 / len(d)))
    t = np.arange(fine) / fine
    p0, p1, p2, p3 = (np.roll(d, k)[:, None] for k in (1, 0, -1, -2))
    radius = p1 + t / 2 * (p2 - p0 + t * (2 * p0 - 5 * p1 + 4 * p2 - p3 + t * (3 * (p1 - p2) + p3 - p0)))
    if float(radius.min()) <= 0:
        raise FitError("The distances jump so much that the outline would pass its own centre.", "blank.outline")
    a = np.arange(n * fine) * (2 * pi / (n * fine))
    return np.stack((radius.ravel() * np.sin(a), -radius.ravel() * np.cos(a)), axis=1)


def spoked_smooth(distances: Sequence[float]) -> Array:
    """Through the same points, never further out nor in than the two that were measured on either side."""
    fine = max(4, ceil(720 / len(distances)))
    a = np.asarray(np.arange(len(distances) * fine) * (2 * pi / (len(distances) * fine)), dtype=float)
    radius = smooth_radii(distances, a)
    return np.stack((radius * np.sin(a), -radius * np.cos(a)), axis=1)


def odd(x: Sequence[float], y: Sequence[float]) -> Array:
    """Given corners, clockwise, moved so that the middle of length and width is the origin."""
    return centred(clockwise(np.stack((np.asarray(x, float), np.asarray(y, float)), axis=1)))


def _without_doubles(corners: Array) -> Array:
    step = np.hypot(*(np.roll(corners, -1, axis=0) - corners).T)
    return np.asarray(corners[step > 1e-9])
