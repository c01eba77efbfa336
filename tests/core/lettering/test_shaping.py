"""Glyphs in place."""

from fernring.core.lettering.shaping import shaped
from tests.assertions import FernTestCase


class ShapedTest(FernTestCase):
    def test_kerning_brings_letters_together(self) -> None:
        pair = shaped("AV", "plain")
        alone = shaped("A", "plain")[0].advance + shaped("V", "plain")[0].advance
        self.assertLess(pair[0].advance + pair[1].advance, alone)

    def test_arabic_letters_join(self) -> None:
        """A letter has another form at the beginning, in the middle, at the end and alone."""
        alone = shaped("ب", "plain")[0].glyph
        joined = [glyph.glyph for glyph in shaped("ببب", "plain")]
        self.assertEqual(len({alone, *joined}), 4)

    def test_from_the_left_the_last_hebrew_letter_comes_first(self) -> None:
        word, shin = shaped("שלום", "plain"), shaped("ש", "plain")[0].glyph
        self.assertEqual(word[-1].glyph, shin)
        self.assertEqual([glyph.x for glyph in word], sorted(glyph.x for glyph in word))

    def test_a_mark_is_no_letter_of_its_own(self) -> None:
        found = shaped("\u05e9\u05c1\u05dc", "plain")
        self.assertEqual(sum(glyph.last for glyph in found), 2)
