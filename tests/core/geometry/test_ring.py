"""Equal dots on one ring."""

from math import inf, pi, sin

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry import ring
from tests.assertions import FernTestCase

sizes = st.floats(0.2, 30)


class RingTest(FernTestCase):
    def test_six_equal_dots_go_round_a_seventh(self) -> None:
        for size in (0.8, 1.0, 2.3, 7.7, 60.0):
            self.assert_mm(ring.least_reach(6, size, 0), size, 1e-12)

    def test_a_lone_dot_has_no_neighbour(self) -> None:
        self.assertEqual(ring.neighbour_distance(10, 1), inf)
        self.assertEqual(ring.least_reach(1, 5, 0.3), 0)

    @given(st.integers(2, 400), sizes, st.floats(0, 3))
    def test_the_three_fits_agree(self, n: int, dot: float, gap: float) -> None:
        reach = ring.least_reach(n, dot, gap)
        self.assert_mm(ring.largest_dot(reach, n, gap), dot, 1e-9 * max(1, reach))
        self.assert_mm(ring.clear_gap(reach, n, dot), gap, 1e-9 * max(1, reach))

    def test_the_chord_is_shorter_than_the_arc(self) -> None:
        for n in range(2, 60):
            self.assertLess(ring.neighbour_distance(40, n), 2 * pi * 40 / n)
            self.assert_mm(ring.neighbour_distance(40, n), 80 * sin(pi / n))
