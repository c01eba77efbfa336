"""What can be asked of any region: every kind answers alike."""

from math import pi

import numpy as np

from fernring.core.geometry.dome import ArcDome
from fernring.core.geometry.surface import Plane
from fernring.core.regions.polygons import Polygons
from fernring.core.regions.region import Region, lattice
from fernring.core.regions.round import Band, Disc
from fernring.core.regions.shape import Shape
from tests.assertions import FernTestCase

SQUARE = np.array([(-20, -20), (20, -20), (20, 20), (-20, 20)], float)
HOLE = np.array([(-5, -5), (5, -5), (5, 5), (-5, 5)], float)
REGIONS: dict[str, tuple[Region, float]] = {
    "disc": (Disc(3, -4, 9), pi * 81),
    "band": (Band(Plane(60), 10, 25), pi * (625 - 100)),
    "band on a dome": (Band(ArcDome(60.0, 25), 10, 25), 0.0),
    "square with a hole": (Polygons((SQUARE,), (HOLE,)), 1600 - 100),
    "shape with a hole": (Shape([SQUARE, HOLE]), 1600 - 100),
}


class RegionTest(FernTestCase):
    def test_samples_lie_inside_evenly_and_as_many_as_the_area_says(self) -> None:
        for name, (region, area) in REGIONS.items():
            with self.subTest(name):
                points = region.sample(0.37)
                self.assertTrue(region.contains(*points.T).all())
                self.assertTrue(np.allclose(points / 0.37, np.round(points / 0.37)))
                self.assertLess(abs(len(points) * 0.37**2 / region.area - 1), 0.02)
                if area:
                    self.assertLess(abs(region.area / area - 1), 5e-3)

    def test_the_sign_of_the_distance_says_inside(self) -> None:
        x, y = np.random.default_rng(5).uniform(-40, 40, (2, 400))
        for name, (region, _) in REGIONS.items():
            with self.subTest(name):
                self.assertEqual((region.signed_distance(x, y) < 0).tolist(), region.contains(x, y).tolist())

    def test_the_edge_is_where_the_distance_is_zero(self) -> None:
        for name, (region, _) in REGIONS.items():
            with self.subTest(name):
                self.assertLess(float(np.abs(region.signed_distance(*region.edge().T)).max()), 1e-9)

    def test_a_lattice_holds_the_points_on_the_edges_of_its_box(self) -> None:
        everything = Disc(0, 0, 100)
        found = lattice(everything, np.array([-1.0, 0.0]), np.array([1.0, 0.5]), 0.5)
        self.assertEqual(len(found), 5 * 2)
