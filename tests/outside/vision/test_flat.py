"""A picture seen from straight above: against closed forms for a camera that looks straight down."""

import numpy as np

from fernring.vision.flat import Flat, flattened, in_view, log_light
from fernring.vision.view import View
from tests.assertions import FernTestCase

HIGH, WIDE = 300, 400
AWAY, FOCAL = 400.0, 800.0  # mm, and pixels: two pixels show a millimetre of the table
DOWN = View(
    np.array([[FOCAL, 0, 199.5], [0, FOCAL, 149.5], [0, 0, 1]]), np.zeros(4), np.eye(3), np.array([0.0, 0, AWAY]), 0.0
)


def empty(left: float, top: float, per_mm: float, shape: tuple[int, int] = (20, 30)) -> Flat:
    return Flat(np.zeros((*shape, 3), np.uint8), np.ones(shape, bool), left, top, per_mm, 0.0)


def slope() -> np.ndarray:
    """Light rises to the right in the first channel and downward in the second."""
    v, u = np.mgrid[0:HIGH, 0:WIDE]
    return np.stack((u * 0.5, v * 0.5, np.full_like(u, 90.0)), axis=-1).astype(np.uint8)


class FlatTest(FernTestCase):
    def test_pixels_lie_about_the_middles_of_their_places(self) -> None:
        flat = empty(-7.0, 3.0, 4.0)
        self.assertEqual(flat.places(np.array([[0.0, 0.0], [3.0, 5.0]])).tolist(), [[-6.875, 3.125], [-6.125, 4.375]])
        pixels = np.array([[1.5, 2.0], [11.0, 7.25]])
        self.assertTrue(np.allclose(flat.pixels_of(flat.places(pixels)), pixels))

    def test_the_window_round_a_mask(self) -> None:
        mask = np.zeros((20, 30), bool)
        mask[4:9, 6:16] = True
        left, top, right, low = empty(10.0, 20.0, 2.0).window(mask, 1.5)
        self.assertEqual((left, top, right, low), (10 + 3.25 - 1.5, 20 + 2.25 - 1.5, 10 + 7.75 + 1.5, 20 + 4.25 + 1.5))

    def test_a_mask_is_taken_to_another_window(self) -> None:
        """Of a coarse window whose place (2, 1) is wet, the fine one sees that millimetre and nothing beyond it."""
        mask = np.zeros((3, 4), bool)
        mask[1, 2] = mask[0, 0] = True
        taken = empty(1.0, 1.0, 4.0, (12, 12)).taken(mask, empty(0.0, 0.0, 1.0, (3, 4)))
        rows, columns = np.nonzero(taken)
        self.assertEqual((rows.min(), rows.max(), columns.min(), columns.max()), (0, 3, 4, 7))
        self.assertEqual(int(taken.sum()), 16)
        beyond = empty(-2.0, -2.0, 1.0, (6, 8)).taken(np.ones((3, 4), bool), empty(0.0, 0.0, 1.0, (3, 4)))
        self.assertEqual(np.argwhere(beyond).min(axis=0).tolist(), [2, 2])
        self.assertEqual(np.argwhere(beyond).max(axis=0).tolist(), [4, 5])

    def test_log_of_light(self) -> None:
        found = log_light(np.array([[[0, 3, 255]]], np.uint8))
        self.assertTrue(np.allclose(found, np.log([3.0, 3.0, 255.0])))

    def test_what_is_in_view(self) -> None:
        """400 by 300 pixels at two a millimetre are 200 by 150 mm; higher up less of it is seen."""
        pixels = slope()
        self.assertTrue(np.allclose(in_view(pixels, DOWN, 0.0, 900.0), (-99.75, -74.75, 99.75, 74.75)))
        self.assertTrue(np.allclose(in_view(pixels, DOWN, 0.0, 50.0), (-50, -50, 50, 50)))
        self.assertTrue(np.allclose(in_view(pixels, DOWN, 100.0, 900.0)[0], -99.75 * 0.75))

    def test_every_pixel_shows_what_is_seen_at_its_place(self) -> None:
        flat = flattened(slope(), DOWN, 0.0, (-60.0, -40.0, 70.0, 50.0), 2.0)
        self.assertEqual(flat.pixels.shape, (180, 260, 3))
        self.assertTrue(flat.seen.all())
        for u, v in ((0, 0), (130, 90), (259, 179), (33, 150)):
            x, y = DOWN.seen(flat.places(np.array([[u, v]], float)))[0]
            self.assertAlmostEqual(float(flat.pixels[v, u, 0]), 0.5 * x, delta=0.8)
            self.assertAlmostEqual(float(flat.pixels[v, u, 1]), 0.5 * y, delta=0.8)
            self.assertEqual(int(flat.pixels[v, u, 2]), 90)

    def test_it_is_made_coarser_where_it_would_be_too_large(self) -> None:
        flat = flattened(slope(), DOWN, 0.0, (-60.0, -40.0, 60.0, 40.0), 10.0, most=9_600)
        self.assertAlmostEqual(flat.per_mm, 1.0)
        self.assertEqual(flat.pixels.shape, (80, 120, 3))
        x, y = DOWN.seen(flat.places(np.array([[100.0, 20.0]])))[0]
        self.assertAlmostEqual(float(flat.pixels[20, 100, 0]), 0.5 * x, delta=1.0)
        self.assertAlmostEqual(float(flat.pixels[20, 100, 1]), 0.5 * y, delta=1.0)

    def test_what_lies_beyond_the_picture_is_not_seen(self) -> None:
        flat = flattened(slope(), DOWN, 0.0, (60.0, -40.0, 140.0, 40.0), 2.0)
        columns = np.nonzero(flat.seen.any(axis=0))[0]
        self.assertEqual(columns[0], 0)
        self.assertAlmostEqual(float(flat.places(np.array([[columns[-1], 0.0]]))[0, 0]), 99.5, delta=0.6)
        self.assertTrue((flat.seen == flat.seen[:1]).all())
