"""How wide type is, and that each typeface is its own."""

from fontTools.ttLib import TTFont

from fernring.formats.fonts import BOLD, REGULAR, font_file
from fernring.formats.typeset import text_width
from tests.assertions import FernTestCase


class TypesetTest(FernTestCase):
    def test_both_weights_are_as_wide_as_their_own_files_say(self) -> None:
        """Source: the advance widths of the table hmtx, read by fontTools."""
        for name, bold in ((BOLD, True), (REGULAR, False)):
            font = TTFont(font_file(name))
            glyphs, units = font.getBestCmap(), font["head"].unitsPerEm
            for text in ("the colours printed here", "Practice sheet 12"):
                wide = sum(font["hmtx"][glyphs[ord(letter)]][0] for letter in text) / units
                self.assertAlmostEqual(text_width(text, 10.0, bold), 10 * wide, delta=0.02, msg=name)
        self.assertGreater(text_width("dots", 10.0, True), text_width("dots", 10.0))
