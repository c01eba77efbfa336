"""Discs and bands."""

from math import pi

import numpy as np
from shapely import Polygon

from fernring.core.geometry.dome import ArcDome, ball
from fernring.core.geometry.outline.rays import Rim
from fernring.core.geometry.outline.shapes import oval
from fernring.core.geometry.surface import Plane
from fernring.core.regions.round import Band, Disc
from tests.assertions import FernTestCase


class RoundTest(FernTestCase):
    def test_a_disc_anywhere(self) -> None:
        disc = Disc(10, 5, 3)
        x, y = np.array([10.0, 13.0, 14.0]), np.array([5.0, 5.0, 8.0])
        np.testing.assert_allclose(disc.signed_distance(x, y), (-3, 0, 2))
        self.assertEqual(disc.contains(x, y).tolist(), [True, True, False])
        self.assertEqual(len(disc.sample(1.0)), len({tuple(p) for p in disc.sample(1.0).tolist()}))

    def test_a_band_measures_over_the_surface(self) -> None:
        """Half a ball of 80 mm: 30 degrees of colatitude are a walk of 40 pi/6, seen 20 mm from the axis."""
        band = Band(ball(80), 40 * pi / 6 - 2, 40 * pi / 6 + 5)
        found = band.signed_distance(np.array([20.0]), np.zeros(1))
        self.assert_mm(float(found[0]), -2, 1e-9)

    def test_its_area_is_that_seen_from_above(self) -> None:
        dome = ArcDome(60.0, 25)
        inner, outer = (float(dome.reach(np.array([w]), np.zeros(1))[0]) for w in (10, 25))
        self.assertAlmostEqual(Band(dome, 10, 25).area, pi * (outer**2 - inner**2), places=6)

    def test_on_an_oval_dome_its_area_is_that_of_its_own_edge(self) -> None:
        """By shapely, of the polygon through the points of its edge."""
        band = Band(ArcDome(Rim(oval(140, 90)), 20), 0, 30)
        self.assertAlmostEqual(band.area / Polygon(band.edge()[72:]).area, 1, places=2)

    def test_beyond_the_edge_it_ends_at_the_edge(self) -> None:
        band = Band(Plane(40), 30, 90)
        self.assertAlmostEqual(band.area, pi * (1600 - 900), places=6)
        self.assertLessEqual(float(np.hypot(*band.sample(2.0).T).max()), 40)
