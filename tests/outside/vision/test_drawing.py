"""Drawings traced: dark on light, with holes, as large as drawn where a card lies beside them."""

import cv2
import numpy as np

from fernring.standins.camera.stones import CARD_MM, printed_card
from fernring.vision.drawing import ACROSS, drawn
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
        for pixels, words in (
            (paper(), "No drawing"), (reaching, "over the edge"), (busy, "at most 40"),
        ):  # fmt: skip
            with self.assertRaisesRegex(PictureError, words):
                drawn(Picture(pixels, None))
