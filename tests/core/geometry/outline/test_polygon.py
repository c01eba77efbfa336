"""Measures of closed polygons."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.outline import polygon
from tests.assertions import FernTestCase
from tests.outlines import SHAPES

TRIANGLE = np.array([(0, 0), (8, 0), (0, 6)], float)


class PolygonTest(FernTestCase):
    def test_a_right_triangle(self) -> None:
        """3-4-5: half the product of the short sides; the centroid a third along each (Euclid)."""
        self.assertAlmostEqual(polygon.area(TRIANGLE), 24)
        self.assert_mm(polygon.perimeter(TRIANGLE), 24)
        np.testing.assert_allclose(polygon.centroid(TRIANGLE), (8 / 3, 2))
        self.assertEqual(polygon.extent(TRIANGLE), (0, 0, 8, 6))
        np.testing.assert_allclose(polygon.extent(polygon.centred(TRIANGLE)), (-4, -3, 4, 3))

    def test_corners_are_put_in_clockwise_order_on_screen(self) -> None:
        """x right, y down: the way from (0, 0) by (8, 0) to (0, 6) is clockwise to the eye."""
        for corners in (TRIANGLE, TRIANGLE[::-1]):
            x, y = polygon.clockwise(corners).T
            self.assertGreater(float((x * np.roll(y, -1) - np.roll(x, -1) * y).sum()), 0)

    def test_points_in_and_out(self) -> None:
        x, y = np.array([0.0, 0.0, 45.0, 45.0]), np.array([0.0, 49.0, 0.0, 45.0])
        self.assertEqual(polygon.contains(SHAPES["cross"], x, y).tolist(), [True, True, False, False])

    @given(st.floats(-3, 3))
    def test_turning_keeps_lengths_and_areas(self, angle: float) -> None:
        for corners in SHAPES.values():
            turned = polygon.turned(corners, angle)
            self.assertAlmostEqual(polygon.area(turned), polygon.area(corners), places=6)
            self.assert_mm(
                float(polygon.distance_to_edges(turned, np.zeros(1), np.zeros(1))[0]),
                float(polygon.distance_to_edges(corners, np.zeros(1), np.zeros(1))[0]),
                1e-9,
            )
