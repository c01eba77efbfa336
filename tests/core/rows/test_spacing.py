"""Equal angles and equal gaps."""

from math import inf, pi, sin

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.rows.spacing import SPACINGS, EqualAngles, EqualGaps
from tests.assertions import FernTestCase

patterns = st.lists(st.sampled_from((1.0, 2.0, 4.6, 8.9)), min_size=1, max_size=5)


def nearest(angles: np.ndarray, reach: float, sizes: list[float]) -> float:
    """By brute force: the smallest clear distance of any two dots on the ring."""
    place = reach * np.exp(1j * angles)
    radii = np.resize(np.array(sizes) / 2, len(angles))
    clear = np.abs(place[:, None] - place) - radii[:, None] - radii
    np.fill_diagonal(clear, np.inf)
    return float(clear.min())


class SpacingTest(FernTestCase):
    @given(patterns, st.integers(2, 12), st.floats(15, 90), st.sampled_from(sorted(SPACINGS)))
    def test_clear_is_that_of_the_nearest_two(self, sizes: list[float], n: int, reach: float, name: str) -> None:
        spacing = SPACINGS[name]
        wanted = nearest(spacing.angles(reach, sizes, n), reach, sizes)
        if wanted > 0:
            self.assert_mm(spacing.clear(reach, sizes, n), wanted, 1e-6)

    @given(patterns, st.integers(2, 12), st.floats(0, 2), st.sampled_from(sorted(SPACINGS)))
    def test_at_the_least_reach_the_gap_is_just_kept(self, sizes: list[float], n: int, gap: float, name: str) -> None:
        spacing = SPACINGS[name]
        self.assert_mm(spacing.clear(spacing.least_reach(sizes, n, gap), sizes, n), gap, 1e-6)

    def test_two_large_dots_with_a_small_one_between_them(self) -> None:
        """The large ones meet first: at equal angles 2R sin(2 pi/n) = 10."""
        n = 6
        found = EqualAngles().least_reach([10.0, 0.2], n, 0.0)
        self.assert_mm(found, 10 / (2 * sin(2 * pi / 12)))
        even = EqualGaps()
        self.assertGreaterEqual(even.clear(even.least_reach([10.0, 0.5], n, 0.3), [10.0, 0.5], n), 0.3 - 1e-6)

    def test_where_there_is_no_room_nothing_grows(self) -> None:
        self.assertEqual(EqualAngles().growth(1.0, [2.0], 12, 5.0), 0)
        self.assertEqual(EqualGaps().growth(1.0, [2.0, 1.0], 12, 5.0), 0)
        self.assertEqual(EqualGaps().growth(10.0, [2.0], 1, 0.3), inf)
        self.assertEqual(EqualAngles().growth(10.0, [2.0], 1, 0.3), inf)

    def test_angles_repeat_with_the_pattern(self) -> None:
        angles = EqualGaps().angles(30.0, [4.6, 1.0, 2.0], 8)
        np.testing.assert_allclose(angles[3:] - angles[:-3], 2 * pi / 8, atol=1e-12)
        self.assertEqual(float(angles[0]), 0)
