"""The piece of a lattice that has most places."""

import numpy as np
import shapely
from scipy.spatial import cKDTree

from fernring.core.rows.fills.lattice import lattice
from tests.assertions import FernTestCase
from tests.fill_cases import ellipse, task


class LatticeTest(FernTestCase):
    def test_places_lie_in_the_area_a_dot_and_a_gap_apart(self) -> None:
        of = task(shapely.Polygon(ellipse(60, 40)), (6.0,))
        found = lattice(of)
        away, _ = cKDTree(found).query(found, k=2)
        self.assertGreaterEqual(away[:, 1].min(), 6.3 - 1e-9)
        self.assertLess(away[:, 1].max(), 6.31)
        edge = shapely.distance(shapely.boundary(of.area), shapely.points(found))
        self.assertGreaterEqual(edge.min(), 3.3)
        self.assertGreater(len(found) * np.pi * 9 / of.area.area, 0.65)

    def test_none_on_what_lies_there_or_where_nothing_fits(self) -> None:
        area = shapely.Polygon(ellipse(60, 40))
        found = lattice(task(area, (6.0,), lying=np.zeros((1, 2)), lying_radius=np.array([20.0])))
        self.assertGreaterEqual(np.hypot(*found.T).min(), 23.3 - 1e-6)
        self.assertEqual(len(lattice(task(shapely.box(0, 0, 4, 4), (6.0,)))), 0)
