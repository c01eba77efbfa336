"""The largest that fits."""

import numpy as np
import shapely

from fernring.core.lettering.largest import largest
from tests.assertions import FernTestCase
from tests.fill_cases import ellipse

BOX = np.array([[-5.0, -1.0], [5.0, -1.0], [5.0, 1.0], [-5.0, 1.0]])


class LargestTest(FernTestCase):
    def test_a_box_in_a_circle_in_closed_form(self) -> None:
        """Its corners lie on the circle: half the diagonal is the radius."""
        found = largest([BOX], [ellipse(40, 40)], True)
        assert found
        self.assertAlmostEqual(found.scale, 40 / np.hypot(5, 1), delta=0.004 * 8)
        self.assertLess(np.hypot(found.x, found.y), 0.3)

    def test_turned_it_fits_the_diagonal_of_a_square(self) -> None:
        """A thin line along the diagonal of a square is longer than its side by the root of two."""
        thin = BOX * [1.0, 0.02]
        square = np.array([[-30.0, -30.0], [30.0, -30.0], [30.0, 30.0], [-30.0, 30.0]])
        level, turned = (largest([thin], [square], one) for one in (True, False))
        assert level and turned
        self.assertAlmostEqual(level.scale, 6.0, delta=0.03)
        self.assertAlmostEqual(turned.scale / level.scale, 60 / np.sqrt(0.5) / 10.04 / 6.0, delta=0.01)
        self.assertAlmostEqual(abs(turned.turn_rad), np.pi / 4, delta=0.02)

    def test_it_lies_inside_and_a_hair_larger_would_not(self) -> None:
        stone = np.array([[-50, -40], [45, -50], [60, 10], [20, 55], [-40, 45]], float)
        found = largest([BOX], [stone], False)
        assert found
        for scale, inside in ((found.scale, True), (found.scale * 1.01, False)):
            cos, sin = np.cos(found.turn_rad), np.sin(found.turn_rad)
            placed = scale * BOX @ np.array([[cos, sin], [-sin, cos]]) + [found.x, found.y]
            self.assertEqual(shapely.Polygon(stone).contains(shapely.Polygon(placed)), inside)
