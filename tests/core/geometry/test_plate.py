"""A plate: a flat well and a sloping rim."""

from math import hypot

import numpy as np

from fernring.core.geometry.plate import Plate
from tests.assertions import FernTestCase

PLATE = Plate(100, 60, 30)  # a rim of 40 out and 30 up: 50 along the slope (3-4-5)


class PlateTest(FernTestCase):
    def test_the_slope_of_the_rim(self) -> None:
        self.assert_mm(PLATE.rim, 110)
        self.assertEqual(PLATE.circle(60), (60, 0, 1))
        self.assert_mm(PLATE.circle(85).reach, 80)
        self.assert_mm(PLATE.circle(85).z, 15)
        self.assert_mm(PLATE.walk(80), 85)
        self.assert_mm(PLATE.walk(55), 55)

    def test_normals_stand_upright_in_the_well_and_lean_inward_on_the_rim(self) -> None:
        normals = np.stack(PLATE.normals(np.array([30.0, 85.0]), np.full(2, np.pi / 2)))
        np.testing.assert_allclose(normals.T, [(0, 0, 1), (-0.6, 0, 0.8)], atol=1e-12)

    def test_a_walk_over_the_edge_of_the_well_is_longer_than_the_straight_line(self) -> None:
        """Two points 10 mm along a spoke to either side of the bend: the chord by the law of cosines."""
        points = np.stack(PLATE.points(np.array([50.0, 70.0]), np.zeros(2)), axis=1)
        chord = float(np.linalg.norm(points[1] - points[0]))
        self.assert_mm(chord, hypot(10 + 8, 6))
        self.assertGreaterEqual(PLATE.longest_arc(chord), 20)

    def test_contact_on_the_slope_in_the_well_and_none(self) -> None:
        foot = PLATE.points(np.array([70.0]), np.zeros(1))
        self.assert_mm(float(PLATE.contact_walk(np.zeros(1), *foot, np.array([5.0]))[0]), 75)
        well = PLATE.points(np.array([20.0]), np.zeros(1))
        self.assert_mm(float(PLATE.contact_walk(np.zeros(1), *well, np.array([5.0]))[0]), 25)
        aside = PLATE.contact_walk(np.array([np.pi / 2]), *well, np.array([5.0]))
        self.assertTrue(np.isnan(aside[0]))
