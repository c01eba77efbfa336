"""Lightness, chroma and hue, against a reference library."""

import numpy as np
from coloraide import Color

from fernring.core.colour import oklch
from tests.assertions import FernTestCase

COLOURS = ["#b0303a", "#2f62b8", "#5b9a48", "#f0d040", "#7b4aa0"]


class OklchTest(FernTestCase):
    def test_against_a_reference_library(self) -> None:
        """coloraide, which takes the same matrices with a few more digits."""
        for ours, colour in zip(oklch.from_hex(COLOURS), COLOURS, strict=True):
            theirs = Color(colour).convert("oklch")
            self.assertTrue(np.allclose(ours, [theirs["l"], theirs["c"], theirs["h"]], atol=(2e-4, 2e-4, 0.05)), colour)

    def test_there_and_back(self) -> None:
        self.assertEqual(oklch.to_hex(oklch.from_hex(COLOURS)), COLOURS)

    def test_the_shorter_way_round(self) -> None:
        ones, others = np.array([10.0, 350.0, 0.0]), np.array([350.0, 20.0, 180.0])
        self.assertEqual(oklch.turn(ones, others).tolist(), [20.0, 30.0, 180.0])
