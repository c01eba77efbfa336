"""Painted practice sheets read off photographs of the simulated camera."""

import cv2
import numpy as np

from fernring.core.practice.sheet import PracticeSheet, blocks
from fernring.vision.limits import PictureError
from fernring.vision.paint_on_paper import beside_paper, darkness, paint_share
from fernring.vision.sheet import number_of, sheet_read
from tests.assertions import FernTestCase
from tests.outside.vision.shots import SHEET, changed, sheet, stone, taken


class SheetTest(FernTestCase):
    def test_every_dot_and_swipe_is_found_where_it_is(self) -> None:
        shot = sheet()
        read = sheet_read(taken(shot.jpeg), SHEET)
        self.assertEqual((number_of(taken(shot.jpeg)), read.marks), (1203, 34))
        every, dots = blocks(SHEET), [one for one in shot.true if one.tail is None]
        found = {(one.block, one.target): one for one in read.seen}
        self.assertEqual(len(read.seen), len(shot.true))
        off, wide = [], []
        for one in dots:
            seen = found[one.block, one.target]
            self.assertIsNone(seen.length)
            self.assertFalse(seen.smudged)
            self.assertGreater(seen.roundness, 0.85)
            off.append(float(np.hypot(seen.x - one.x, seen.y - one.y)))
            wide.append(seen.diameter - one.diameter)
        self.assertLess(float(np.quantile(off, 0.95)), 0.1)
        self.assertLess(float(np.quantile(np.abs(wide), 0.95)), 0.15)
        self.assertLess(abs(float(np.mean(wide))), 0.05)
        for one in shot.true:
            if one.tail is not None:
                long = float(np.hypot(one.tail[0] - one.x, one.tail[1] - one.y)) + one.diameter / 2
                seen = found[one.block, one.target]
                assert seen.length is not None
                self.assertAlmostEqual(seen.length, long, delta=0.12 * long)
        self.assertTrue({every[one.block].technique for one in dots} >= {"row", "ring", "walk"})

    def test_the_plane_leads_from_the_sheet_to_the_picture(self) -> None:
        shot = sheet()
        read = sheet_read(taken(shot.jpeg), SHEET)
        at = read.plane @ np.array([105.0, 148.5, 1.0])
        self.assertTrue(0.3 < at[0] / at[2] < 0.7)
        self.assertTrue(0.3 < at[1] / at[2] < 0.7)

    def test_what_cannot_be_read_is_said(self) -> None:
        shot = sheet()
        pixels = taken(shot.jpeg).pixels
        half = pixels.shape[1] // 2
        for words, how in (
            ("mirrored", lambda p: p[:, ::-1]),
            ("marks round the sheet are seen", lambda p: np.ascontiguousarray(p[:, : half + 120])),
        ):
            with self.subTest(words), self.assertRaisesRegex(PictureError, f"{words}|marks that tell"):
                jpeg = changed(shot.jpeg, how)
                number_of(taken(jpeg))
                sheet_read(taken(jpeg), SHEET)
        with self.assertRaisesRegex(PictureError, "No practice sheet"):
            number_of(taken(stone(1001).jpeg))

    def test_a_sheet_that_nobody_painted(self) -> None:
        from fernring.standins.camera.hand import Hand
        from fernring.standins.camera.sheets import sheet_shot
        from tests.outside.vision.shots import SMALL

        lazy = Hand((0, 0), 0.1, 0.0, 0.01, 0.9, 1.0, 0.0)
        bare = sheet_shot(SHEET, 9, lazy, (2 * SMALL[0], 2 * SMALL[1]))
        self.assertEqual(bare.true, [])
        with self.assertRaisesRegex(PictureError, "Nothing is painted"):
            sheet_read(taken(bare.jpeg), SHEET)

    def test_another_sheet_of_the_same_number_finds_what_it_can(self) -> None:
        one_tool = PracticeSheet(number=1203, tools=SHEET.tools[:1], day=SHEET.day)
        read = sheet_read(taken(sheet().jpeg), one_tool)
        self.assertTrue(any(one.block is None for one in read.seen))


class PaintTest(FernTestCase):
    def test_a_shadow_is_no_paint(self) -> None:
        paint = np.array([0.05, 0.2, 0.5])
        shown = np.array([[[1.0, 1, 1], [0.6, 0.6, 0.6], paint, 0.5 * paint + 0.5]], dtype=np.float32)
        share = paint_share(shown, paint)[0]
        self.assertTrue(np.allclose(share[[0, 2, 3]], [0, 1, 0.5], atol=0.02), share)
        self.assertLess(share[1], 0.3)  # as much of it as the doubt leaves
        dark = darkness(shown, paint)[0]
        self.assertAlmostEqual(float(dark[2]), 1, 5)
        self.assertGreater(float(dark[1]), 0.3)

    def test_slow_changes_of_light_are_taken_out(self) -> None:
        slope = np.linspace(0.4, 0.9, 400, dtype=np.float32)
        light = np.repeat(np.repeat(slope[None, :, None], 300, axis=0), 3, axis=2)
        cv2.circle(light, (200, 150), 12, (0.1, 0.1, 0.1), -1)
        even = beside_paper(light, 5.0)
        self.assertTrue(np.allclose(even[20:60, 60:340], 1, atol=0.08))
        self.assertLess(float(even[150, 200, 0]), 0.25)
