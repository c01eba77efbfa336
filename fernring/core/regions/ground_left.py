"""The area that is to be filled, as polygons: regions by their closed lines, joined, cut away, kept off the border."""

from collections.abc import Sequence
from math import acos, ceil, pi
from typing import TYPE_CHECKING

import numpy as np

from ..budget import spend
from ..dots.table import Array
from .region import Region

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

SHORT = 5e-4  # mm
LINE = 40  # work for a point of a line
FACES = 2_000  # a region whose lines cut each other into more parts is refused before it costs much


def polygons_of(region: Region) -> "BaseGeometry":
    """A region as polygons, holes and all: of the faces that its lines enclose those that lie inside, whichever rule
    decides that.
    """
    import shapely

    lines = [np.concatenate((line, line[:1])) for line in region.outlines()]
    spend(LINE * sum(len(line) for line in lines))
    joined = shapely.union_all([shapely.LineString(line) for line in lines])
    faces = shapely.get_parts(shapely.polygonize(shapely.get_parts(joined)))
    spend(FACES * len(faces))
    if not len(faces):
        return shapely.Polygon()
    middles = shapely.get_coordinates(shapely.point_on_surface(faces))
    return shapely.union_all(faces[region.contains(middles[:, 0], middles[:, 1])])


def moved_in(area: "BaseGeometry", by: float) -> "BaseGeometry":
    """The area without what lies nearer to its edge than so much (mm); where that is round it is drawn so finely that
    no chord comes nearer, by a little more.
    """
    import shapely

    quarter = ceil(pi / (4 * acos(max(1 - 0.8 * SHORT / by, 0.0))))
    return shapely.buffer(area, -by - SHORT, quad_segs=max(quarter, 8))


def enclosed(lines: Sequence[Array]) -> "BaseGeometry":
    """What lies inside any of these closed lines."""
    import shapely

    return shapely.union_all([shapely.make_valid(shapely.Polygon(line)) for line in lines])


def edges_of(area: "BaseGeometry", longest: float) -> Array:
    """The edges of polygons as pieces no longer than so much (mm), shape (n, 4): from x, y to x, y."""
    import shapely

    found = [np.empty((0, 4))]
    for line in shapely.get_parts(shapely.boundary(area)):
        corners = shapely.get_coordinates(line)
        found.append(np.hstack((corners[:-1], corners[1:])))
    edges = np.concatenate(found)
    step = edges[:, 2:] - edges[:, :2]
    pieces = np.maximum(np.ceil(np.hypot(*step.T) / longest).astype(int), 1)
    of = np.repeat(np.arange(len(edges)), pieces)
    begin = (np.arange(len(of)) - np.repeat(np.cumsum(pieces) - pieces, pieces)) / pieces[of]
    start = edges[of, :2] + begin[:, None] * step[of]
    return np.hstack((start, start + step[of] / pieces[of][:, None]))
