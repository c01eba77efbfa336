"""The ends of an oval beyond its circle."""

from math import pi

import numpy as np

from fernring.core.geometry.outline.shapes import oval, rectangle
from fernring.core.regions.ends import ends
from tests.assertions import FernTestCase


class EndsTest(FernTestCase):
    def test_two_ends_of_a_long_rectangle(self) -> None:
        """80 x 40 mm about a circle of 20: each end is half the rest, less what is too narrow beside the circle."""
        found = ends([rectangle(80, 40, 0)], 20)
        self.assertEqual(len(found), 2)
        for end in found:
            rest = (80 * 40 - pi * 400) / 2
            self.assertLess(end.area, rest)
            self.assertGreater(end.area, rest - 60)
            self.assertFalse(end.contains(np.array([0.0, 18.0]), np.array([0.0, 0.0])).any())

    def test_the_end_of_an_oval_in_closed_form(self) -> None:
        """Half of what an ellipse has beyond a circle about its centre that is as wide: (pi a b - pi b²)/2."""
        found = ends([oval(160, 80)], 40)
        self.assertEqual(len(found), 2)
        self.assertLess(abs(found[0].area - pi * (80 * 40 - 1600) / 2), 80)

    def test_slivers_and_what_goes_all_round_are_no_ends(self) -> None:
        self.assertEqual(ends([oval(43, 41)], 20), [])
        self.assertEqual(ends([rectangle(100, 100, 0)], 20), [])
        self.assertEqual(ends([], 20), [])

    def test_corners_of_a_square_beyond_its_circle(self) -> None:
        """Each is r² (1 - pi/4) but for its narrow tips (plane geometry)."""
        found = ends([rectangle(100, 100, 0)], 50)
        self.assertEqual(len(found), 4)
        whole = 50 * 50 * (1 - pi / 4)
        for corner in found:
            self.assertLess(corner.area, whole)
            self.assertGreater(corner.area, whole * 0.75)
