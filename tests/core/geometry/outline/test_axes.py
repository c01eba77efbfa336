"""Axes of an outline."""

from math import atan2, pi

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.outline import axes, polygon, shapes
from tests.assertions import FernTestCase
from tests.outlines import SHAPES


class AxisTest(FernTestCase):
    @given(st.floats(0, pi))
    def test_axes_turn_with_the_outline(self, turn: float) -> None:
        for name in ("oval", "heart", "leaf"):
            turned = polygon.turned(SHAPES[name], turn)
            found = axes.symmetry_axis(turned)
            assert found is not None
            off = (found - turn) % (pi / 2 if name in ("oval", "leaf") else pi)
            self.assertLess(min(off, (pi / 2 if name in ("oval", "leaf") else pi) - off), 1e-3)

    def test_an_odd_outline_has_none(self) -> None:
        self.assertIsNone(axes.symmetry_axis(SHAPES["spoked"]))

    def test_the_longest_axis_joins_the_corners_furthest_apart(self) -> None:
        """Of a 3-4-5 rectangle it is a diagonal: atan(4/3) from twelve o'clock, or as far on the other side."""
        found = axes.longest_axis(shapes.rectangle(80, 60, 0))
        self.assertAlmostEqual(abs(pi / 2 - found), pi / 2 - atan2(4, 3), places=12)
        self.assertAlmostEqual(axes.longest_axis(polygon.turned(SHAPES["leaf"], 0.4)), 0.4, places=9)

    def test_an_outline_whose_centre_does_not_see_it_whole_has_no_mirror_axis(self) -> None:
        hook = np.array([(0, 0), (40, 0), (40, 40), (30, 40), (30, 10), (10, 10), (10, 40), (0, 40)], float)
        self.assertIsNone(axes.symmetry_axis(hook))
