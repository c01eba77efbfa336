"""Small shapes."""

from math import pi

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.outline.polygon import area
from fernring.core.rows.trims.shape import shape
from tests.assertions import FernTestCase


class ShapeTest(FernTestCase):
    @given(st.sampled_from(("oval", "leaf", "stroke", "diamond")), st.floats(0.8, 5), st.floats(1.2, 4))
    def test_shapes_are_as_wide_and_long_as_asked(self, form: str, width: float, share: float) -> None:
        outline, centres, girth = shape(form, width, width * share)
        self.assert_mm(float(np.ptp(outline[:, 0])), width, 0.02 * width)
        self.assert_mm(float(np.ptp(outline[:, 1])), width * share, 1e-9)
        polygon = shapely.Polygon(outline).buffer(0.05)
        for (u, v), r in zip(centres.tolist(), girth.tolist(), strict=True):
            self.assertLess(abs(v) + r, width * share / 2 + 0.03)
            self.assertTrue(polygon.covers(shapely.Point(u, v)))

    def test_areas(self) -> None:
        """Ellipse pi ab; rhombus half the product of its diagonals (plane geometry)."""
        self.assertLess(abs(area(shape("oval", 4, 8)[0]) / (pi * 8) - 1), 0.02)
        self.assertLess(abs(area(shape("diamond", 4, 8)[0]) / 16 - 1), 1e-9)
