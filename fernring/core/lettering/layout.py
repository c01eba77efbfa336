"""A line of text as closed lines in mm: straight, or along a curve to which every letter stands upright."""

from collections.abc import Callable
from typing import NamedTuple

import numpy as np

from ..dots.table import Array
from .fonts import capital, outline
from .shaping import Glyph, shaped

Lines = list[Array]
Curve = Callable[[Array], Array]


class Set(NamedTuple):
    """A text set in a font: capitals so high, letters apart by so much more than the font has it (mm)."""

    text: str
    font: str
    height: float
    spacing: float = 0.0

    @property
    def scale(self) -> float:
        """mm for an em."""
        return self.height / capital(self.font)


class Letter(NamedTuple):
    """A glyph about the middle of the room it takes along the line, and where on the line that is (mm)."""

    lines: tuple[Array, ...]
    at: float


def letters(of: Set) -> tuple[list[Letter], float]:
    """The glyphs that leave a mark, and how long the line is (mm)."""
    found, spaced = [], 0.0
    glyphs = shaped(of.text, of.font)
    for glyph in glyphs:
        at = (glyph.x + glyph.advance / 2) * of.scale + spaced
        lines = _about_its_middle(glyph, of.scale)
        if lines:
            found.append(Letter(lines, at))
        spaced += of.spacing if glyph.last else 0.0
    length = (glyphs[-1].x + glyphs[-1].advance) * of.scale + spaced - of.spacing if glyphs else 0.0
    return found, max(length, 0.0)


def _about_its_middle(glyph: Glyph, scale: float) -> tuple[Array, ...]:
    shift = np.array([-glyph.advance / 2, -glyph.y])
    return tuple((line + shift) * scale for line in outline(glyph.file, glyph.glyph))


def straight(of: Set) -> Lines:
    """The closed lines about the middle of the whole, each of shape (n, 2), y downward; holes run the other way."""
    found, _ = letters(of)
    lines = [line + np.array([letter.at, 0.0]) for letter in found for line in letter.lines]
    if not lines:
        return []
    every = np.concatenate(lines)
    middle = (every.min(axis=0) + every.max(axis=0)) / 2
    return [line - middle for line in lines]


def along(of: Set, curve: Curve, middle: float, onward: int) -> Lines:
    """The closed lines along a curve whose points (n, 2) are asked for by lengths (mm): the middle of the text at the
    length `middle`, read in the direction `onward` (1 or -1). Heads stand to the left of that direction, as one looks
    along it with y downward.
    """
    found, length = letters(of)
    lines = []
    for letter in found:
        at = middle + onward * (letter.at - length / 2)
        here, before, after = curve(np.array([at, at - onward * 0.01, at + onward * 0.01]))
        way = (after - before) / np.hypot(*(after - before))
        turn = np.array([way, [-way[1], way[0]]])
        lines += [line @ turn + here for line in letter.lines]
    return lines


def circle(radius: float) -> Curve:
    """Points of a circle about the origin by lengths along it, clockwise from twelve o'clock."""
    return lambda s: radius * np.stack((np.sin(s / radius), -np.cos(s / radius)), axis=1)
