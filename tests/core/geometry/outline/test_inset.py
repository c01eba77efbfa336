"""The border line."""

import numpy as np

from fernring.core.geometry.outline import inset, polygon, shapes
from tests.assertions import FernTestCase

SHAPES = {
    "oval": shapes.oval(140, 90),
    "rectangle": shapes.rectangle(100, 80, 6),
    "sharp": shapes.rectangle(100, 80, 0),
    "hexagon": shapes.polygon(6, 40),
    "heart": shapes.heart(90, 100),
    "cross": shapes.cross(100, 80, 24),
    "leaf": shapes.leaf(120, 60),
    "spoked": shapes.spoked([40, 42, 45, 41, 38, 37, 39, 44]),
}


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
