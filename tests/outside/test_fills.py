"""Fills against what is known of packings."""

import numpy as np
import shapely

from fernring.core.rows.fills.pack import pack
from tests.assertions import FernTestCase
from tests.fill_cases import ellipse, task, violations


class FillTest(FernTestCase):
    def test_no_denser_than_the_hexagonal_limit(self) -> None:
        """Equal discs cover at most pi/(2 sqrt 3) of the plane; with a gap each stands for a disc half a gap wider.
        Source: Thue (1910), Fejes Tóth (1942).
        """
        of = task(shapely.Polygon(ellipse(80, 80, 600)), (5.0,))
        found = pack(of)
        wide = of.radii[0] + of.gap / 2
        room = shapely.buffer(of.area, -of.gap / 2, quad_segs=64).area
        share = len(found.at) * np.pi * wide**2 / room
        self.assertLess(share, np.pi / (2 * np.sqrt(3)))
        self.assertGreater(share, 0.8)

    def test_six_about_one(self) -> None:
        """Seven equal circles fit into one three times as wide, and no more. Source: known packings of circles in a
        circle (Graham, 1968).
        """
        of = task(shapely.Polygon(ellipse(9.005, 9.005, 4000)), (6.0,), gap=0.0, order=6)
        self.assertEqual(len(pack(of).at), 7)

    def test_by_distances_of_shapely(self) -> None:
        area = shapely.Polygon(ellipse(40, 25)).difference(shapely.box(-8, -8, 3, 30))
        of = task(area, (5.0, 2.0, 0.9), gap=0.2)
        self.assertLess(violations(of, pack(of)), 1e-6)
