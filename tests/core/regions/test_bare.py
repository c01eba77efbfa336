"""Bare areas as regions."""

from typing import Any

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely import Point, Polygon

from fernring.core.document.region import BandRegion, DiscRegion, EndsRegion, ShapeRegion
from fernring.core.geometry.outline.shapes import oval, rectangle
from fernring.core.geometry.surface import Plane
from fernring.core.regions.bare import region_of
from fernring.core.regions.site import Site
from tests.assertions import FernTestCase
from tests.blanks import site

STAR = ((0.0, -12.0), (3.0, -3.0), (12.0, 0.0), (3.0, 3.0), (0.0, 12.0), (-3.0, 3.0), (-12.0, 0.0), (-3.0, -3.0))


def shape(x: float = 0.0, y: float = 0.0) -> dict[str, Any]:
    return {"kind": "shape", "lines": [{"x": [x + px for px, _ in STAR], "y": [y + py for _, py in STAR]}]}


class DistanceTest(FernTestCase):
    @given(st.floats(-30, 30), st.floats(-30, 30))
    def test_depth_inside_a_silhouette_as_shapely_has_it(self, x: float, y: float) -> None:
        region = region_of(ShapeRegion.model_validate(shape()), site(50))
        star, point = Polygon(STAR), Point(x, y)
        wanted = star.exterior.distance(point) * (-1 if star.contains(point) else 1)
        found = region.signed_distance(np.array([x]), np.array([y]))
        self.assert_mm(float(found[0]), wanted, 1e-9)

    def test_ends_and_corners_beyond_a_circle(self) -> None:
        """Counted clockwise from straight up; none where the circle leaves nothing."""
        stone = Site(Plane(80.0), oval(160, 80))
        both = region_of(EndsRegion(beyond=80), stone)
        self.assertLess(abs(both.area - np.pi * (80 * 40 - 1600)), 160)
        right, left = (region_of(EndsRegion(beyond=80, only=k), stone) for k in (1, 2))
        x, y = np.array([60.0, -60.0, 0.0]), np.zeros(3)
        self.assertEqual(right.contains(x, y).tolist(), [True, False, False])
        self.assertEqual(left.contains(x, y).tolist(), [False, True, False])
        for none in (EndsRegion(beyond=80, only=3), EndsRegion(beyond=200)):
            self.assertFalse(region_of(none, stone).contains(x, y).any())
        corners = Site(Plane(71.0), rectangle(100, 100, 0))
        for k, (px, py) in enumerate([(45.0, -45.0), (45.0, 45.0), (-45.0, 45.0), (-45.0, -45.0)], 1):
            corner = region_of(EndsRegion(beyond=100, only=k), corners)
            self.assertTrue(corner.contains(np.array([px]), np.array([py])).all(), k)
            self.assertFalse(corner.contains(np.array([-px]), np.array([py])).any(), k)
        upper = region_of(EndsRegion(beyond=100, only=1), Site(Plane(71.0), rectangle(100, 100, 0)))
        self.assertTrue(upper.contains(np.array([45.0]), np.array([-45.0])).all())

    def test_discs_and_bands_in_closed_form(self) -> None:
        disc = region_of(DiscRegion(x=3, y=4, diameter=6), site(50))
        self.assert_mm(float(disc.signed_distance(np.zeros(1), np.zeros(1))[0]), 5 - 3)
        band = region_of(BandRegion(inner=10, outer=20), site(50))
        walk = np.array([8.0, 10.0, 13.0, 19.0, 23.0])
        np.testing.assert_allclose(band.signed_distance(0.6 * walk, 0.8 * walk), (2, 0, -3, -1, 3), atol=1e-9)
