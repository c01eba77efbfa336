"""A region bounded by simple closed lines: one or more parts, each with holes or without."""

from collections.abc import Sequence
from functools import cached_property
from typing import TYPE_CHECKING

import numpy as np

from ..budget import spend
from ..dots.table import Array, Mask
from .region import lattice

if TYPE_CHECKING:
    import shapely

ORIGIN = np.zeros(1)


class Polygons:
    """`parts` are outer lines as corners, shape (n, 2); `holes` are those cut out of them."""

    def __init__(self, parts: Sequence[Array], holes: Sequence[Array] = ()) -> None:
        self.parts = tuple(parts)
        self.holes = tuple(holes)

    @cached_property
    def body(self) -> "shapely.Polygon | shapely.MultiPolygon":
        """The whole region for shapely, prepared for many questions."""
        import shapely

        whole: shapely.Polygon | shapely.MultiPolygon = shapely.MultiPolygon(
            [shapely.Polygon(part) for part in self.parts]
        )
        if self.holes:
            cut = shapely.MultiPolygon([shapely.Polygon(hole) for hole in self.holes])
            whole = shapely.difference(whole, cut)  # type: ignore[assignment]
        shapely.prepare(whole)
        return whole

    def contains(self, x: Array, y: Array) -> Mask:
        import shapely

        return np.asarray(shapely.contains_xy(self.body, x, y))

    def signed_distance(self, x: Array, y: Array) -> Array:
        """Infinite without any part."""
        spend(2000 * len(x))
        return self._signed(x, y)

    def _signed(self, x: Array, y: Array) -> Array:
        import shapely

        if not self.parts:
            return np.full(len(x), np.inf)
        _, near = self._edges.query_nearest(shapely.points(x, y), return_distance=True, all_matches=False)
        return np.where(self.contains(x, y), -near, near)

    def outlines(self) -> list[Array]:
        return [*self.parts, *self.holes]

    @property
    def area(self) -> float:
        return float(self.body.area)

    def edge(self) -> Array:
        return np.concatenate([np.empty((0, 2)), *self.parts, *self.holes])

    def sample(self, spacing: float) -> Array:
        corners = self.edge()
        if not len(corners):
            return np.empty((0, 2))
        return lattice(self, corners.min(axis=0), corners.max(axis=0), spacing)

    @cached_property
    def home(self) -> Array | None:
        """The part around the origin."""
        return next((part for part in self.parts if Polygons((part,)).contains(ORIGIN, ORIGIN)[0]), None)

    @cached_property
    def whole(self) -> float:
        """Distance (mm) from the origin to the nearest edge of the part around it, 0 when the origin lies outside."""
        if self.home is None:
            return 0.0
        return max(-float(Polygons((self.home,), self.holes)._signed(ORIGIN, ORIGIN)[0]), 0.0)

    def past(self, x: Array, y: Array, radius: Array) -> Array:
        """How far each disc passes the edge (mm): its true value where positive, a negative bound where it is inside.

        Discs within the largest circle about the origin need no closer look.
        """
        found = np.hypot(x, y) + radius - self.whole
        doubtful = np.flatnonzero(found > 0)
        if len(doubtful):
            found[doubtful] = self.signed_distance(x[doubtful], y[doubtful]) + radius[doubtful]
        return found

    @cached_property
    def _edges(self) -> "shapely.STRtree":
        import shapely

        lines = (*self.parts, *self.holes)
        ends = [np.stack((line, np.roll(line, -1, axis=0)), axis=1) for line in lines]
        return shapely.STRtree(np.asarray(shapely.linestrings(np.concatenate(ends))))
