"""The figures of a colour map."""

from math import pi

import numpy as np

from fernring.core.colour import cielab, srgb
from fernring.core.colour.difference import ciede2000
from tests import patterns
from tests.assertions import FernTestCase
from tests.core.harmony.cases import reported, said
from tests.core.paint.test_amounts import ring
from tests.pattern_rows import swipe, top

TWO = {"white": "#ffffff", "blue": "#2040c0"}


class ColourReportTest(FernTestCase):
    def test_areas_in_closed_form(self) -> None:
        """Rings of ten dots of 4 mm; on one of them top dots of 2 mm cover a quarter."""
        topped = ring(said("white"), 16.0, trims=patterns.numbered((top(2.0, shades=[said("blue")]),)))
        found = reported("blue", topped, paints=TWO)
        dot = pi * 4
        blue, white = (found.areas[[s.name for s in found.solved.palette.shades].index(n)] for n in ("Blue", "White"))
        self.assertAlmostEqual(blue, 10 * dot + 10 * dot / 4, places=6)
        self.assertAlmostEqual(white, 10 * dot * 3 / 4, places=6)
        self.assertAlmostEqual(float(found.shares.sum()), 1, places=9)
        self.assertAlmostEqual(float(found.map.sum()), float(found.areas.sum()), places=6)
        self.assertEqual(found.map.shape, (len(found.bands) - 1, 2))

    def test_each_band_holds_what_lies_there(self) -> None:
        found = reported("blue", "white", paints=TWO)
        place = {shade.name: k for k, shade in enumerate(found.solved.palette.shades)}
        for name, walk in (("Blue", 8.0), ("White", 16.0)):
            (band,) = np.flatnonzero(found.map[:, place[name]])
            self.assertLessEqual(found.bands[band], walk)
            self.assertLessEqual(walk, found.bands[band + 1] + 1e-9)

    def test_rows_from_the_centre_outward(self) -> None:
        found = reported("blue", "white", "blue", paints=TWO)
        self.assertEqual([one.row for one in found.rows], [0, 1, 2])
        lab = cielab.from_srgb(srgb.from_hex(["#2040c0", "#ffffff", "#14181e"]))
        self.assertAlmostEqual(found.rows[0].value, lab[0, 0], places=6)
        self.assertAlmostEqual(found.rows[0].walk, 8.0, places=6)
        self.assertAlmostEqual(found.rows[0].from_next or 0, float(ciede2000(lab[0], lab[1])), places=6)
        self.assertAlmostEqual(found.rows[1].from_base, float(ciede2000(lab[1], lab[2])), places=6)
        self.assertIsNone(found.rows[2].from_next)

    def test_hues_and_what_has_none(self) -> None:
        found = reported("blue", "white", paints=TWO)
        self.assertAlmostEqual(found.grey, 0.5, places=9)
        self.assertAlmostEqual(float(found.hues.sum()), 1, places=9)
        (sector,) = np.flatnonzero(found.hues)
        self.assertEqual(found.sectors, (int(sector), None))
        self.assertEqual(sector, 264 // 30, "the hue of a strong blue in Oklab")

    def test_marks_count_and_a_bare_piece_has_nothing(self) -> None:
        swept = reported(ring(said("blue"), 16.0, trims=patterns.numbered((swipe(),))), paints=TWO)
        self.assertGreater(float(swept.areas.sum()), 0)
        empty = reported(paints=TWO)
        self.assertEqual((empty.rows, float(empty.areas.sum()), empty.grey), ((), 0.0, 0.0))
