"""Rays from the centre to the outline."""

from math import cos, pi, sqrt

import numpy as np

from fernring.core.geometry.outline import rays, shapes
from tests.assertions import FernTestCase
from tests.outlines import SHAPES


class RayTest(FernTestCase):
    def test_a_rim_is_the_ray_to_the_outline(self) -> None:
        angle = np.linspace(0.01, 6.2, 50)
        for name in ("oval", "hexagon", "leaf"):
            np.testing.assert_allclose(
                rays.Rim(SHAPES[name])(angle), rays.ray_lengths(SHAPES[name], angle), rtol=1e-9, err_msg=name
            )

    def test_what_is_not_seen_whole(self) -> None:
        self.assertTrue(rays.seen_whole(SHAPES["cross"]))
        self.assertFalse(rays.seen_whole(SHAPES["cross"] + np.array([30.0, 0.0])))

    def test_rays_of_a_square(self) -> None:
        """To a side 30 mm away at an angle a from its perpendicular: 30/cos a (right triangle)."""
        found = rays.ray_lengths(shapes.rectangle(60, 60, 0), np.array([0.0, pi / 8, pi / 4 - 1e-9, pi / 2, pi]))
        np.testing.assert_allclose(found, (30, 30 / cos(pi / 8), 30 * sqrt(2), 30, 30), atol=1e-6)

    def test_the_first_edge_counts_and_a_direction_without_one_has_no_length(self) -> None:
        aside = shapes.rectangle(20, 20, 0) + np.array([30.0, 0.0])
        found = rays.ray_lengths(aside, np.array([pi / 2, -pi / 2]))
        self.assert_mm(float(found[0]), 20)
        self.assertTrue(np.isnan(found[1]))
