"""Rolling contact: where circles meet, where rolling starts and what stops it."""

from math import hypot, inf, pi

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.rows.trims.roll import (
    Disc,
    down_one_side,
    meetings,
    mirrored,
    next_place,
    on_axis,
    outer_start,
    sizes,
    upside_down,
)
from tests.assertions import FernTestCase

radii = st.floats(0.3, 6)


gaps = st.floats(0, 0.6)


class RollTest(FernTestCase):
    def touching(self, one: Disc, other: Disc) -> float:
        return hypot(one[0] - other[0], one[1] - other[1]) - one[2] - other[2]

    @given(radii, radii, radii, gaps, st.floats(-8, 8), st.floats(-8, 8))
    def test_a_meeting_touches_both(self, a: float, b: float, r: float, gap: float, u: float, v: float) -> None:
        about, disc = (0.0, 0.0, a), (u, v, b)
        for angle in meetings(about, r, disc, gap) or ():
            dot = next_place([disc], about, angle - 1e-6, r, gap, None)
            assert dot
            self.assert_mm(self.touching(dot[0], about), gap, 1e-7)
            self.assert_mm(self.touching(dot[0], disc), gap, 1e-6)

    def test_circles_too_far_or_inside_one_another_never_meet(self) -> None:
        self.assertIsNone(meetings((0, 0, 1), 1, (50, 0, 1), 0))
        self.assertIsNone(meetings((0, 0, 1), 1, (0, 0, 1), 0))
        self.assertIsNone(meetings((0, 0, 9), 0.5, (0.5, 0, 1), 0))
        self.assertIsNone(next_place([(50, 0, 1)], (0, 0, 1), 0.0, 1, 0, None))

    def test_the_axis_is_met_from_outside(self) -> None:
        self.assert_mm(on_axis([(0, 0, 4)], 1, 0.2), 5.2)
        self.assert_mm(on_axis([(0, 0, 4), (0, 6, 1)], 1, 0.2), 8.2)
        self.assert_mm(on_axis([(3, 0, 4)], 1, 0.0), 4.0)
        self.assertEqual(on_axis([(9, 0, 1)], 1, 0.0), -inf)

    def test_rolling_starts_outward_and_later_on_the_outer_side(self) -> None:
        self.assertEqual(outer_start((0, 5, 1), None, 1, 0), 0.0)
        start = outer_start((2, 5, 1), (0, 5, 1), 1, 0)
        self.assert_mm(start % (2 * pi), 2 * pi - pi / 6, 1e-9)

    @given(st.floats(2.5, 8), st.floats(0.4, 1.6), gaps)
    def test_every_dot_touches_the_host_and_the_one_before(self, host: float, r: float, gap: float) -> None:
        first = (0.0, host + r + gap, r)
        line, end = down_one_side([(0, 0, host)], first, sizes(r, 0.96, 30), gap, [], 60)
        self.assertIn(end, ("foot", "load"))
        for before, dot in zip([first, *line], line, strict=False):
            self.assert_mm(self.touching(dot, before), gap, 1e-7)
            self.assert_mm(self.touching(dot, (0, 0, host)), gap, 1e-7)
        self.assertTrue(all(u >= r_ + gap / 2 - 1e-6 or v >= 0 for u, v, r_ in line))

    def test_what_stops_a_walk(self) -> None:
        host, first = [(0.0, 0.0, 4.0)], (0.0, 5.0, 1.0)
        self.assertEqual(down_one_side(host, first, sizes(1, 1, None), 0, [], 3)[1], "count")
        self.assertEqual(len(down_one_side(host, first, sizes(1, 1, None), 0, [], 3)[0]), 3)
        self.assertEqual(down_one_side(host, first, sizes(1, 1, 3), 0, [], 60)[1], "load")
        self.assertEqual(down_one_side(host, first, sizes(1, 1, None), 0, [(5.0, -1.0, 1.0)], 60)[1], "foreign")
        self.assertEqual(down_one_side(host, first, sizes(1, 1, None), 0, [], 60)[1], "foot")

    def test_sizes_fall_and_end(self) -> None:
        self.assertEqual([round(s, 3) for s in sizes(2.0, 0.5, 3)], [2.0, 1.0, 0.5])

    def test_mirrors(self) -> None:
        discs = [(1.0, 2.0, 3.0)]
        self.assertEqual(mirrored(discs), [(-1.0, 2.0, 3.0)])
        self.assertEqual(upside_down(discs), [(1.0, -2.0, 3.0)])
