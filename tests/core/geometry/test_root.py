"""Roots between two ends."""

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.root import root
from tests.assertions import FernTestCase


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
