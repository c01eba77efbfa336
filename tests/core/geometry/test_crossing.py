"""Where a rising function passes zero."""

from math import pi

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.crossing import crossing
from tests.assertions import FernTestCase


class CrossingTest(FernTestCase):
    @given(st.floats(0.01, 9.99), st.floats(0.3, 3))
    def test_the_value_found_is_the_last_that_does_not_pass_zero(self, at: float, power: float) -> None:
        def rising(value: float) -> float:
            return value**power - at**power

        found = crossing(rising, 0, 10)
        self.assertLessEqual(rising(found), 0)
        self.assert_mm(found, at, 1e-9)

    @given(st.floats(0.01, 9.99))
    def test_at_a_jump_the_lower_side_stands(self, at: float) -> None:
        found = crossing(lambda value: -1.0 if value < at else 5.0, 0, 10)
        self.assertLess(found, at)
        self.assert_mm(found, at, 1e-8)

    def test_ends_without_a_crossing(self) -> None:
        self.assertEqual(crossing(lambda value: value + 1, 0, 10), 0)
        self.assertEqual(crossing(lambda value: value + 1, 4, 10), 4)
        self.assertEqual(crossing(lambda value: value - 20, 0, 10), 10)
        self.assertEqual(crossing(lambda value: value - 10, 0, 10), 10)

    def test_a_wider_tolerance_is_kept_to(self) -> None:
        """The root of x - pi, no further below than asked."""
        found = crossing(lambda value: value - pi, 0, 10, 1e-3)
        self.assertTrue(pi - 1e-2 < found <= pi)
