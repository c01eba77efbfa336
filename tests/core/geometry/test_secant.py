"""Roots of functions that may jump or have no value beyond."""

from math import inf

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.secant import secant_root
from tests.assertions import FernTestCase


class SecantTest(FernTestCase):
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
