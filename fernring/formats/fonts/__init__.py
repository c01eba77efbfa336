"""The typefaces that go onto paper, all under the SIL Open Font License 1.1: Figtree, and Noto for what it lacks."""

import unicodedata
from collections.abc import Iterator
from functools import cache
from importlib.resources import files
from io import BytesIO
from itertools import groupby

REGULAR, BOLD = "Figtree-Regular", "Figtree-SemiBold"
OTHERS = ("NotoSansHebrew-Regular", "NotoSansArabic-Regular", "NotoEmoji-Regular")
MISSING = "¤"
JOINERS = {"\ufe0e", "\ufe0f"}  # say how an emoji is drawn, and are not drawn themselves


def font_file(name: str) -> BytesIO:
    """The font as a readable stream."""
    return BytesIO(files(__package__).joinpath(f"{name}.ttf").read_bytes())


def runs(text: str, font: str = REGULAR) -> list[tuple[str, str]]:
    """The text as it is drawn from left to right: runs of characters with the typeface that has them.

    Scripts that run from right to left are turned round, and Arabic letters take their joined forms. A character that
    no typeface has leaves a mark, so that none vanishes unseen.
    """
    if all(ord(c) in _characters(font) for c in text):
        return [(font, text)] if text else []
    return [(name, "".join(c for _, c in part)) for name, part in groupby(_chosen(text, font), key=lambda one: one[0])]


def _chosen(text: str, font: str) -> Iterator[tuple[str, str]]:
    from arabic_reshaper import reshape
    from bidi import get_display

    for c in get_display(reshape(text)):
        if c in JOINERS or unicodedata.category(c) == "Cf":
            continue
        name = next((one for one in (font, *OTHERS) if ord(c) in _characters(one)), None)
        yield (name, c) if name else (font, MISSING)


@cache
def _characters(name: str) -> frozenset[int]:
    from reportlab.pdfbase.ttfonts import TTFontFile

    return frozenset(TTFontFile(font_file(name)).charToGlyph)
