"""Even spacing along lines."""

from math import pi, sin

import numpy as np

from fernring.core.geometry.even import Curve, closed_places, cornered_places, open_places
from tests.assertions import FernTestCase


def circle(radius: float) -> np.ndarray:
    a = np.linspace(0, 2 * pi, 2001)[:-1]
    return np.stack((radius * np.sin(a), -radius * np.cos(a), 0 * a), axis=1)


class EvenTest(FernTestCase):
    def test_lengths_and_points_of_a_curve(self) -> None:
        curve = Curve(circle(10), True)
        self.assert_mm(curve.length, 2 * pi * 10, 1e-3)
        point = curve(np.array([curve.length / 4]))[0]
        self.assert_mm(float(point[0]), 10, 1e-3)
        np.testing.assert_allclose(curve(np.array([curve.length + 1.0])), curve(np.array([1.0])), atol=1e-9)
        self.assertEqual(len(curve.corners()), 0)

    def test_closed_places_are_evenly_apart(self) -> None:
        curve = Curve(circle(10), True)
        s, gap, off = closed_places(curve, np.full(12, 3.0), 0.0)
        self.assertLess(off, 1e-9)
        self.assert_mm(gap, 20 * sin(pi / 12) - 3, 1e-4)
        self.assertEqual(len(s), 12)

    def test_a_square_has_a_place_on_every_corner(self) -> None:
        square = np.array([(-20, -20, 0), (20, -20, 0), (20, 20, 0), (-20, 20, 0)], float)
        curve = Curve(square, True)
        self.assertEqual(len(curve.corners()), 4)
        s = cornered_places(curve, curve.corners(), 3.3, None)
        self.assertEqual(len(s), 4 * 12)
        points = curve(s)
        for corner in square:
            self.assertLess(float(np.linalg.norm(points - corner, axis=1).min()), 1e-9)
        self.assertEqual(len(cornered_places(curve, curve.corners(), 3.3, 40)), 40)

    def test_open_places_hold_both_ends(self) -> None:
        curve = Curve(np.array([(0, 0, 0), (10, 0, 0), (10, 7, 0)], float), False)
        s = open_places(curve, 6)
        self.assertEqual((float(s[0]), float(s[-1])), (0.0, curve.length))
        chords = np.linalg.norm(np.diff(curve(s), axis=0), axis=1)
        self.assertLess(float(np.ptp(chords)), 1e-6)
        self.assert_mm(float(open_places(curve, 1)[0]), 8.5)
