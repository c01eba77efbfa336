"""Mixes by volume."""

import numpy as np

from fernring.core.colour import cielab, srgb
from fernring.core.document.shelf import Paint
from fernring.core.paint.mixing import mixed
from fernring.core.paint.pigment import pigments
from tests.assertions import FernTestCase

COLOURS = ("#f5f0e3", "#2f6fb3", "#d9643a", "#1c2430")
POTS = [Paint(id=f"p{k}", name=f"P{k}", colour=colour) for k, colour in enumerate(COLOURS)]


class MixedTest(FernTestCase):
    def setUp(self) -> None:
        self.pots = pigments(POTS, "p0")

    def test_a_paint_by_itself_and_with_itself_keeps_its_colour(self) -> None:
        found = mixed(self.pots, np.vstack((np.eye(4), 7 * np.eye(4))))
        np.testing.assert_allclose(found, np.tile(srgb.from_hex(list(COLOURS)), (2, 1)), atol=0.012)
        twice = mixed([self.pots[1], self.pots[1]], np.array([[3.0, 5.0]]))
        np.testing.assert_allclose(twice, mixed([self.pots[1]], np.array([[1.0]])), atol=1e-12)

    def test_more_white_is_never_darker(self) -> None:
        parts = np.stack((np.linspace(0, 1, 40), np.linspace(1, 0, 40)), axis=1)
        for other in (1, 2, 3):
            light = cielab.from_srgb(np.clip(mixed([self.pots[0], self.pots[other]], parts), 0, 1))[:, 0]
            self.assertTrue((np.diff(light) > 0).all())

    def test_blue_and_orange_make_a_dull_one(self) -> None:
        """No mix of light, which would be a pale grey: paint takes away."""
        mix = cielab.from_srgb(np.clip(mixed(self.pots, np.array([[0.0, 1.0, 1.0, 0.0]])), 0, 1))[0]
        ends = cielab.from_srgb(srgb.from_hex(list(COLOURS[1:3])))
        self.assertLess(mix[0], ends[:, 0].mean())
        self.assertLess(np.hypot(*mix[1:]), 0.7 * np.hypot(*ends[:, 1:].T).min())
