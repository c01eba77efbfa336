"""What photographs are read by, against OpenCV's own projection, ISO sizes and closed forms."""

import cv2
import numpy as np
from scipy.stats import norm

from fernring.core.marks import CARD_MARKS, SHEET_MARKS, corners
from fernring.core.practice.steadiness import Steady
from fernring.standins.camera.lens import Camera, looking_at
from fernring.vision.dot_edges import edge_of
from fernring.vision.view import view
from tests.assertions import FernTestCase

SIZE = (4000, 3000)


class ProjectionTest(FernTestCase):
    def test_a_view_is_found_again_from_marks_that_opencv_projects(self) -> None:
        """Source: cv2.projectPoints of OpenCV, with known turn, place, focal length and radial term."""
        matrix = np.array([[2900.0, 0, 1999.5], [0, 2900.0, 1499.5], [0, 0, 1]])
        places = np.concatenate([corners(middle) for middle in SHEET_MARKS.values()])
        space = np.column_stack((places, np.zeros(len(places))))
        turn, shift = np.array([0.2, -0.1, 0.05]), np.array([-105.0, -148.0, 420.0])
        pixels, _ = cv2.projectPoints(space, turn, shift, matrix, np.array([0.04, 0, 0, 0]))
        found = view(places, pixels[:, 0], SIZE, 2900 / 4000 * 36)
        self.assertAlmostEqual(found.matrix[0, 0], 2900, delta=2)
        self.assertAlmostEqual(found.bend[0], 0.04, delta=0.002)
        self.assertTrue(np.allclose(found.shift, shift, atol=0.4))
        high, _ = cv2.projectPoints(space + np.array([0, 0, -12.0]), turn, shift, matrix, np.array([0.04, 0, 0, 0]))
        self.assertLess(float(np.abs(found.places(high[:, 0], 12.0) - places).max()), 0.05)
        self.assertLess(float(np.abs(found.seen(places, 12.0) - high[:, 0]).max()), 0.5)

    def test_marks_in_a_small_part_of_the_picture_tell_no_radial_term(self) -> None:
        matrix = np.array([[2900.0, 0, 1999.5], [0, 2900.0, 1499.5], [0, 0, 1]])
        places = np.concatenate([corners(middle) for middle in list(CARD_MARKS.values())[:4]])
        space = np.column_stack((places, np.zeros(len(places))))
        pixels, _ = cv2.projectPoints(space, np.zeros(3), np.array([-60.0, -40.0, 450.0]), matrix, np.zeros(4))
        self.assertEqual(view(places, pixels[:, 0], SIZE, None).bend[0], 0.0)

    def test_the_simulated_camera_sees_as_opencv_does(self) -> None:
        """Source: cv2.projectPoints; what a pixel sees is seen by that pixel."""
        turn, eye = looking_at((20.0, -10.0), 380.0, 18.0, 130.0, 7.0)
        camera = Camera((800, 600), 580.0, 0.05, turn, eye)
        grid = np.array([[x, y] for x in (40.0, 400.0, 760.0) for y in (30.0, 300.0, 570.0)])
        ray = camera.rays(grid)
        ground = camera.eye[:2] - ray[:, :2] / ray[:, 2:] * camera.eye[2]
        self.assertLess(float(np.abs(camera.seen(ground) - grid).max()), 1e-3)
        x, y, _, _ = camera.places((slice(0, 600), slice(0, 800)))
        at = grid.astype(int)
        self.assertTrue(np.allclose(np.stack((x, y))[:, at[:, 1], at[:, 0]].T, ground, atol=0.02))
        self.assertAlmostEqual(float(np.linalg.norm(eye - (20, -10, 0))), 380.0)


class RoundnessTest(FernTestCase):
    def test_of_a_circle_and_of_an_ellipse(self) -> None:
        """Closed forms: the axes of a circle are as 1, those of an ellipse as b to a; areas pi r^2 and pi a b."""
        for a, b in ((20.0, 20.0), (24.0, 20.0), (30.0, 24.0)):
            y, x = np.mgrid[0:120, 0:120]
            inside = 1 - np.hypot((x - 60) / a, (y - 59) / b)
            share = np.clip(inside * min(a, b) + 0.5, 0, 1).astype(np.float32)
            edge = edge_of(share, share, share > 0.5, (0, 0), np.array([60.0, 59.0]), 10.0)
            assert edge is not None
            self.assertAlmostEqual(edge.roundness, b / a, delta=0.01)
            self.assertAlmostEqual(edge.diameter, 2 * np.sqrt(a * b) / 10, delta=0.08)
            self.assertAlmostEqual(edge.x, 6.05, delta=0.02)
            self.assertAlmostEqual(edge.y, 5.95, delta=0.02)


class SteadyTest(FernTestCase):
    def test_pairs_that_touch(self) -> None:
        """Source: scipy.stats.norm. At 0.35 mm one pair in 40 touches where the gap's deviation is 0.179 mm, and then
        one in about 390 at 0.5 mm."""
        one = Steady("ball", "row", "2026-11-27", 1, 40, 0.179 / np.sqrt(2), (0.0, 0.0), 0.0, 2.0)
        for gap in (0.0, 0.2, 0.35, 0.5):
            self.assertAlmostEqual(one.touching(gap), float(norm.sf(gap / 0.179)), 9)
        self.assertAlmostEqual(1 / one.touching(0.35), 40, delta=1)
        self.assertAlmostEqual(1 / one.touching(0.5), 390, delta=15)
        self.assertAlmostEqual(one.touching(one.safe_gap), 1 / 200, 9)
