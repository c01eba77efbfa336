"""The ellipse."""

from math import pi

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.ellipse import perimeter
from tests.assertions import FernTestCase

sides = st.floats(1, 900)


class EllipseTest(FernTestCase):
    @given(sides, sides)
    def test_it_lies_between_two_circles(self, length: float, width: float) -> None:
        """Between pi times the mean of the axes and pi times their root mean square (inequalities of means)."""
        found = perimeter(length, width)
        self.assertGreaterEqual(found, pi * (length + width) / 2 - 1e-9 * found)
        self.assertLessEqual(found, pi * ((length**2 + width**2) / 2) ** 0.5 * (1 + 1e-12))
        self.assertEqual(found, perimeter(width, length))

    @given(sides)
    def test_a_circle(self, size: float) -> None:
        self.assert_mm(perimeter(size, size), pi * size, 1e-9 * size)
