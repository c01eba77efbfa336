"""A region of the plane made of one or more parts, and how far discs pass its edge."""

from functools import cached_property

import numpy as np
import shapely

from ..surface import Array
from .polygon import contains, distance_to_edges

ORIGIN = np.zeros(1)


class Region:
    def __init__(self, parts: tuple[Array, ...]) -> None:
        self.parts = parts

    @cached_property
    def home(self) -> Array | None:
        """The part around the origin."""
        return next((part for part in self.parts if contains(part, ORIGIN, ORIGIN)[0]), None)

    @cached_property
    def whole(self) -> float:
        """Distance (mm) from the origin to the nearest edge, 0 when the origin lies outside."""
        return 0.0 if self.home is None else float(distance_to_edges(self.home, ORIGIN, ORIGIN)[0])

    def past(self, x: Array, y: Array, radius: Array) -> Array:
        """How far each disc passes the edge (mm): its true value where positive, a negative bound where it is inside.

        Discs within the largest circle about the origin need no closer look.
        """
        found = np.hypot(x, y) + radius - self.whole
        doubtful = np.flatnonzero(found > 0)
        if len(doubtful):
            found[doubtful] = self._signed(x[doubtful], y[doubtful]) + radius[doubtful]
        return found

    def _signed(self, x: Array, y: Array) -> Array:
        """Signed distance to the edges, positive outside; infinite without any part."""
        if not self.parts:
            return np.full(len(x), np.inf)
        _, near = self._edges.query_nearest(shapely.points(x, y), return_distance=True, all_matches=False)
        return np.where(shapely.contains_xy(self._body, x, y), -near, near)

    @cached_property
    def _edges(self) -> shapely.STRtree:
        ends = [np.stack((part, np.roll(part, -1, axis=0)), axis=1) for part in self.parts]
        return shapely.STRtree([shapely.LineString(edge) for edge in np.concatenate(ends)])

    @cached_property
    def _body(self) -> shapely.MultiPolygon:
        body = shapely.MultiPolygon([shapely.Polygon(part) for part in self.parts])
        shapely.prepare(body)
        return body
