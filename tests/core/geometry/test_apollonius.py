"""Circles that touch three others."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.apollonius import touching_three
from tests.assertions import FernTestCase


class ApolloniusTest(FernTestCase):
    @given(st.integers(0, 100_000))
    def test_the_circle_touches_all_three(self, seed: int) -> None:
        random = np.random.default_rng(seed)
        x, y, r = random.uniform(-10, 10, (1, 3)), random.uniform(-10, 10, (1, 3)), random.uniform(0.3, 2.5, (1, 3))
        cx, cy, t = touching_three(x, y, r)
        if np.isfinite(t[0]) and t[0] < 100:
            away = np.hypot(x - cx[0], y - cy[0]) - r
            np.testing.assert_allclose(away, t[0], atol=1e-6)

    def test_three_in_a_line_have_none_between(self) -> None:
        _, _, t = touching_three(np.array([[0.0, 4, 8]]), np.zeros((1, 3)), np.ones((1, 3)))
        self.assertTrue(np.isnan(t[0]) or t[0] > 1e3)

    def test_a_right_triangle(self) -> None:
        x, y = np.array([[0.0, 6, 0]]), np.array([[0.0, 0, 8]])
        cx, cy, t = touching_three(x, y, np.full((1, 3), 1.0))
        self.assert_mm(float(cx[0]), 3)
        self.assert_mm(float(cy[0]), 4)
        self.assert_mm(float(t[0]), 4)
