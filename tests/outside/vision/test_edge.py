"""The edge between stone and ground: against discs whose edge is known."""

import cv2
import numpy as np

from fernring.vision import edge
from fernring.vision.edge import along, closed, closed_line, fine_line, first_line, second_line, vertex
from fernring.vision.flat import Flat, log_light
from tests.assertions import FernTestCase
from tests.outside.vision.test_flat import DOWN

PER_MM = 2.5
MIDDLE, RADIUS = np.array([151.3, 139.6]), 70.0  # pixels of the flattened picture


def disc(shadow: bool = False) -> Flat:
    """A warm stone on grey ground, both a little uneven; with a soft shadow beside it that is as dark as the stone."""
    rng = np.random.default_rng(3)
    v, u = np.mgrid[0:280, 0:310]
    light = np.full((280, 310, 3), 150.0)
    if shadow:
        dark = np.clip(1 - np.hypot(u - MIDDLE[0] - 25, v - MIDDLE[1] - 12) / RADIUS, 0, 0.12) / 0.12
        light *= 1 - 0.55 * cv2.GaussianBlur(dark, (0, 0), 6)[..., None]
    inside = np.clip(RADIUS - np.hypot(u - MIDDLE[0], v - MIDDLE[1]) + 0.5, 0, 1)[..., None]
    light = light * (1 - inside) + np.array([112.0, 84.0, 58.0]) * inside
    pixels = np.clip(light * np.exp(rng.normal(0, 0.02, light.shape)), 0, 255).astype(np.uint8)
    return Flat(pixels, np.ones((280, 310), bool), 0.0, 0.0, PER_MM, 0.0)


def rough() -> np.ndarray:
    """A mask that is somewhat off."""
    v, u = np.mgrid[0:280, 0:310]
    return np.hypot((u - MIDDLE[0] - 4) / 1.04, v - MIDDLE[1] + 3) < RADIUS - 2


NO_CARD = np.zeros((280, 310), bool)


class LineTest(FernTestCase):
    def off(self, line: np.ndarray) -> np.ndarray:
        """By how much each point lies outside the disc (pixels)."""
        return np.asarray(np.hypot(*(line - MIDDLE).T) - RADIUS)

    def test_the_first_line_is_near_and_the_second_nearer(self) -> None:
        flat = disc()
        first, other = first_line(flat, rough(), NO_CARD)
        self.assertEqual(first.shape, (edge.TURNS, 2))
        self.assertLess(float(np.abs(self.off(first)).max()), 1.6)
        self.assertLess(float(np.abs(self.off(other)).max()), 3.0)
        second = second_line(flat, first, NO_CARD)
        self.assertLess(float(np.abs(self.off(second)).max()), 0.9)
        self.assertLess(float(np.abs(self.off(second).mean())), 0.35)

    def test_a_shadow_beside_it_is_ground(self) -> None:
        flat = disc(shadow=True)
        first, _ = first_line(flat, rough(), NO_CARD)
        self.assertLess(float(np.quantile(np.abs(self.off(first)), 0.95)), 2.0)
        self.assertLess(float(np.quantile(np.abs(self.off(second_line(flat, first, NO_CARD))), 0.95)), 1.2)

    def test_the_fine_line_lies_within_a_part_of_a_pixel(self) -> None:
        """A disc of 40 mm radius seen from straight above at two pixels a millimetre: 80 pixels."""
        v, u = np.mgrid[0:300, 0:400]
        inside = np.clip(80.0 - np.hypot(u - 199.5, v - 149.5) + 0.5, 0, 1)[..., None]
        pixels = (150 - 80 * inside * np.array([1.0, 0.9, 0.8])).astype(np.uint8)
        turn = np.arange(360) * 2 * np.pi / 360
        start = (40.3 + 0.2 * np.sin(3 * turn))[:, None] * np.stack((np.sin(turn), -np.cos(turn)), axis=1)
        line, sharp = fine_line(pixels, DOWN, 0.0, start)
        self.assertLess(float(np.abs(np.hypot(*line.T) - 40.0).max()), 0.16)
        self.assertLess(abs(float(np.hypot(*line.T).mean()) - 40.0), 0.06)
        self.assertGreater(float(sharp.min()), 0.4)
        self.assertLess(float(fine_line(np.full((300, 400, 3), 90, np.uint8), DOWN, 0.0, start)[1].max()), 0.01)

    def test_stone_is_told_from_ground_and_from_its_shadow(self) -> None:
        flat = disc(shadow=True)
        told = edge._stone_like(flat.log, rough(), ~NO_CARD, PER_MM)
        self.assertLessEqual(float(np.abs(told).max()), edge.TOLD)
        v, u = np.mgrid[0:280, 0:310]
        away = np.hypot(u - MIDDLE[0], v - MIDDLE[1]) - RADIUS
        self.assertGreater(float(np.median(told[away < -8])), 1.0)
        self.assertLess(float(np.median(told[away > 8])), -1.0)
        shadow = (away > 3) & (away < 12) & (u > MIDDLE[0] + 40)
        self.assertLess(float(np.median(told[shadow])), -1.0)


