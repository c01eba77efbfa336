"""A region of the plane made of one or more parts, and how far discs pass its edge."""

from functools import cached_property

import numpy as np

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
        best = np.full(len(x), np.inf)
        for part in self.parts:
            near = distance_to_edges(part, x, y)
            best = np.minimum(best, np.where(contains(part, x, y), -near, near))
        return best
