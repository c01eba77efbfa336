"""The simulated camera: the same seed gives the same picture, and what it says is true of it."""

import numpy as np

from fernring.core.practice.sheet import blocks
from fernring.standins.camera.body import stone
from fernring.standins.camera.hand import LEAST, Hand, painted
from fernring.standins.camera.noise import SIDE, cloud, laid
from fernring.standins.camera.stones import stone_shot
from fernring.vision.intake import picture
from tests.assertions import FernTestCase
from tests.outside.vision.shots import SHEET, SMALL, sheet
from tests.outside.vision.shots import stone as shot_of


class CameraTest(FernTestCase):
    def test_a_seed_is_a_picture(self) -> None:
        self.assertEqual(stone_shot(1001, 6.0, SMALL).jpeg, shot_of(1001).jpeg)
        self.assertNotEqual(shot_of(1001).jpeg, shot_of(1005).jpeg)

    def test_the_focal_length_is_told_where_it_says_so(self) -> None:
        for seed in (1001, 1005, 1011):
            shot = shot_of(seed)
            told = picture(shot.jpeg).focal
            self.assertEqual(told is not None, shot.tells)
            if told is not None:
                self.assertAlmostEqual(told, shot.camera.film, delta=0.51)

    def test_the_stone_is_where_it_is_said_to_be(self) -> None:
        shot = shot_of(1005, 1.0)
        light = picture(shot.jpeg).pixels.astype(float).mean(axis=2)
        inner, outer = (shot.camera.seen(shot.body.ring(share), shot.body.widest).astype(int) for share in (0.9, 1.12))
        step = np.abs(light[inner[:, 1], inner[:, 0]] - light[outer[:, 1], outer[:, 0]])
        self.assertGreater(float(np.median(step)), 15)

    def test_a_body_is_widest_at_its_widest_line(self) -> None:
        body = stone(np.random.default_rng(4), (3.0, -2.0), 90.0)
        levels = body.levels()
        heights, shares = zip(*levels, strict=True)
        self.assertEqual(list(heights), sorted(heights))
        self.assertAlmostEqual(heights[shares.index(max(shares))], body.widest, delta=0.2)
        self.assertAlmostEqual(max(heights), body.widest + body.dome, delta=0.02)
        self.assertAlmostEqual(shares[0], body.base)
        self.assertAlmostEqual(float(2 * body.radius.max()), 90.0, delta=12)

    def test_patterns_have_no_seam(self) -> None:
        pattern = cloud(np.random.default_rng(1), 8, 3)
        self.assertAlmostEqual(float(pattern.std()), 1.0, 3)
        self.assertLess(float(np.abs(pattern[:, 0] - pattern[:, -1]).mean()), 0.2)
        x = np.arange(0, 20, 0.5, dtype=np.float32)[None]
        there, further = (laid(pattern, x + shift, x * 0, 4.0) for shift in (0, SIDE / 4.0))
        self.assertTrue(np.allclose(there, further, atol=1e-3))

    def test_a_hand_does_what_it_is(self) -> None:
        bare = Hand((0.3, 0.0), 0.1, 0.1, 0.0, 0.9, 0.0, 0.0)
        found = painted(blocks(SHEET), bare, np.random.default_rng(2))
        every = blocks(SHEET)
        off = np.array([[one.x, one.y] for one in found]) - [every[one.block].places[one.target] for one in found]
        self.assertAlmostEqual(float(off[:, 0].mean()), 0.3, delta=0.05)
        rows = [one for one in found if every[one.block].technique == "row"]
        self.assertTrue(all(abs(one.diameter / every[one.block].dot - 1.1) < 1e-9 for one in rows))
        self.assertTrue(all(one.diameter >= LEAST for one in found))
        walk = [one.diameter for one in found if every[one.block].technique == "walk" and every[one.block].tool == 0]
        self.assertAlmostEqual(walk[1] / walk[0], 0.9)

    def test_what_is_true_of_a_sheet_is_what_was_painted(self) -> None:
        shot = sheet()
        self.assertGreater(len(shot.true), 50)
        every = blocks(SHEET)
        rows = [one.diameter / every[one.block].dot for one in shot.true if every[one.block].technique == "row"]
        self.assertAlmostEqual(float(np.mean(rows)), 1.05, delta=0.03)
