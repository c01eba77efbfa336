"""Stone told from ground, roughly: on made-up grounds whose parts are known."""

import numpy as np

from fernring.vision import apart as of
from fernring.vision.apart import Stroke, apart, covered_by
from fernring.vision.flat import Flat
from fernring.vision.limits import PictureError
from tests.assertions import FernTestCase

HIGH, WIDE = 160, 200
CARD = np.array([[10.0, 10], [50, 10], [50, 40], [10, 40]])
V, U = np.mgrid[0:HIGH, 0:WIDE]


def round_(x: float, y: float, radius: float) -> np.ndarray:
    return np.asarray(np.hypot(U + 0.5 - x, V + 0.5 - y) < radius)


def flat(*stones: tuple[np.ndarray, tuple[float, float, float]], spread: float = 0.03) -> Flat:
    """Grey ground whose light falls off to one side, at one pixel a millimetre, with these colours on it."""
    light = np.full((HIGH, WIDE, 3), 150.0) * (1 - 0.3 * U / WIDE + 0.1 * (V / HIGH) ** 2)[..., None]
    for where, colour in stones:
        light[where] = light[where] * np.array(colour)
    rng = np.random.default_rng(6)
    pixels = np.clip(light * np.exp(rng.normal(0, spread, light.shape)), 0, 255).astype(np.uint8)
    return Flat(pixels, np.ones((HIGH, WIDE), bool), 0.0, 0.0, 1.0, 0.0)


class ApartTest(FernTestCase):
    def alike(self, found: np.ndarray, true: np.ndarray) -> float:
        """The share of their union that two masks have in common."""
        return float((found & true).sum() / (found | true).sum())

    def test_a_brown_stone_and_no_shadow(self) -> None:
        stone, shadow = round_(120, 90, 30), round_(145, 98, 26)
        found = apart(flat((shadow, (0.55, 0.55, 0.55)), (stone, (0.9, 0.5, 0.3))), CARD)
        self.assertGreater(self.alike(found, stone), 0.65)
        bright = apart(flat((stone, (0.9, 0.5, 0.3))), CARD)
        self.assertGreater(self.alike(bright, stone), 0.9)

    def test_of_two_stones_the_larger_or_the_one_that_was_drawn_on(self) -> None:
        large, small = round_(130, 100, 26), round_(70, 100, 16)
        seen = flat((large, (0.8, 0.45, 0.35)), (small, (0.8, 0.45, 0.35)))
        self.assertGreater(self.alike(apart(seen, CARD), large), 0.85)
        drawn = [Stroke(True, np.array([[66.0, 100.0], [74.0, 100.0]]))]
        self.assertGreater(self.alike(apart(seen, CARD, drawn), small), 0.8)
        cut = [Stroke(False, np.array([[y, 80.0] for y in range(100, 161, 4)]))]
        self.assertFalse(apart(seen, CARD, cut)[80, 130])

    def test_ground_alone_has_no_stone(self) -> None:
        with self.assertRaisesRegex(PictureError, "No stone is told from the ground"):
            apart(flat(), CARD)

    def test_by_pattern_where_colours_are_alike(self) -> None:
        """A stone as grey as its ground, but smooth where that is speckled."""
        seen = flat(spread=0.22)
        stone = round_(120, 90, 34)
        pixels = seen.pixels.copy()
        pixels[stone] = np.clip(128 + np.random.default_rng(1).normal(0, 2, (int(stone.sum()), 3)), 0, 255)
        found = apart(Flat(pixels, seen.seen, 0.0, 0.0, 1.0, 0.0), CARD)
        self.assertGreater(self.alike(found, stone), 0.6)


