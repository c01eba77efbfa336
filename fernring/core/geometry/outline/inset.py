"""The border line: an even inset of the outline, or the photocopier's reduced copy.

Offsets come from shapely (GEOS), whose round joins are cut fine enough to stay within 0.0003 mm.
"""

import numpy as np

from ...budget import spend
from ..surface import Array
from .polygon import clockwise, distance_to_edges

FINE = 64
OFFSET = 400  # work for each corner


def inset(corners: Array, width: float) -> list[Array]:
    """The parts of the plane at least `width` inside the outline, largest first; none when it vanishes."""
    import shapely

    if width <= 0:
        return [corners]
    spend(OFFSET * len(corners))
    shrunk = shapely.Polygon(corners).buffer(-width, quad_segs=FINE, join_style="round")
    parts = sorted(shapely.get_parts(shrunk), key=lambda part: -part.area)
    return [clockwise(np.asarray(part.exterior.coords)[:-1]) for part in parts if part.area > 1e-6]


def reduced(corners: Array, percent: float) -> Array:
    """A copy reduced by a percentage about the origin."""
    return corners * (1 - percent / 100)


def unevenness(corners: Array, percent: float) -> tuple[float, float]:
    """Narrowest and widest border (mm) that a reduced copy leaves, measured perpendicular to the outline."""
    copy = reduced(corners, percent)
    gaps = distance_to_edges(corners, copy[:, 0], copy[:, 1])
    return float(gaps.min()), float(gaps.max())


def simplified(corners: Array, tolerance: float) -> Array:
    """Fewer corners, none of the dropped ones further than `tolerance` from the line that is left (Douglas-Peucker)."""
    import shapely

    ring = shapely.Polygon(corners).simplify(tolerance, preserve_topology=True)
    return clockwise(shapely.get_coordinates(ring)[:-1])


def thinned(points: Array, tolerance: float, closed: bool) -> Array:
    """A line with fewer points, none of the dropped ones further than `tolerance` from what is left."""
    import shapely

    line = shapely.LinearRing(points) if closed else shapely.LineString(points)
    found = shapely.get_coordinates(shapely.simplify(line, tolerance))
    return found[:-1] if closed else found


def crossing(corners: Array) -> tuple[float, float] | None:
    """A place where the outline crosses or touches itself, or None when it is simple."""
    import shapely

    line = shapely.LinearRing(corners)
    if line.is_simple and shapely.Polygon(corners).is_valid:
        return None
    words = shapely.is_valid_reason(shapely.Polygon(corners))
    inside = words[words.find("[") + 1 : words.find("]")].split()
    return (float(inside[0]), float(inside[1])) if len(inside) >= 2 else (float(corners[0, 0]), float(corners[0, 1]))
