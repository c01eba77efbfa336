"""The numerical helpers: roots, closed chains, even spacing, tangent circles."""

from math import inf, pi, sin

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.apollonius import touching_three
from fernring.core.geometry.chain import closed_chain
from fernring.core.geometry.even import Curve, closed_places, cornered_places, open_places
from fernring.core.geometry.root import root
from fernring.core.geometry.runs import round_runs
from fernring.core.geometry.secant import secant_root
from fernring.core.geometry.turn import turned_places
from tests.assertions import FernTestCase


def circle(radius: float) -> np.ndarray:
    a = np.linspace(0, 2 * pi, 2001)[:-1]
    return np.stack((radius * np.sin(a), -radius * np.cos(a), 0 * a), axis=1)


class RootTest(FernTestCase):
    def test_few_evaluations_find_a_smooth_root(self) -> None:
        asked: list[float] = []

        def function(value: float) -> float:
            asked.append(value)
            return value**3 - 2 * value - 5

        self.assert_mm(root(function, 0, 5, 1e-12), 2.0945514815423265, 1e-9)
        self.assertLess(len(asked), 16)

    def test_ends_without_a_change_of_sign(self) -> None:
        self.assertEqual(root(lambda v: v + 1, 0, 10), 0)
        self.assertEqual(root(lambda v: v - 20, 0, 10), 10)

    @given(st.floats(0.1, 9.9), st.floats(0.2, 4))
    def test_any_rising_power(self, at: float, power: float) -> None:
        self.assert_mm(root(lambda v: v**power - at**power, 0, 10, 1e-13), at, 1e-6)


class ClimbTest(FernTestCase):
    @given(st.floats(0.1, 9.9), st.floats(0.3, 3), st.booleans())
    def test_a_wall_past_the_root_costs_few_evaluations(self, at: float, power: float, wall: bool) -> None:
        asked: list[float] = []

        def function(value: float) -> float:
            asked.append(value)
            return inf if wall and value > at else value**power - at**power

        found = secant_root(function, 0, 10, 1e-7)
        self.assertTrue(-1e-7 <= function(found) <= 0)
        self.assertLess(len(asked), 36 if wall else 26)

    @given(st.floats(0.1, 9.9))
    def test_where_it_jumps_the_last_value_before_stands(self, at: float) -> None:
        found = secant_root(lambda v: v - 20 if v < at else 1.0, 0, 10, 1e-7)
        self.assertLess(found, at)
        self.assert_mm(found, at, 1e-9)

    def test_ends(self) -> None:
        self.assertEqual(secant_root(lambda v: v + 1, 0, 10, 1e-7), 0)
        self.assertEqual(secant_root(lambda v: v - 20, 0, 10, 1e-7), 10)


class ChainTest(FernTestCase):
    @given(st.lists(st.floats(1, 3), min_size=6, max_size=16))
    def test_chords_differ_from_their_sums_by_one_gap(self, sums: list[float]) -> None:
        wanted = np.array(sums)
        radius = max(float(wanted.sum()), 12.0) / 4

        def curve(a: np.ndarray) -> np.ndarray:
            return np.stack((radius * 1.3 * np.sin(a), -radius * np.cos(a), np.sin(2 * a)), axis=1)

        start = np.arange(len(sums)) * 2 * pi / len(sums)
        t, gap, off = closed_chain(curve, start, wanted)
        self.assertLess(off, 1e-9)
        points = curve(np.concatenate((t, [t[0] + 2 * pi])))
        chords = np.linalg.norm(np.diff(points, axis=0), axis=1)
        np.testing.assert_allclose(chords - wanted, gap, atol=1e-8)
        self.assertEqual(float(t[0]), 0.0)


class RunTest(FernTestCase):
    @given(st.lists(st.booleans(), min_size=1, max_size=40).filter(lambda held: not all(held)))
    def test_runs_hold_every_place_once_in_order_round_the_ring(self, held: list[bool]) -> None:
        runs = round_runs(np.array(held))
        self.assertEqual(sorted(int(k) for run in runs for k in run), [k for k, on in enumerate(held) if on])
        for run in runs:
            self.assertTrue(((np.diff(run) % len(held)) == 1).all())
            self.assertFalse(held[(run[0] - 1) % len(held)] or held[(run[-1] + 1) % len(held)])


class TurnTest(FernTestCase):
    def test_a_quarter_turn_clockwise_brings_twelve_to_three_o_clock(self) -> None:
        x, y = turned_places(np.array([0.0, 1.0]), np.array([-1.0, 0.0]), pi / 2)
        np.testing.assert_allclose(np.stack((x, y)), [[1, 0], [0, 1]], atol=1e-15)


class EvenTest(FernTestCase):
    def test_lengths_and_points_of_a_curve(self) -> None:
        curve = Curve(circle(10), True)
        self.assert_mm(curve.length, 2 * pi * 10, 1e-3)
        point = curve(np.array([curve.length / 4]))[0]
        self.assert_mm(float(point[0]), 10, 1e-3)
        np.testing.assert_allclose(curve(np.array([curve.length + 1.0])), curve(np.array([1.0])), atol=1e-9)
        self.assertEqual(len(curve.corners()), 0)

    def test_closed_places_are_evenly_apart(self) -> None:
        curve = Curve(circle(10), True)
        s, gap, off = closed_places(curve, np.full(12, 3.0), 0.0)
        self.assertLess(off, 1e-9)
        self.assert_mm(gap, 20 * sin(pi / 12) - 3, 1e-4)
        self.assertEqual(len(s), 12)

    def test_a_square_has_a_place_on_every_corner(self) -> None:
        square = np.array([(-20, -20, 0), (20, -20, 0), (20, 20, 0), (-20, 20, 0)], float)
        curve = Curve(square, True)
        self.assertEqual(len(curve.corners()), 4)
        s = cornered_places(curve, curve.corners(), 3.3, None)
        self.assertEqual(len(s), 4 * 12)
        points = curve(s)
        for corner in square:
            self.assertLess(float(np.linalg.norm(points - corner, axis=1).min()), 1e-9)
        self.assertEqual(len(cornered_places(curve, curve.corners(), 3.3, 40)), 40)

    def test_open_places_hold_both_ends(self) -> None:
        curve = Curve(np.array([(0, 0, 0), (10, 0, 0), (10, 7, 0)], float), False)
        s = open_places(curve, 6)
        self.assertEqual((float(s[0]), float(s[-1])), (0.0, curve.length))
        chords = np.linalg.norm(np.diff(curve(s), axis=0), axis=1)
        self.assertLess(float(np.ptp(chords)), 1e-6)
        self.assert_mm(float(open_places(curve, 1)[0]), 8.5)


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
