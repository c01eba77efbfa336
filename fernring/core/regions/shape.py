"""A shape of any closed lines, crossing ones too: what a filling rule counts as inside."""

from collections.abc import Sequence
from functools import cached_property
from math import ceil
from typing import TYPE_CHECKING, Literal

import numpy as np

from ..budget import spend
from ..dots.table import Array, Mask
from .region import lattice

if TYPE_CHECKING:
    import shapely

Rule = Literal["even-odd", "non-zero"]
AT_ONCE = 2_000_000  # points times edges looked at together
CELLS = 400  # lattice points across a shape whose area is asked for


class Shape:
    """`lines` are closed lines by their corners, shape (n, 2), the last joined to the first."""

    def __init__(self, lines: Sequence[Array], rule: Rule = "even-odd") -> None:
        self.lines = tuple(lines)
        self.rule = rule
        self.start = np.concatenate(self.lines)
        self.end = np.concatenate([np.roll(line, -1, axis=0) for line in self.lines])

    def contains(self, x: Array, y: Array) -> Mask:
        """A ray to the right crosses the edges an odd number of times, or, by the non-zero rule, more upward than
        downward or the other way round."""
        crossings = np.empty(len(x), int)
        x1, y1, x2, y2 = *self.start.T, *self.end.T
        slope = (x2 - x1) / np.where(y2 == y1, 1.0, y2 - y1)
        weight = np.where(y2 > y1, 1, -1) if self.rule == "non-zero" else np.ones(len(x1), int)
        for part in np.array_split(np.arange(len(x)), ceil(len(x1) * len(x) / AT_ONCE) or 1):
            spend(len(part) * len(x1))
            px, py = x[part, None], y[part, None]
            crosses = ((y1 > py) != (y2 > py)) & (px < slope * (py - y1) + x1)
            crossings[part] = crosses @ weight
        return np.asarray(crossings != 0 if self.rule == "non-zero" else crossings % 2 == 1)

    def signed_distance(self, x: Array, y: Array) -> Array:
        import shapely

        spend(len(x) * (300 + len(self.start)))
        away = shapely.distance(self._outline, shapely.points(x, y))
        return np.where(self.contains(x, y), -away, away)

    @cached_property
    def area(self) -> float:
        """To about a thousandth: by a lattice, since lines may cross."""
        spacing = float(np.ptp(self.start, axis=0).max()) / CELLS
        return len(self.sample(spacing)) * spacing * spacing if spacing > 0 else 0.0

    def edge(self) -> Array:
        return self.start

    def outlines(self) -> list[Array]:
        return list(self.lines)

    def sample(self, spacing: float) -> Array:
        return lattice(self, self.start.min(axis=0), self.start.max(axis=0), spacing)

    @cached_property
    def _outline(self) -> "shapely.Geometry":
        import shapely

        outline = shapely.MultiLineString([np.concatenate((line, line[:1])) for line in self.lines])
        shapely.prepare(outline)
        return outline