class PartsTest(FernTestCase):
    def test_the_card_and_five_millimetres_at_its_corners(self) -> None:
        covered = covered_by(flat(), CARD)
        self.assertTrue(covered[11, 11])
        rows, columns = np.nonzero(covered)  # corners move away from the middle: by 4 across and 3 down
        self.assertAlmostEqual(columns.min(), 10 - 4 - 0.5, delta=1)
        self.assertAlmostEqual(rows.max(), 40 + 3 - 0.5, delta=1)
        self.assertFalse(covered[60, 100])

    def test_the_edge_of_the_picture_is_ground(self) -> None:
        near = of._near_edge(flat())
        self.assertTrue(near[4, 90] and near[80, 4])
        self.assertFalse(near[7, 90] or near[80, 7])

    def test_slow_light_is_taken_out(self) -> None:
        seen = flat(spread=0.01)
        even = of._even_light(seen, np.ones((HIGH, WIDE), bool))
        self.assertLess(float(np.abs(even.mean(axis=2) - 0.5).max()), 0.04)
        terms = of._quadratic(np.array([2.0]), np.array([3.0]))
        self.assertEqual(terms.tolist(), [[1, 2, 3, 4, 6, 9]])

    def test_how_odd(self) -> None:
        """Ground is about 1, colour far beyond the threshold, a shadow less than a stone as dark."""
        stone, shadow = round_(120, 100, 22), round_(60, 100, 22)
        ground = np.ones((HIGH, WIDE), bool)
        seen = flat((stone, (0.5, 0.42, 0.3)), (shadow, (0.6, 0.6, 0.6)))
        odd = of._oddness(of._even_light(seen, ground), ground, 1.0)
        inside = {name: float(np.median(odd[where])) for name, where in (
            ("stone", round_(120, 100, 16)), ("shadow", round_(60, 100, 16)), ("ground", U > 165))}  # fmt: skip
        self.assertLess(inside["ground"], 2.0)
        self.assertGreater(inside["stone"], 2 * of.ODD)
        self.assertLess(inside["shadow"], 0.6 * inside["stone"])

    def test_the_middle_and_the_spread_of_most(self) -> None:
        """Source: of a normal distribution the median deviation is 0.6745 of the standard one."""
        values = np.random.default_rng(9).normal(4.0, 2.0, 40_000)
        values[:400] = 1e4
        middle, spread = of._robust(values)
        self.assertAlmostEqual(middle, 4.0, delta=0.08)
        self.assertAlmostEqual(spread, 2.0, delta=0.08)

    def test_fullness(self) -> None:
        """A disc fills its hull; of two arms, 100 by 20 and 80 by 20, the hull adds a triangle of 80 by 80."""
        self.assertGreater(of._fullness(round_(100, 80, 40)), 0.97)
        arms = np.zeros((HIGH, WIDE), bool)
        arms[20:120, 20:40] = arms[100:120, 20:120] = True
        self.assertAlmostEqual(of._fullness(arms), 3_600 / (3_600 + 80 * 80 / 2), delta=0.03)

    def test_one_piece_without_holes_and_threads(self) -> None:
        mask = round_(120, 80, 30) & ~round_(120, 80, 8)
        mask[80, 20:100] = True  # a thread
        mask |= round_(40, 120, 14)
        found = of._one_piece(flat(), mask, [])
        assert found is not None
        self.assertTrue(found[80, 120] and not found[80, 60] and not found[120, 40])
        self.assertAlmostEqual(float(found.sum()), np.pi * 900, delta=90)
        self.assertIsNone(of._one_piece(flat(), round_(120, 80, 5), []))

    def test_roughness_grows_with_speckles(self) -> None:
        rng = np.random.default_rng(4)
        even = np.full((HIGH, WIDE, 3), 0.5)
        even[:, 100:] *= np.exp(rng.normal(0, 0.2, (HIGH, 100, 1)))
        rough = of._roughness(even.astype(np.float32), 1.0)
        self.assertAlmostEqual(float(rough[80, 30]), 0.5 * np.log(1e-5), delta=0.05)
        self.assertAlmostEqual(float(np.median(rough[:, 120:])), np.log(0.19), delta=0.2)
