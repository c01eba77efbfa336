"""The fonts that ship with the program. A font is one look for several scripts: a list of files tried in turn."""

import unicodedata
from dataclasses import dataclass
from functools import cache
from typing import TYPE_CHECKING

import numpy as np

from ..dots.table import Array
from ..tables import font_file, table

if TYPE_CHECKING:
    import uharfbuzz

STEPS = 7  # pieces of one curve of an outline
JOINERS = frozenset("\u200c\u200d")
CAPITAL = "H"


@dataclass(frozen=True)
class FontInfo:
    id: str
    name: str
    files: tuple[str, ...]


@cache
def fonts() -> dict[str, FontInfo]:
    """All of them by id, in the order they are offered."""
    return {one["id"]: FontInfo(one["id"], one["name"], tuple(one["files"])) for one in table("fonts.json")}


@cache
def face(file: str) -> "uharfbuzz.Font":
    """A font file made ready for shaping."""
    import uharfbuzz

    return uharfbuzz.Font(uharfbuzz.Face(font_file(file)))


@cache
def letters_of(file: str) -> frozenset[str]:
    """The characters that a file has a glyph for."""
    return frozenset(map(chr, face(file).face.unicodes))


def file_for(letter: str, font: str) -> str | None:
    """The first file of a font that has this letter."""
    return next((file for file in fonts()[font].files if letter in letters_of(file)), None)


def missing(text: str, font: str) -> str:
    """The letters of a text that the font has not, each once."""
    asked = dict.fromkeys(char for char in unicodedata.normalize("NFC", text) if char not in JOINERS)
    return "".join(char for char in asked if file_for(char, font) is None)


def fonts_with(text: str) -> list[FontInfo]:
    """The fonts that have every letter of a text; where none has, the one that lacks the fewest, if it has any."""
    lacking = {one.id: missing(text, one.id) for one in fonts().values()}
    fewest = min(map(len, lacking.values()))
    if fewest == len(set(text)):
        return []
    return [one for one in fonts().values() if len(lacking[one.id]) == fewest][: None if fewest == 0 else 1]


def em(file: str) -> float:
    """Units of a file's own in one em."""
    return float(face(file).face.upem)


@cache
def capital(font: str) -> float:
    """How high a capital is, as a share of the em: that of the letter H."""
    file = fonts()[font].files[0]
    glyph = face(file).get_nominal_glyph(ord(CAPITAL)) or 0
    return float(np.ptp(np.concatenate(outline(file, glyph))[:, 1]))


@cache
def outline(file: str, glyph: int) -> tuple[Array, ...]:
    """The closed lines of a glyph in ems, y downward, the origin at the pen; curves in short chords."""
    pen = _Pen()
    face(file).draw_glyph_with_pen(glyph, pen)
    scale = np.array([1.0, -1.0]) / em(file)
    lines = tuple(np.array(line) * scale for line in pen.lines if len(line) > 2)
    for line in lines:
        line.flags.writeable = False
    return lines


class _Pen:
    """Takes an outline as fonts tell it: moves, lines, and curves by their control points."""

    def __init__(self) -> None:
        self.lines: list[list[tuple[float, float]]] = []

    def moveTo(self, to: tuple[float, float]) -> None:  # noqa: N802
        self.lines.append([to])

    def lineTo(self, to: tuple[float, float]) -> None:  # noqa: N802
        if to != self.lines[-1][-1]:
            self.lines[-1].append(to)

    def qCurveTo(self, by: tuple[float, float], to: tuple[float, float]) -> None:  # noqa: N802
        """Source: Bézier curve of the second degree."""
        (x0, y0), (x1, y1), (x2, y2) = self.lines[-1][-1], by, to
        for t in (k / STEPS for k in range(1, STEPS + 1)):
            a, b, c = (1 - t) ** 2, 2 * t * (1 - t), t * t
            self.lineTo((a * x0 + b * x1 + c * x2, a * y0 + b * y1 + c * y2))

    def curveTo(self, one: tuple[float, float], two: tuple[float, float], to: tuple[float, float]) -> None:  # noqa: N802
        """Source: Bézier curve of the third degree."""
        points = (self.lines[-1][-1], one, two, to)
        for t in (k / STEPS for k in range(1, STEPS + 1)):
            shares = ((1 - t) ** 3, 3 * t * (1 - t) ** 2, 3 * t * t * (1 - t), t**3)
            x, y = (sum(share * point[k] for share, point in zip(shares, points, strict=True)) for k in (0, 1))
            self.lineTo((x, y))

    def closePath(self) -> None:  # noqa: N802
        line = self.lines[-1]
        if len(line) > 1 and line[0] == line[-1]:
            line.pop()

    def endPath(self) -> None:  # noqa: N802
        """An open line is closed all the same."""
