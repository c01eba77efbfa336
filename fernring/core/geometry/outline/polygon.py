"""Measures of a closed polygon. Corners have shape (n, 2); lengths in mm, areas in mm²."""

import numpy as np
from numpy.typing import NDArray

from ...budget import spend
from ..surface import Array
from ..turn import turned_places

MANY = 20  # points that are worth a tree of the edges


def area(corners: Array) -> float:
    import shapely

    return float(shapely.area(shapely.polygons(corners)))


def perimeter(corners: Array) -> float:
    import shapely

    return float(shapely.length(shapely.linearrings(corners)))


def centroid(corners: Array) -> tuple[float, float]:
    """Centre of gravity of the area."""
    import shapely

    x, y = shapely.get_coordinates(shapely.centroid(shapely.polygons(corners)))[0].tolist()
    return x, y


def extent(corners: Array) -> tuple[float, float, float, float]:
    """Left, top, right, bottom."""
    low, high = corners.min(axis=0), corners.max(axis=0)
    return float(low[0]), float(low[1]), float(high[0]), float(high[1])


def centred(corners: Array) -> Array:
    """Moved so that the middle of length and width is the origin."""
    return np.asarray(corners - (corners.min(axis=0) + corners.max(axis=0)) / 2)


def clockwise(corners: Array) -> Array:
    """The same outline with its corners running clockwise on screen, which is counter-clockwise where y points up."""
    import shapely

    return corners if shapely.is_ccw(shapely.linearrings(corners)) else corners[::-1].copy()


def turned(corners: Array, angle_rad: float) -> Array:
    """Turned clockwise on screen about the origin."""
    return np.stack(turned_places(corners[:, 0], corners[:, 1], angle_rad), axis=1)


def distance_to_edges(corners: Array, x: Array, y: Array) -> Array:
    """Distance (mm) from each point, shape (m,), to the nearest place on the polygon's edges."""
    import shapely

    points = shapely.points(x, y)
    if len(x) < MANY:
        spend(len(x) * 20 * len(corners))
        return np.asarray(shapely.distance(shapely.linearrings(corners), points))
    spend(2000 * (len(x) + len(corners)))
    edges = shapely.linestrings(np.stack((corners, np.roll(corners, -1, axis=0)), axis=1))
    _, away = shapely.STRtree(np.asarray(edges)).query_nearest(points, return_distance=True, all_matches=False)
    return np.asarray(away)


def contains(corners: Array, x: Array, y: Array) -> NDArray[np.bool_]:
    """Whether each point lies inside the polygon."""
    import shapely

    whole = shapely.polygons(corners)
    shapely.prepare(whole)
    return np.asarray(shapely.contains_xy(whole, x, y))
