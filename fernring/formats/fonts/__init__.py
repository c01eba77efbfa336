"""The typeface that goes onto paper: Figtree (SIL Open Font License 1.1), regular and semi-bold."""

from functools import cache
from importlib.resources import files
from io import BytesIO

REGULAR, BOLD = "Figtree-Regular", "Figtree-SemiBold"


def font_file(name: str) -> BytesIO:
    """The font as a readable stream."""
    return BytesIO(files(__package__).joinpath(f"{name}.ttf").read_bytes())


def printable(text: str) -> str:
    """The text with a box for every character the typeface does not have, so that none vanishes unseen."""
    has = _characters()
    return "".join(c if ord(c) in has else "¤" for c in text)


@cache
def _characters() -> frozenset[int]:
    from reportlab.pdfbase.ttfonts import TTFontFile

    return frozenset(TTFontFile(font_file(REGULAR)).charToGlyph)
