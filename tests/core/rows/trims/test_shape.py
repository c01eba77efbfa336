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

    @given(st.sampled_from(("bow", "wave", "curl")), st.floats(0.3, 1.5), st.floats(4, 12))
    def test_pen_shapes_are_lines_of_one_width_within_their_length(
        self, form: str, width: float, length: float
    ) -> None:
        made = shape(form, width, length)
        self.assertEqual(set(made.girth.tolist()), {width / 2})
        body = shapely.Polygon(made.outline)
        self.assertTrue(body.buffer(1e-3).covers(shapely.MultiPoint(made.spine)))
        long = np.linalg.norm(np.diff(made.spine, axis=0), axis=1).sum()
        self.assertGreater(float(long), length - 2 * width)
        self.assertLessEqual(max(np.ptp(made.outline[:, 0]), np.ptp(made.outline[:, 1])), length * 1.02 + 1e-6)

    def test_how_they_point(self) -> None:
        """A little arc bulges outward (v up), a wave runs outward, a curl begins inward."""
        bow, wave, curl = (shape(form, 0.5, 8.5).spine for form in ("bow", "wave", "curl"))
        self.assert_mm(float(bow[len(bow) // 2, 1] - bow[0, 1]), 4.0, 1e-6)
        np.testing.assert_allclose(wave[[0, -1]], [[0, -4], [0, 4]], atol=1e-9)
        np.testing.assert_allclose(curl[0], [0, -4], atol=1e-9)

    def test_a_crystal_is_one_disc(self) -> None:
        made = shape("crystal", 4.0, 4.0)
        self.assertEqual((len(made.outline), made.girth.tolist()), (8, [2.0, 2.0]))
        self.assertLess(float(np.abs(made.spine).max()), 1e-6)

    def test_laid_along_and_slanted(self) -> None:
        stroke = shape("stroke", 1.0, 6.0)
        self.assertEqual((round(stroke.across, 6), round(stroke.outward, 6)), (1.0, 6.0))
        along = stroke.laid(True, 0.0)
        self.assertEqual((round(along.across, 6), round(along.outward, 6)), (6.0, 1.0))
        slanted = stroke.laid(False, pi / 6).spine[-1]
        np.testing.assert_allclose(slanted, [3 * 0.5, 3 * np.sqrt(0.75)], atol=1e-9)

    def test_areas(self) -> None:
        """Ellipse pi ab; rhombus half the product of its diagonals (plane geometry)."""
        self.assertLess(abs(area(shape("oval", 4, 8)[0]) / (pi * 8) - 1), 0.02)
        self.assertLess(abs(area(shape("diamond", 4, 8)[0]) / 16 - 1), 1e-9)
