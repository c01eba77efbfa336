"""The border line."""

import numpy as np

from fernring.core.geometry.outline import inset, polygon, shapes
from tests.assertions import FernTestCase
from tests.outlines import SHAPES


class InsetTest(FernTestCase):
    def test_an_inset_is_even(self) -> None:
        for name, corners in SHAPES.items():
            with self.subTest(name):
                part = inset.inset(corners, 5)[0]
                away = polygon.distance_to_edges(corners, part[:, 0], part[:, 1])
                self.assertLess(float(np.abs(away - 5).max()), 1e-3)

    def test_a_waist_splits_and_a_wide_border_leaves_nothing(self) -> None:
        waist = np.array([(-40, -20), (0, -4), (40, -20), (40, 20), (0, 4), (-40, 20)], float)
        self.assertEqual(len(inset.inset(waist, 5)), 2)
        self.assertEqual(inset.inset(waist, 60), [])

    def test_a_crossing_is_found(self) -> None:
        found = inset.crossing(np.array([(0, 0), (10, 10), (10, 0), (0, 10)], float))
        assert found
        self.assert_mm(found[0], 5, 1e-9)

    def test_simplified_stays_near(self) -> None:
        rough = shapes.spoked(40 + np.sin(np.arange(72) * 7.0))
        plain = inset.simplified(rough, 0.02)
        self.assertLess(len(plain), len(rough))
        self.assertLess(float(polygon.distance_to_edges(plain, *rough.T).max()), 0.0201)

    def test_no_border_is_the_outline_itself(self) -> None:
        self.assertIs(inset.inset(SHAPES["heart"], 0)[0], SHAPES["heart"])

    def test_thinned_lines_stay_near_and_closed_ones_keep_no_double_end(self) -> None:
        a = np.linspace(0, 2 * np.pi, 401)
        wave = np.stack((20 * a, 5 * np.sin(a)), axis=1)
        thin = inset.thinned(wave, 0.02, False)
        self.assertLess(len(thin), 60)
        np.testing.assert_array_equal(thin[[0, -1]], wave[[0, -1]])
        self.assertLess(float(np.abs(np.interp(wave[:, 0], *thin.T) - wave[:, 1]).max()), 0.03)
        ring = np.stack((20 * np.sin(a[:-1]), -20 * np.cos(a[:-1])), axis=1)
        round_thin = inset.thinned(ring, 0.02, True)
        self.assertGreater(float(np.hypot(*(round_thin[0] - round_thin[-1]))), 0.1)

    def test_an_outline_that_touches_itself_in_a_corner_is_no_simple_one(self) -> None:
        bow = np.array([(0, 0), (10, 0), (5, 5), (10, 10), (0, 10), (5, 5)], float)
        found = inset.crossing(bow)
        assert found
        np.testing.assert_allclose(found, (5, 5))
