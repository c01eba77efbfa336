"""Lattices."""

import numpy as np
import shapely
from scipy.spatial import cKDTree

from fernring.core.geometry.lattice import SLANTED, evenly_in, lattice_about
from tests.assertions import FernTestCase


class LatticeTest(FernTestCase):
    def test_the_hexagonal_one_has_six_neighbours_at_the_same_distance(self) -> None:
        points = lattice_about(4, 2.5, 0.5, SLANTED)
        self.assertEqual(len(points), 81)
        middle = points[np.hypot(*points.T) < 4.0]
        for near in cKDTree(points).query_ball_point(middle, 2.5 + 1e-9):
            self.assertEqual(len(near), 7)
        np.testing.assert_allclose(np.diff(np.unique(points[:, 1])), 2.5 * np.sqrt(3) / 2)

    def test_the_square_one(self) -> None:
        self.assertEqual(
            sorted(map(tuple, lattice_about(1, 2.0).tolist())), [(x, y) for x in (-2, 0, 2) for y in (-2, 0, 2)]
        )

    def test_evenly_over_an_area_each_point_stands_for_as_much(self) -> None:
        area = shapely.Point(3, 4).buffer(10, quad_segs=64).difference(shapely.box(2, 2, 5, 9))
        points = evenly_in(area, 0.2)
        self.assertTrue(shapely.contains_xy(area, *points.T).all())
        self.assertAlmostEqual(len(points) * 0.04 / area.area, 1.0, delta=0.01)
