"""The fonts that ship with the program."""

import numpy as np

from fernring.core.lettering.fonts import _Pen, capital, file_for, fonts, fonts_with, missing, outline
from tests.assertions import FernTestCase


class FontsTest(FernTestCase):
    def test_at_least_five_with_latin_letters_figures_and_marks(self) -> None:
        self.assertGreaterEqual(len(fonts()), 5)
        for ident in fonts():
            self.assertEqual(missing("Perseids & Übung, naïve: 0123456789!", ident), "", ident)

    def test_hebrew_arabic_greek_and_cyrillic_are_covered(self) -> None:
        for text in ("שלום", "سلام", "Καλημέρα", "Звезда"):
            self.assertEqual(missing(text, "plain"), "", text)
            self.assertIn("plain", [font.id for font in fonts_with(text)])

    def test_what_a_font_has_not_is_told_and_which_comes_nearest(self) -> None:
        self.assertEqual(missing("סלam", "script"), "סל")
        self.assertEqual(fonts_with("日本"), [])
        self.assertEqual([font.id for font in fonts_with("Ab日")], ["round"], "the first that lacks the fewest")

    def test_capitals_are_as_high_as_the_font_says(self) -> None:
        """The height of capitals as these fonts tell it themselves (OS/2 sCapHeight), read with fontTools."""
        for ident, wanted in (("plain", 0.714), ("serif", 0.714), ("narrow", 0.693)):
            self.assertAlmostEqual(capital(ident), wanted, delta=0.01)

    def test_curves_of_both_degrees(self) -> None:
        """A quarter of a circle by a cubic Bézier with 0.5523 of its radius is off by 0.03 per cent at the most (any
        textbook, from memory); the middle of a quadratic one lies halfway between its chord's and its control point."""
        pen = _Pen()
        pen.moveTo((1.0, 0.0))
        pen.curveTo((1.0, 0.5523), (0.5523, 1.0), (0.0, 1.0))
        np.testing.assert_allclose(np.hypot(*np.array(pen.lines[0]).T), 1.0, atol=3e-4)
        pen.moveTo((0.0, 0.0))
        pen.qCurveTo((1.0, 2.0), (2.0, 0.0))
        at = np.array(pen.lines[1])
        np.testing.assert_allclose(at[:, 1], at[:, 0] * (2 - at[:, 0]), atol=1e-12)
        pen.lineTo((0.0, 0.0))
        pen.closePath()
        self.assertNotEqual(pen.lines[1][0], pen.lines[1][-1])

    def test_outlines_are_closed_lines_about_the_pen(self) -> None:
        file = file_for("o", "plain")
        assert file
        from fernring.core.lettering.fonts import face

        lines = outline(file, face(file).get_nominal_glyph(ord("o")) or 0)
        self.assertEqual(len(lines), 2)
        self.assertLess(float(np.concatenate(lines)[:, 1].min()), -0.4, "y downward: the letter stands above")
