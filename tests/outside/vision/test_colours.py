"""Colours read off pictures."""

import numpy as np

from fernring.core.colour import cielab, srgb
from fernring.core.colour.difference import ciede2000
from fernring.vision.colours import beside_white, main_colours
from fernring.vision.limits import PictureError
from tests.assertions import FernTestCase
from tests.outside.vision.pictures import halves, swab

PAINT, WHITE = (0.25, 0.5), (0.75, 0.5)


class BesideWhiteTest(FernTestCase):
    def test_the_lamp_is_taken_out(self) -> None:
        for lamp in ((0.9, 0.9, 0.9), (0.8, 0.6, 0.35), (0.3, 0.4, 0.5)):
            found = beside_white(swab("#2f6fb3", lamp).astype(np.uint8), PAINT, WHITE)
            lab = cielab.from_srgb(srgb.from_hex([found, "#2f6fb3"]))
            self.assertLess(float(ciede2000(lab[0], lab[1])), 1.5, str(lamp))

    def test_specks_do_not_count(self) -> None:
        pixels = swab("#2f6fb3", (0.8, 0.8, 0.8)).astype(np.uint8)
        clean = beside_white(pixels, PAINT, WHITE)
        pixels[::4, ::4] = 255
        self.assertEqual(beside_white(pixels, PAINT, WHITE), clean)

    def test_a_white_that_tells_nothing(self) -> None:
        for white, words in (((40, 40, 40), "too dark"), ((255, 255, 255), "so bright")):
            with self.assertRaisesRegex(PictureError, words):
                beside_white(halves((90, 60, 30), white).astype(np.uint8), PAINT, WHITE)

    def test_at_the_very_corner(self) -> None:
        pixels = halves((90, 60, 30), (220, 220, 220)).astype(np.uint8)
        self.assertRegex(beside_white(pixels, (0.0, 0.0), (1.0, 1.0)), "#[0-9a-f]{6}")


class MainColoursTest(FernTestCase):
    def test_those_with_most_of_it_first(self) -> None:
        pixels = np.empty((100, 100, 3), np.uint8)
        pixels[:60], pixels[60:90], pixels[90:] = (200, 40, 40), (30, 60, 180), (240, 230, 90)
        self.assertEqual(main_colours(pixels, 3), ["#c82828", "#1e3cb4", "#f0e65a"])

    def test_one_colour_is_one(self) -> None:
        self.assertEqual(main_colours(np.full((40, 40, 3), 90, np.uint8), 6), ["#5a5a5a"])
