"""Words beside the same words drawn by FreeType and laid out by libraqm (HarfBuzz, FriBidi), through Pillow."""

import io

import numpy as np
from PIL import Image, ImageDraw, ImageFont

from fernring.core.dots.table import Array, Mask
from fernring.core.lettering.fonts import capital, file_for
from fernring.core.lettering.layout import Set, straight
from fernring.core.lettering.shaping import shaped
from fernring.core.tables import font_file
from tests.assertions import FernTestCase

EM, SIDE = 160, 900  # pixels
FINE = 4  # times as fine as these our lines are drawn
SAME = 0.92  # of what either covers; the rest are pixels along the edges, which FreeType fits to whole ones


def drawn(text: str, font: str) -> Mask:
    """By FreeType, about the middle of a square."""
    file = file_for(text.replace(" ", "")[0], font)
    assert file
    face = ImageFont.truetype(io.BytesIO(font_file(file)), EM, layout_engine=ImageFont.Layout.RAQM)
    image = Image.new("L", (SIDE, SIDE))
    ImageDraw.Draw(image).text((SIDE / 2, SIDE / 2), text, 255, face, anchor="ms")
    return about_the_middle(np.asarray(image) > 127)


def ours(text: str, font: str) -> Mask:
    """Our lines as pixels: inside is where they run round other than zero times (SVG 1.1, 11.3, nonzero)."""
    times = np.zeros((SIDE, SIDE), int)
    fine = FINE * SIDE
    for line in straight(Set(text, font, EM * capital(font))):
        image = Image.new("1", (fine, fine))
        ImageDraw.Draw(image).polygon([tuple(point) for point in (FINE * line + fine / 2).tolist()], 1)
        times += np.asarray(image)[FINE // 2 :: FINE, FINE // 2 :: FINE] * int(np.sign(turning(line)))
    return about_the_middle(times != 0)


def turning(line: Array) -> float:
    """Twice the signed area of a closed line."""
    (x, y), (u, v) = line.T, np.roll(line, -1, axis=0).T
    return float((x * v - u * y).sum())


def about_the_middle(seen: Mask) -> Mask:
    y, x = np.nonzero(seen)
    shift = [SIDE // 2 - (int(part.min()) + int(part.max())) // 2 for part in (y, x)]
    return np.asarray(np.roll(seen, shift, (0, 1)))


class WordsTest(FernTestCase):
    def test_outlines_kerning_joins_and_marks_as_freetype_and_harfbuzz_have_them(self) -> None:
        for text, font in (
            ("Leonie", "script"), ("AVATo fi", "plain"), ("Open night", "narrow"), ("Wég", "serif"), ("Perla", "round"),
            ("Mia & Tom", "pen"), ("Καλημέρα", "plain"), ("Звезда", "serif"), ("שָׁלוֹם", "plain"), ("سَلَام", "plain"),
            ("مرحبا بك", "plain"),
        ):  # fmt: skip
            one, other = drawn(text, font), ours(text, font)
            best = max(
                float((one & moved).sum() / (one | moved).sum())
                for moved in (np.roll(other, (dy, dx), (0, 1)) for dy in (-1, 0, 1) for dx in (-1, 0, 1))
            )
            self.assertGreater(best, SAME, text)

    def test_texts_that_a_shaper_has_to_know(self) -> None:
        """Of the kind that HarfBuzz's own tests ask for, from memory: lam before alef takes forms that neither has
        elsewhere; a mark has no width; of three joining letters each has a form of its own."""
        apart = {glyph.glyph for text in ("ل", "ا", "با", "بل") for glyph in shaped(text, "plain")}
        self.assertFalse(apart & {glyph.glyph for glyph in shaped("لا", "plain")})
        one, marked = (shaped(text, "plain") for text in ("ب", "بَ"))
        self.assertGreater(len(marked), len(one))
        self.assertAlmostEqual(sum(glyph.advance for glyph in marked), sum(glyph.advance for glyph in one))
        self.assertEqual(len({glyph.glyph for glyph in shaped("ههه", "plain")}), 3)
