"""Axes of an outline."""

from math import pi

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.outline import axes, polygon, rays, shapes
from tests.assertions import FernTestCase

SHAPES = {
    "oval": shapes.oval(140, 90),
    "rectangle": shapes.rectangle(100, 80, 6),
    "sharp": shapes.rectangle(100, 80, 0),
    "hexagon": shapes.polygon(6, 40),
    "heart": shapes.heart(90, 100),
    "cross": shapes.cross(100, 80, 24),
    "leaf": shapes.leaf(120, 60),
    "spoked": shapes.spoked([40, 42, 45, 41, 38, 37, 39, 44]),
}


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

    def test_a_rim_is_the_ray_to_the_outline(self) -> None:
        angle = np.linspace(0.01, 6.2, 50)
        for name in ("oval", "hexagon", "leaf"):
            np.testing.assert_allclose(
                rays.Rim(SHAPES[name])(angle), rays.ray_lengths(SHAPES[name], angle), rtol=1e-9, err_msg=name
            )

    def test_what_is_not_seen_whole(self) -> None:
        self.assertTrue(rays.seen_whole(SHAPES["cross"]))
        self.assertFalse(rays.seen_whole(SHAPES["cross"] + np.array([30.0, 0.0])))
