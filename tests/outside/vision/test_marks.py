"""Marks in a picture: as OpenCV draws them, and what is said of too few, too many and mirrored ones."""

import cv2
import numpy as np

from fernring.core.marks import CARD, CARD_MARKS, DICTIONARY, SIDE, corners
from fernring.vision.card import card_view, frame
from fernring.vision.intake import Picture
from fernring.vision.limits import PictureError
from fernring.vision.marks import each_once, found_marks, grey_of, marked_view, mirrored, spanned
from tests.assertions import FernTestCase

PER_MM = 8
WORDS = cv2.aruco.getPredefinedDictionary(getattr(cv2.aruco, DICTIONARY))


def card(*numbers: int, ink: int = 20) -> np.ndarray:
    """A scale card with these of its marks, eight pixels to a millimetre, and 10 mm of table round it."""
    side = round(SIDE * PER_MM)
    pixels = np.full((int((CARD[1] + 20) * PER_MM), int((CARD[0] + 20) * PER_MM)), 215, np.uint8)
    for number in numbers or CARD_MARKS:
        mark = np.where(cv2.aruco.generateImageMarker(WORDS, number, side) > 0, 215, ink)
        left, top = (round((value + 10) * PER_MM - side / 2) for value in CARD_MARKS[number])
        pixels[top : top + side, left : left + side] = mark
    return np.repeat(pixels[..., None], 3, axis=2)


class MarksTest(FernTestCase):
    def test_grey_is_by_the_weights_of_bt_601(self) -> None:
        """Source: ITU-R BT.601, 0.299 R + 0.587 G + 0.114 B."""
        grey = grey_of(np.array([[[200, 100, 50]]], np.uint8))
        self.assertEqual(int(grey[0, 0]), round(0.299 * 200 + 0.587 * 100 + 0.114 * 50))

    def test_all_of_a_card_are_found_where_they_are(self) -> None:
        found = dict(found_marks(grey_of(card())))
        self.assertEqual(set(found), set(CARD_MARKS))
        for number, seen in found.items():
            true = (corners(CARD_MARKS[number]) + 10) * PER_MM - 0.5
            self.assertLess(float(np.abs(seen - true).max()), 0.7, number)

    def test_corners_of_an_upright_mark(self) -> None:
        self.assertEqual(corners((10.0, 20.0), 4.0).tolist(), [[8, 18], [12, 18], [12, 22], [8, 22]])

    def test_a_mirrored_card_is_told(self) -> None:
        grey = grey_of(card())
        self.assertFalse(mirrored(grey))
        self.assertTrue(mirrored(np.ascontiguousarray(grey[:, ::-1])))
        with self.assertRaisesRegex(PictureError, "mirrored"):
            card_view(Picture(np.ascontiguousarray(card()[:, ::-1]), None))

    def test_two_cards_are_told_and_a_chance_look_alike_is_left_out(self) -> None:
        marks = found_marks(grey_of(card()))
        self.assertEqual(len(each_once([*marks, *marks[:2]], set(CARD_MARKS), "scale card")), 14)
        with self.assertRaisesRegex(PictureError, "leave one scale card only"):
            each_once([*marks, *marks[:3]], set(CARD_MARKS), "scale card")
        self.assertEqual(each_once(marks, {0, 1}, "card").keys(), {0, 1})

    def test_the_area_that_marks_span(self) -> None:
        """Of the four outermost ones: a box, which their own sides make larger."""
        self.assertEqual(spanned(CARD_MARKS, {}), 0.0)
        middles = {1: (0.0, 0.0), 2: (30.0, 0.0), 3: (30.0, 20.0), 4: (0.0, 20.0)}
        found = spanned(middles, dict.fromkeys(middles, np.zeros((4, 2))))
        self.assertAlmostEqual(found, (30 + SIDE) * (20 + SIDE), places=3)

    def test_the_view_from_straight_above(self) -> None:
        """Eight pixels a millimetre and a focal length of 26.5 / 36 of the width: that far away is the camera."""
        pixels = card()
        marks = dict(found_marks(grey_of(pixels)))
        seen = marked_view(Picture(pixels, 26.5), CARD_MARKS, marks)
        self.assertLess(seen.error, 0.6)
        away = 26.5 / 36 * pixels.shape[1] / PER_MM
        self.assertAlmostEqual(-float(seen.eye[2]), away, delta=0.03 * away)
        self.assertLess(float(np.abs(frame(seen) - (np.array([[0, 0], [CARD[0], 0], CARD, [0, CARD[1]]]) + 10)
                                     * PER_MM).max()), 2.0)  # fmt: skip

    def test_too_few_marks_and_too_close_together(self) -> None:
        with self.assertRaisesRegex(PictureError, "Only 3 of the card's 16 marks"):
            card_view(Picture(card(0, 5, 9), None))
        with self.assertRaisesRegex(PictureError, "Too little of the scale card is seen"):
            card_view(Picture(card(0, 1, 14, 15), None))
        view, number = card_view(Picture(card(0, 4, 8, 12), None))
        self.assertEqual(number, 4)
        self.assertLess(view.error, 1.0)

    def test_a_black_picture_and_one_without_a_card(self) -> None:
        with self.assertRaisesRegex(PictureError, "nearly black"):
            card_view(Picture(card() // 20, None))
        with self.assertRaisesRegex(PictureError, "not sharp"):
            card_view(Picture(np.full((600, 800, 3), 128, np.uint8), None))
        noise = np.random.default_rng(3).integers(60, 200, (600, 800, 3)).astype(np.uint8)
        with self.assertRaisesRegex(PictureError, "No scale card is found"):
            card_view(Picture(noise, None))
