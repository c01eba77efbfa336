"""Fills that follow the edge."""

import numpy as np
import shapely

from fernring.core.rows.fills.manners import INWARD
from fernring.core.rows.fills.manners.inward import from_edge
from tests.core.rows.fills.manners.cases import AREA, MannerTestCase


class InwardTest(MannerTestCase):
    def test_the_largest_lie_in_lines_along_the_edge(self) -> None:
        """Most of the first line touch the edge: they lie a radius and the gap inside it."""
        of, found = self.filled(INWARD)
        large = found.at[found.size == 0]
        away = shapely.distance(shapely.boundary(AREA), shapely.points(large))
        first = away < of.radii[0] + of.gap + 0.01
        second = away < 2.2 * of.radii[0]
        self.assertGreater(first.sum(), 0.9 * second.sum())

    def test_the_key_is_the_distance_from_the_edge(self) -> None:
        points = np.array([[0.0, 10.0], [30.0, 0.0]])
        wanted = shapely.distance(shapely.boundary(AREA), shapely.points(points))
        np.testing.assert_allclose(from_edge(AREA)(points), wanted, atol=1e-12)
