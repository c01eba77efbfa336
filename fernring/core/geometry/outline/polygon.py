"""Measures of a closed polygon. Corners have shape (n, 2); lengths in mm, areas in mm²."""

import numpy as np
from numpy.typing import NDArray

from ..surface import Array
from ..turn import turned_places


def signed_area(corners: Array) -> float:
    """Half the sum of cross products (the shoelace formula); positive when clockwise on screen (y down)."""
    x, y = corners.T
    return float(np.sum(x * np.roll(y, -1) - np.roll(x, -1) * y) / 2)


def area(corners: Array) -> float:
    return abs(signed_area(corners))


def perimeter(corners: Array) -> float:
    return float(np.hypot(*(np.roll(corners, -1, axis=0) - corners).T).sum())


def centroid(corners: Array) -> tuple[float, float]:
    """Centre of gravity of the area: sums of (p_i + p_(i+1)) * cross_i / 6A, taken about the first corner."""
    local = corners - corners[0]
    after = np.roll(local, -1, axis=0)
    cross = local[:, 0] * after[:, 1] - after[:, 0] * local[:, 1]
    middle = ((local + after) * cross[:, None]).sum(axis=0) / (3 * cross.sum())
    return float(middle[0] + corners[0, 0]), float(middle[1] + corners[0, 1])


def extent(corners: Array) -> tuple[float, float, float, float]:
    """Left, top, right, bottom."""
    low, high = corners.min(axis=0), corners.max(axis=0)
    return float(low[0]), float(low[1]), float(high[0]), float(high[1])


def centred(corners: Array) -> Array:
    """Moved so that the middle of length and width is the origin."""
    return np.asarray(corners - (corners.min(axis=0) + corners.max(axis=0)) / 2)


def clockwise(corners: Array) -> Array:
    """The same outline with its corners running clockwise on screen."""
    return corners if signed_area(corners) > 0 else corners[::-1].copy()


def turned(corners: Array, angle_rad: float) -> Array:
    """Turned clockwise on screen about the origin."""
    return np.stack(turned_places(corners[:, 0], corners[:, 1], angle_rad), axis=1)


def distance_to_edges(corners: Array, x: Array, y: Array) -> Array:
    """Distance (mm) from each point, shape (m,), to the nearest place on the polygon's edges."""
    start, along = corners, np.roll(corners, -1, axis=0) - corners
    length2 = np.maximum((along**2).sum(axis=1), 1e-30)
    best = np.full(len(x), np.inf)
    for part in np.array_split(np.arange(len(corners)), max(1, len(corners) * len(x) // 2_000_000 + 1)):
        dx, dy = x[:, None] - start[part, 0], y[:, None] - start[part, 1]
        t = np.clip((dx * along[part, 0] + dy * along[part, 1]) / length2[part], 0, 1)
        square = (dx - t * along[part, 0]) ** 2 + (dy - t * along[part, 1]) ** 2
        best = np.minimum(best, square.min(axis=1))
    return np.asarray(np.sqrt(best))


def contains(corners: Array, x: Array, y: Array) -> NDArray[np.bool_]:
    """Whether each point lies inside: a ray to the right crosses the edges an odd number of times."""
    odd = np.zeros(len(x), bool)
    x1, y1 = corners.T
    x2, y2 = np.roll(corners, -1, axis=0).T
    slope = (x2 - x1) / np.where(y2 == y1, 1.0, y2 - y1)
    for part in np.array_split(np.arange(len(x)), max(1, len(corners) * len(x) // 2_000_000 + 1)):
        px, py = x[part, None], y[part, None]
        crosses = ((y1 > py) != (y2 > py)) & (px < slope * (py - y1) + x1)
        odd[part] = crosses.sum(axis=1) % 2 == 1
    return odd
