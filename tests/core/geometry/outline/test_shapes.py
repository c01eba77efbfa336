"""Corners of the plan shapes."""

from math import pi

import numpy as np
import shapely

from fernring.core.errors import FitError
from fernring.core.geometry.outline import inset, polygon, rays, shapes
from tests.assertions import FernTestCase
from tests.outlines import SHAPES


class ShapeTest(FernTestCase):
    def test_every_shape_is_simple_clockwise_and_as_large_as_asked(self) -> None:
        sizes = {"oval": (140, 90), "rectangle": (100, 80), "heart": (100, 90), "cross": (80, 100), "leaf": (60, 120)}
        for name, corners in SHAPES.items():
            with self.subTest(name):
                self.assertTrue(shapely.LinearRing(corners).is_ccw)  # with y pointing up
                self.assertIsNone(inset.crossing(corners))
                if name in sizes:
                    left, top, right, low = polygon.extent(corners)
                    self.assert_mm(right - left, sizes[name][0], 2e-3)
                    self.assert_mm(low - top, sizes[name][1], 2e-3)
                    self.assert_mm(left + right, 0, 2e-3)

    def test_a_spoked_outline_passes_through_what_was_measured(self) -> None:
        distances = [40, 42, 45, 41, 38, 37, 39, 44]
        found = rays.ray_lengths(shapes.spoked(distances), np.arange(8) * pi / 4 + 1e-12)
        np.testing.assert_allclose(found, distances, atol=1e-6)

    def test_distances_that_jump_too_much(self) -> None:
        with self.assertRaisesRegex(FitError, "pass its own centre"):
            shapes.spoked([10, 10, 900, 10, 10, 10, 900, 10])

    def test_the_level_bar_of_a_cross_may_stand_at_any_height(self) -> None:
        """The area stays the same: two bars less the square they share."""
        for bar in (12.0, 30.0, 50.0, 88.0):
            corners = shapes.cross(100, 80, 24, bar)
            self.assert_mm(abs(polygon.area(corners)), 100 * 24 + 80 * 24 - 24 * 24)
            level = corners[np.abs(corners[:, 0]) > 39][:, 1]
            self.assert_mm(float(level.mean()), bar - 50)
        np.testing.assert_array_equal(shapes.cross(100, 80, 24), shapes.cross(100, 80, 24, 50.0))
