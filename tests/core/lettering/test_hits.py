"""Rays that hit lines."""

import numpy as np
import shapely

from fernring.core.lettering.hits import hits, spread_points
from tests.assertions import FernTestCase

SQUARE = np.array([[-2.0, -1.0], [2.0, -1.0], [2.0, 1.0], [-2.0, 1.0]])


class HitsTest(FernTestCase):
    def test_a_box_in_closed_form(self) -> None:
        step = np.roll(SQUARE, -1, axis=0) - SQUARE
        found, edge = hits(SQUARE, step, np.array([0.0, np.pi / 2, np.pi / 4]))
        np.testing.assert_allclose(found, [1.0, 2.0, np.sqrt(2)], atol=1e-12)
        self.assertEqual(edge.tolist()[:2], [0, 1])
        beyond, _ = hits(SQUARE + np.array([5.0, 0.0]), step, np.array([np.pi / 2, -np.pi / 2]))
        np.testing.assert_allclose(beyond, [3.0, np.inf])

    def test_a_ray_through_a_corner_meets_it(self) -> None:
        step = np.roll(SQUARE, -1, axis=0) - SQUARE
        found, _ = hits(SQUARE, step, np.arctan2(SQUARE[:, 0], -SQUARE[:, 1]))
        np.testing.assert_allclose(found, np.sqrt(5.0))

    def test_points_along_lines_are_no_further_apart_than_asked(self) -> None:
        found = spread_points([SQUARE], 0.3)
        self.assertLess(float(shapely.distance(shapely.LinearRing(SQUARE), shapely.points(found)).max()), 1e-12)
        apart = np.hypot(*(np.roll(found, -1, axis=0) - found).T)
        self.assertLessEqual(float(apart.max()), 0.3 + 1e-12)
