"""Outlines: shapes, insets, centres, axes, rays."""

from math import pi

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.errors import FitError
from fernring.core.geometry.outline import axes, centres, inset, polygon, rays, shapes
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


class ShapeTest(FernTestCase):
    def test_every_shape_is_simple_clockwise_and_as_large_as_asked(self) -> None:
        sizes = {"oval": (140, 90), "rectangle": (100, 80), "heart": (100, 90), "cross": (80, 100), "leaf": (60, 120)}
        for name, corners in SHAPES.items():
            with self.subTest(name):
                self.assertTrue(shapely.LinearRing(corners).is_ccw)  # with y pointing up
                self.assertIsNone(inset.crossing(corners))
                if name in sizes:
                    left, top, right, low = polygon.extent(corners)
                    self.assert_mm(right - left, sizes[name][0], 2e-3)
                    self.assert_mm(low - top, sizes[name][1], 2e-3)
                    self.assert_mm(left + right, 0, 2e-3)

    def test_a_spoked_outline_passes_through_what_was_measured(self) -> None:
        distances = [40, 42, 45, 41, 38, 37, 39, 44]
        found = rays.ray_lengths(shapes.spoked(distances), np.arange(8) * pi / 4 + 1e-12)
        np.testing.assert_allclose(found, distances, atol=1e-6)

    def test_distances_that_jump_too_much(self) -> None:
        with self.assertRaisesRegex(FitError, "pass its own centre"):
            shapes.spoked([10, 10, 900, 10, 10, 10, 900, 10])

    def test_points_in_and_out(self) -> None:
        x, y = np.array([0.0, 0.0, 45.0, 45.0]), np.array([0.0, 49.0, 0.0, 45.0])
        self.assertEqual(polygon.contains(SHAPES["cross"], x, y).tolist(), [True, True, False, False])


class InsetTest(FernTestCase):
    def test_an_inset_is_even(self) -> None:
        for name, corners in SHAPES.items():
            with self.subTest(name):
                part = inset.inset(corners, 5)[0]
                away = polygon.distance_to_edges(corners, part[:, 0], part[:, 1])
                self.assertLess(float(np.abs(away - 5).max()), 1e-3)

    def test_a_waist_splits_and_a_wide_border_leaves_nothing(self) -> None:
        waist = np.array([(-40, -20), (0, -4), (40, -20), (40, 20), (0, 4), (-40, 20)], float)
        self.assertEqual(len(inset.inset(waist, 5)), 2)
        self.assertEqual(inset.inset(waist, 60), [])

    def test_a_crossing_is_found(self) -> None:
        found = inset.crossing(np.array([(0, 0), (10, 10), (10, 0), (0, 10)], float))
        assert found
        self.assert_mm(found[0], 5, 1e-9)

    def test_simplified_stays_near(self) -> None:
        rough = shapes.spoked(40 + np.sin(np.arange(72) * 7.0))
        plain = inset.simplified(rough, 0.02)
        self.assertLess(len(plain), len(rough))
        self.assertLess(float(polygon.distance_to_edges(plain, *rough.T).max()), 0.0201)


class CentreTest(FernTestCase):
    def test_the_candidates_of_a_heart_differ_and_say_what_they_mean(self) -> None:
        found = {one.kind: one for one in centres.candidates(SHAPES["heart"])}
        self.assertEqual(list(found), ["middle", "centroid", "inscribed", "enclosing"])
        best = max(found.values(), key=lambda one: one.whole)
        self.assertEqual(best.kind, "inscribed")
        self.assertEqual(min(found.values(), key=lambda one: one.furthest).kind, "enclosing")


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