class PartsTest(FernTestCase):
    def test_the_line_of_least_cost_closes(self) -> None:
        """A valley that winds once round, with a jump that costs more than the hill beside it."""
        lines, steps = 96, 40
        valley = 20 + 8 * np.sin(np.arange(lines) * 2 * np.pi / lines)
        cost = np.abs(np.arange(steps)[None] - valley[:, None])
        found = closed_line(cost)
        self.assertLessEqual(float(np.abs(found - valley).max()), 1.5)
        cost[40:44, 30:] = -5.0  # a cheap place far away is not worth the way there and back
        cost[60, :] = np.inf
        cost[60, 5] = 0.0  # and where only one place is left, the line goes through it
        again = closed_line(cost)
        self.assertEqual(int(again[60]), 5)
        self.assertLess(int(again[42]), 32)

    def test_the_top_of_a_parabola(self) -> None:
        at = np.array([3, 4])
        tops = np.array([3.3, 3.8])
        values = -((np.arange(8)[None] - tops[:, None]) ** 2)
        self.assertTrue(np.allclose(at + vertex(values, at), tops))
        self.assertEqual(vertex(np.zeros((1, 5)), np.array([2])).tolist(), [0.0])
        self.assertEqual(vertex(np.array([[0.0, 1, 2, 3, 4]]), np.array([2])).tolist(), [0.0])

    def test_values_along_lines(self) -> None:
        image = (np.mgrid[0:20, 0:30][1] + 100 * np.mgrid[0:20, 0:30][0]).astype(np.float32)
        found = along(image, np.array([4.0, 6.0]), np.array([[1.0, 0.0], [0.0, 1.0]]), np.array([0.0, 2.5, 30.0]))
        self.assertTrue(np.allclose(found, [[604.0, 606.5, 629.0], [604.0, 854.0, 1904.0]]))

    def test_a_closed_line(self) -> None:
        line = np.array([[0.0, 0.0], [1.0, 0.0], [1.0, 1.0]])
        self.assertEqual(closed(line).tolist(), [[0, 0], [1, 0], [1, 1], [0, 0]])

    def test_an_evened_line_goes_clockwise_with_the_way_out(self) -> None:
        turn = np.sort(np.random.default_rng(5).uniform(0, 2 * np.pi, 500))
        line = MIDDLE + RADIUS * np.stack((np.sin(turn), -np.cos(turn)), axis=1)
        base, way = edge._evened(line, PER_MM)
        self.assertTrue(np.allclose(np.hypot(*way.T), 1))
        out = (base - MIDDLE) / np.hypot(*(base - MIDDLE).T)[:, None]
        self.assertGreater(float(np.sum(out * way, axis=1).min()), 0.995)
        apart = np.hypot(*np.diff(closed(base), axis=0).T)
        self.assertLess(float(apart.max() / apart.min()), 1.1)
        self.assertAlmostEqual(float(np.hypot(*(base - MIDDLE).T).mean()), RADIUS, delta=0.6)

    def test_sharpness_is_greatest_at_a_step_and_nothing_where_all_is_even(self) -> None:
        lines = np.zeros((9, 60, 3), np.float32)
        lines[:, 25:] = 0.8
        sharp = edge._sharpness(lines, 4, 2.0)
        self.assertEqual(set(np.argmax(sharp, axis=1).tolist()), {25})
        # The change of 0.8 beside the least that counts as usual, 0.10: 0.8 / 0.9 of 1.5.
        self.assertAlmostEqual(float(sharp[4, 25]), 1.5 * 0.8 / 0.9, places=5)
        self.assertEqual(float(sharp[4, 40]), 0.0)
        self.assertAlmostEqual(float(edge._sharpness(lines, 4, 0)[4, 24]), 1.5 * 0.6 / 0.7, places=5)

    def test_which_bin(self) -> None:
        edges = np.linspace(1.0, 3.0, 5)
        self.assertEqual(edge._bin(np.array([0.0, 1.2, 1.6, 2.99, 9.0]), edges).tolist(), [0, 0, 1, 3, 3])

    def test_a_histogram_is_of_shares(self) -> None:
        values = np.repeat([[1.1], [2.9]], 50, axis=0)
        found = edge._histogram(values, [np.linspace(1.0, 3.0, 21)])
        self.assertAlmostEqual(float(found.sum()), 1.0, places=6)
        self.assertAlmostEqual(float(found[:10].sum()), 0.5, places=3)
        self.assertEqual(int(np.argmax(found[:10])), 1)

    def test_how_far_a_mask_reaches(self) -> None:
        mask = np.zeros((60, 80), bool)
        mask[20:41, 30:61] = True
        self.assertEqual(edge._middle(mask).tolist(), [45.0, 30.0])
        reach = edge._reach(mask, np.array([45.0, 30.0]), np.array([[1.0, 0.0], [0.0, -1.0]]))
        self.assertEqual(reach.tolist(), [15.0, 10.0])

    def test_roughness_is_that_of_the_ground_beside_an_edge(self) -> None:
        rng = np.random.default_rng(2)
        log = np.zeros((80, 80, 3))
        log[:, 40:] = 1.0
        log[:30] += rng.normal(0, 0.2, (30, 80, 1))
        rough = edge._roughness(log.astype(np.float32), PER_MM)
        self.assertGreater(float(np.median(rough[4:22])), np.log(0.06))
        self.assertLess(float(np.median(rough[50:])), np.log(0.004))
        self.assertLess(float(rough[60, 33]), np.log(0.006))
        self.assertTrue(np.allclose(log_light(np.full((4, 4, 3), 100, np.uint8)), np.log(100)))
