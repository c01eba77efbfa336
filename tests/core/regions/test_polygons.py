"""Regions bounded by simple closed lines."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.regions.polygons import Polygons
from tests.assertions import FernTestCase

SQUARE = np.array([(-20, -20), (20, -20), (20, 20), (-20, 20)], float)
ASIDE = SQUARE / 4 + np.array([40.0, 0.0])


class PolygonsTest(FernTestCase):
    def test_several_parts_and_a_hole(self) -> None:
        both = Polygons((SQUARE, ASIDE), (SQUARE / 4,))
        x = np.array([0.0, 10.0, 30.0, 40.0])
        self.assertEqual(both.contains(x, np.zeros(4)).tolist(), [False, True, False, True])
        np.testing.assert_allclose(both.signed_distance(x, np.zeros(4)), (5, -5, 5, -5))
        self.assertAlmostEqual(both.area, 1600 + 100 - 100)
        self.assertEqual(len(both.edge()), 12)

    def test_the_part_around_the_centre_is_home(self) -> None:
        self.assertIs(Polygons((ASIDE, SQUARE)).home, SQUARE)
        self.assertEqual(Polygons((SQUARE,)).whole, 20)
        away = Polygons((ASIDE,))
        self.assertIsNone(away.home)
        self.assertEqual(away.whole, 0.0)
        self.assertEqual(Polygons((SQUARE,), (SQUARE / 4,)).whole, 0.0)

    @given(st.floats(-30, 30), st.floats(-30, 30), st.floats(0.2, 6))
    def test_how_far_a_disc_passes_the_edge(self, x: float, y: float, r: float) -> None:
        """Its distance from the square in closed form and its radius; where it is inside only that is told."""
        past = float(Polygons((SQUARE,)).past(np.array([x]), np.array([y]), np.array([r]))[0])
        away = max(abs(x), abs(y)) - 20
        if max(abs(x), abs(y)) <= 20:
            self.assertLessEqual(past, away + r + 1e-9 if past > 0 else 0.0)
            self.assertEqual(past > 1e-9, away + r > 1e-9)
        else:
            outside = np.hypot(max(abs(x) - 20, 0), max(abs(y) - 20, 0))
            self.assert_mm(past, float(outside) + r, 1e-9)

    def test_nothing_holds_nothing(self) -> None:
        nothing = Polygons(())
        self.assertEqual(nothing.signed_distance(np.zeros(2), np.zeros(2)).tolist(), [np.inf, np.inf])
        self.assertEqual(nothing.sample(1.0).shape, (0, 2))
        self.assertEqual(nothing.area, 0)
