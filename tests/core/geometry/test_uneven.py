"""Unequal dots with equal gaps."""

import numpy as np
from hypothesis import assume, given
from hypothesis import strategies as st

from fernring.core.geometry import ring, uneven
from fernring.core.rows.spacing import SPACINGS, EqualAngles, EqualGaps
from tests.assertions import FernTestCase

patterns = st.lists(st.sampled_from((1.0, 1.5, 2.6, 4.0, 6.8)), min_size=1, max_size=4)


class UnevenTest(FernTestCase):
    def test_equal_dots_need_what_a_plain_ring_needs(self) -> None:
        self.assert_mm(uneven.closing_reach([3.0], 12, 0.4), ring.least_reach(12, 3.0, 0.4), 1e-8)
        self.assert_mm(uneven.closing_gap(20.0, [3.0], 12), ring.largest_dot(20.0, 12, 0.0) - 3.0, 1e-8)

    @given(patterns, st.integers(3, 40), st.floats(0, 2))
    def test_closing_reach_and_closing_gap_undo_each_other(self, sizes: list[float], n: int, gap: float) -> None:
        reach = uneven.closing_reach(sizes, n, gap)
        self.assert_mm(uneven.closing_gap(reach, sizes, n), gap, 1e-6)

    @given(patterns, st.integers(3, 24), st.floats(30, 200))
    def test_all_gaps_are_equal(self, sizes: list[float], n: int, reach: float) -> None:
        assume(EqualGaps().clear(reach, sizes, n) > -min(sizes))
        angles = EqualGaps().angles(reach, sizes, n)
        radii = np.resize(np.array(sizes) / 2, len(angles))
        place = reach * np.exp(1j * angles)
        gaps = np.abs(place - np.roll(place, -1)) - radii - np.roll(radii, -1)
        self.assertLess(float(np.ptp(gaps)), 1e-6)
        self.assert_mm(float(gaps[0]), EqualGaps().clear(reach, sizes, n), 1e-6)

    @given(patterns, st.integers(3, 24), st.floats(30, 200), st.sampled_from(("equal gaps", "equal angles")))
    def test_growth_leaves_exactly_the_gap(self, sizes: list[float], n: int, reach: float, name: str) -> None:
        spacing = SPACINGS[name]
        factor = spacing.growth(reach, sizes, n, 0.4)
        if factor > 0:
            self.assert_mm(spacing.clear(reach, [factor * size for size in sizes], n), 0.4, 1e-6)

    def test_one_dot_alone_never_meets_itself(self) -> None:
        for spacing in (EqualAngles(), EqualGaps()):
            self.assertEqual(spacing.least_reach([5.0], 1, 0.4), 0)
            self.assertEqual(spacing.clear(10.0, [5.0], 1), float("inf"))
