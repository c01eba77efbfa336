"""Drawings traced: dark on light, with holes, as large as drawn where a card lies beside them."""

import cv2
import numpy as np

from fernring.standins.camera.stones import CARD_MM, printed_card
from fernring.vision.drawing import ACROSS, TOLERANCE, _thinned, drawn
from fernring.vision.intake import Picture
from fernring.vision.limits import PictureError
from tests.assertions import FernTestCase


def paper(wide: int = 900, high: int = 700) -> np.ndarray:
    """Paper in light that falls off to one side."""
    light = np.linspace(235, 170, wide)[None, :, None]
    return np.repeat(np.repeat(light, high, axis=0), 3, axis=2).astype(np.uint8)


def ring(pixels: np.ndarray) -> np.ndarray:
    cv2.circle(pixels, (450, 350), 200, (40, 30, 50), -1)
    cv2.circle(pixels, (450, 350), 90, pixels[350, 100].tolist(), -1)
    return pixels


class DrawingTest(FernTestCase):
    def test_a_ring_and_its_hole(self) -> None:
        lines, scaled = drawn(Picture(ring(paper()), None))
        self.assertFalse(scaled)
        self.assertEqual(len(lines), 2)
        outer, hole = (np.hypot(*line.T) for line in lines)
        self.assertTrue(np.allclose(outer, ACROSS / 2, atol=0.4))
        self.assertTrue(np.allclose(hole, ACROSS / 2 * 90 / 200, atol=0.4))
        self.assertLess(len(lines[0]), 200)

    def test_as_large_as_drawn_beside_the_card(self) -> None:
        per_mm = 6.0
        pixels = np.full((900, 1500, 3), 200, dtype=np.uint8)
        light = np.clip(printed_card(), 0, 1) ** (1 / 2.2) * 255
        card = cv2.resize(light, None, fx=per_mm / CARD_MM, fy=per_mm / CARD_MM, interpolation=cv2.INTER_AREA)
        pixels[100 : 100 + card.shape[0], 60 : 60 + card.shape[1]] = card.astype(np.uint8)
        cv2.circle(pixels, (1150, 420), int(25 * per_mm), (40, 40, 40), -1)
        lines, scaled = drawn(Picture(pixels, None))
        self.assertTrue(scaled)
        self.assertEqual(len(lines), 1)
        self.assertTrue(np.allclose(np.hypot(*lines[0].T), 25, atol=0.5))

    def test_what_is_no_drawing_is_said(self) -> None:
        reaching = paper()
        cv2.circle(reaching, (20, 350), 200, (40, 40, 40), -1)
        busy = paper()
        for k in range(60):
            cv2.circle(busy, (60 + 85 * (k % 10), 60 + 110 * (k // 10)), 20, (30, 30, 30), -1)
        for pixels, words in ((paper(), "No drawing"), (reaching, "over the edge"), (busy, "at most 40")):
            with self.assertRaisesRegex(PictureError, words):
                drawn(Picture(pixels, None))

    def test_paper_all_round_it(self) -> None:
        for x, y, fits in ((150, 350, True), (749, 350, True), (102, 350, False), (797, 350, False), (450, 102, False),
                           (450, 597, False), (450, 590, True)):  # fmt: skip
            pixels = np.full((700, 900, 3), 220, np.uint8)
            cv2.circle(pixels, (x, y), 100, (40, 40, 40), -1)
            if fits:
                self.assertEqual(len(drawn(Picture(pixels, None))[0]), 1, (x, y))
            else:
                with self.assertRaisesRegex(PictureError, "over the edge", msg=str((x, y))):
                    drawn(Picture(pixels, None))

    def test_pale_on_pale_is_no_drawing_and_specks_are_left_out(self) -> None:
        for ink, there in ((212, False), (150, True)):
            pixels = np.full((700, 900, 3), 220, np.uint8)
            cv2.circle(pixels, (450, 350), 200, (ink,) * 3, -1)
            cv2.circle(pixels, (100, 100), 3, (ink,) * 3, -1)
            if there:
                self.assertEqual(len(drawn(Picture(pixels, None))[0]), 1)
            else:
                with self.assertRaisesRegex(PictureError, "No drawing is found"):
                    drawn(Picture(pixels, None))

    def test_few_points_tell_a_line_within_the_tolerance(self) -> None:
        turn = np.linspace(0, 2 * np.pi, 2_000, endpoint=False)
        line = 30 * np.column_stack((np.sin(turn), -np.cos(turn)))
        few = _thinned(line)
        self.assertLess(len(few), 80)
        # The sagitta of chords of a circle is r (1 - cos(half the angle)): within the tolerance, and four times as
        # much, as of chords twice as long, is beyond it.
        angle = np.diff(np.unwrap(np.arctan2(few[:, 0], -few[:, 1])))
        sagitta = 30 * (1 - np.cos(angle / 2))
        self.assertLess(float(np.abs(sagitta).max()), TOLERANCE + 0.01)
        self.assertGreater(4 * float(np.abs(sagitta).max()), TOLERANCE)
        self.assertEqual(TOLERANCE, 0.12)
