"""Outlines of stones from photographs of the simulated camera."""

from dataclasses import replace

import cv2
import numpy as np

from bench.outlines import apart
from fernring.core.geometry.outline.polygon import centroid
from fernring.core.marks import CARD as CARD_SIZE
from fernring.core.marks import CARD_TARGETS
from fernring.vision.card import card_view, frame
from fernring.vision.limits import PictureError
from fernring.vision.stages import CARD, GROUND, LINE
from fernring.vision.stone import Line, _uncertain, _warnings, kinked, traced
from fernring.vision.stone_asked import StoneAsked
from fernring.vision.stone_found import TOLERANCE, found
from tests.assertions import FernTestCase
from tests.outside.vision.shots import blurred, changed, stone, taken

SEEDS = (1001, 1005, 1011)


class StoneTest(FernTestCase):
    def test_flat_and_tilted_within_a_millimetre(self) -> None:
        for seed, tilt in zip(SEEDS, (1.0, 12.0, 24.0), strict=True):
            shot = stone(seed, tilt)
            read = traced(taken(shot.jpeg), shot.body.widest)
            far, area = apart(read.outline, shot.body.outline)
            self.assertLess(far, 1.0, seed)
            self.assertLess(abs(area), 0.02, seed)
            self.assertLess(far, read.uncertain, seed)
            self.assertGreaterEqual(read.marks, 12)

    def test_without_height_it_is_less_sure_and_says_so(self) -> None:
        shot = stone(SEEDS[0])
        stages: list[str] = []
        known = traced(taken(shot.jpeg), shot.body.widest, tell=stages.append)
        self.assertEqual(stages, [CARD, GROUND, LINE])
        guessed = traced(taken(shot.jpeg), None)
        self.assertGreater(guessed.uncertain, known.uncertain)
        self.assertIn("Nobody measured", guessed.warnings[0])
        self.assertNotIn("Nobody measured", " ".join(known.warnings))

    def test_a_higher_widest_line_makes_it_smaller(self) -> None:
        """By the height's share of the distance: 12 mm at 380 mm are 3.2 % (similar triangles)."""
        shot = stone(SEEDS[1], 1.0)
        low, high = (traced(taken(shot.jpeg), height).outline for height in (0.0, 12.0))
        away = float(np.linalg.norm(shot.camera.eye))
        shrunk = float(np.hypot(*high.T).mean() / np.hypot(*low.T).mean())
        self.assertAlmostEqual(shrunk, 1 - 12 / away, delta=0.006)

    def test_four_targets_replace_a_card_that_is_not_found(self) -> None:
        shot = stone(SEEDS[0])
        pixels = taken(shot.jpeg).pixels
        view, _ = card_view(taken(shot.jpeg))
        size = np.array(pixels.shape[1::-1]) - 1
        pointed = (view.seen(np.array(CARD_TARGETS)) / size).tolist()
        read = traced(taken(shot.jpeg), shot.body.widest, pointed=pointed)
        self.assertEqual(read.marks, 0)
        self.assertLess(apart(read.outline, shot.body.outline)[0], 1.5)
        with self.assertRaisesRegex(PictureError, "clockwise"):
            traced(taken(shot.jpeg), 5.0, pointed=pointed[::-1])
        with self.assertRaisesRegex(PictureError, "one after the other"):
            traced(taken(shot.jpeg), 5.0, pointed=[pointed[k] for k in (0, 2, 1, 3)])

    def test_strokes_say_what_is_stone(self) -> None:
        shot = stone(SEEDS[0])
        read = traced(taken(shot.jpeg), shot.body.widest)
        middle = read.over.mean(axis=0)
        card = read.card.mean(axis=0)
        away = middle + 0.9 * (middle - card)
        strokes = [(True, [tuple(middle), tuple(middle + 0.01)]), (False, [tuple(np.clip(away, 0.02, 0.98))])]
        again = traced(taken(shot.jpeg), shot.body.widest, strokes=strokes)
        self.assertLess(apart(again.outline, shot.body.outline)[0], 1.0)
        half = [(False, [tuple(middle + np.array([x, y])) for x in (0.02, 0.3) for y in (-0.3, 0.3)]), (False, [])]
        wrong = traced(taken(shot.jpeg), shot.body.widest, strokes=half)
        self.assertGreater(apart(wrong.outline, shot.body.outline)[0], 2.0)

    def test_each_sign_of_doubt_is_warned_of_and_makes_it_less_sure(self) -> None:
        """The deviations of all that may be wrong together, 2.6 of them: 0.35 mm of a sharp edge, 0.004 of the reach,
        half a millimetre of height."""
        calm = Line(np.zeros((4, 2)), 0.0, 0.0, 0.0, 0.0)
        self.assertEqual(_warnings(calm, 8.0, True), [])
        self.assertIn("8 mm is assumed", _warnings(calm, 8.0, False)[0])
        sure = _uncertain(calm, 50.0, 0.1, 0.5, True)
        self.assertAlmostEqual(sure, 2.6 * np.linalg.norm([0.35, 0.2, 0.05, 0.2]), places=6)
        guessed = _uncertain(calm, 50.0, 0.1, 0.5, False)
        self.assertAlmostEqual(guessed, 2.6 * np.linalg.norm([0.35, 0.2, 0.4, 0.2]), places=6)
        for name, little, much, weighed in (
            ("moved", 1.5, 1.7, 0.5), ("doubt", 1.8, 2.0, 0.3), ("weak", 0.11, 0.13, None), ("kinked", 0.45, 0.6, None),
        ):  # fmt: skip
            self.assertEqual(_warnings(replace(calm, **{name: little}), 8.0, True), [], name)
            self.assertIn("not clear everywhere", _warnings(replace(calm, **{name: much}), 8.0, True)[0])
            doubted = _uncertain(replace(calm, **{name: much}), 50.0, 0.1, 0.5, True)
            more = {"weak": 4.0 * (much - 0.05), "kinked": much - 0.5}.get(name, (weighed or 0) * much)
            self.assertAlmostEqual(doubted, float(np.hypot(sure, 2.6 * more)), places=6)

    def test_it_stands_as_in_the_picture_about_its_middle(self) -> None:
        read = traced(taken(stone(SEEDS[2], 24.0).jpeg), 8.0)
        self.assertTrue(np.allclose(centroid(read.outline), 0, atol=1e-6))
        top, over = read.outline[:, 1].argmin(), read.over[:, 1].argmin()
        self.assertLess(min(abs(top - over), len(read.over) - abs(top - over)), 0.12 * len(read.over))

    def test_the_answer_has_fewer_points_and_a_plane_that_leads_to_them(self) -> None:
        answer = found(traced(taken(stone(SEEDS[0]).jpeg), 8.0))
        self.assertLess(len(answer.x), 200)
        shares = np.column_stack((np.array(answer.over), np.ones(len(answer.over))))
        led = shares @ np.array(answer.plane).reshape(3, 3).T
        off = np.hypot(*(led[:, :2] / led[:, 2:] - np.column_stack((answer.x, answer.y))).T)
        self.assertLess(float(off.max()), 1.5)
        self.assertGreater(TOLERANCE, 0)
        for pair in (*answer.over, *answer.card):
            self.assertEqual(list(pair), [round(value, 5) for value in pair])

    def test_what_cannot_be_traced_is_said(self) -> None:
        shot = stone(SEEDS[0])
        card = frame(card_view(taken(shot.jpeg))[0])
        self.assertEqual(card.shape, (4, 2))

        def without(pixels: np.ndarray) -> np.ndarray:
            return np.asarray(cv2.fillConvexPoly(pixels, card.astype(np.int32), (120, 120, 120)))

        def cut_off(pixels: np.ndarray) -> np.ndarray:
            half = card[0] + 0.13 * (card[2] - card[0])
            pixels[:, int(half[0]) :] = 120
            return pixels

        def twice(pixels: np.ndarray) -> np.ndarray:
            left, top = np.floor(card.min(axis=0)).astype(int)
            right, low = np.ceil(card.max(axis=0)).astype(int)
            part = pixels[top:low, left:right].copy()
            y, x = (0 if top > part.shape[0] else pixels.shape[0] - part.shape[0]), 0
            pixels[y : y + part.shape[0], x : x + part.shape[1]] = part
            return pixels

        for words, how in (
            ("nearly black", lambda pixels: pixels // 40),
            ("mirrored", lambda pixels: pixels[:, ::-1]),
            ("not sharp", blurred),
            ("No scale card", without),
            ("Two of it", twice),
        ):
            with self.subTest(words), self.assertRaisesRegex(PictureError, words):
                traced(taken(changed(shot.jpeg, how)), 8.0)
        with self.assertRaisesRegex(PictureError, "marks are seen|No scale card|Too little"):
            traced(taken(changed(shot.jpeg, cut_off)), 8.0)

    def test_a_stone_over_the_edge_of_the_picture(self) -> None:
        shot = stone(SEEDS[0])
        read = traced(taken(shot.jpeg), 8.0)
        pixels = taken(shot.jpeg).pixels
        high, wide = pixels.shape[:2]
        stone_at, card_at = read.over.mean(axis=0), read.card.mean(axis=0)
        across = abs(stone_at[0] - card_at[0]) * wide > abs(stone_at[1] - card_at[1]) * high
        axis, side = (0, wide) if across else (1, high)
        cut = int(stone_at[axis] * side)
        first = stone_at[axis] < card_at[axis]
        part = (slice(cut, None) if first else slice(None, cut)) if across else slice(None)
        down = slice(None) if across else (slice(cut, None) if first else slice(None, cut))
        with self.assertRaisesRegex(PictureError, "edge of the picture|No stone"):
            traced(taken(changed(shot.jpeg, lambda p: np.ascontiguousarray(p[down, part]))), 8.0)

    def test_a_line_with_a_kink_is_told_from_a_smooth_one(self) -> None:
        turn = np.linspace(0, 2 * np.pi, 720, endpoint=False)
        reach = 50 + 6 * np.cos(2 * turn) + 2 * np.sin(5 * turn)
        smooth = np.column_stack((reach * np.sin(turn), -reach * np.cos(turn)))
        self.assertLess(kinked(smooth), 0.1)
        bent = np.where(np.abs(turn - 2) < 0.08, reach + 4, reach)
        self.assertGreater(kinked(np.column_stack((bent * np.sin(turn), -bent * np.cos(turn)))), 1.5)

    def test_what_may_be_asked(self) -> None:
        with self.assertRaisesRegex(ValueError, "less than or equal to 80"):
            StoneAsked(widest=81.0)
        self.assertEqual(CARD_SIZE, (120.0, 80.0))
