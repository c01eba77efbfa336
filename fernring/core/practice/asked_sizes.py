"""Sizes in somebody's instructions, and the tools of this kit that come nearest."""

import re
from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction

from ..document.kit import Tool
from ..document.numbers import LEAST_DOT, MOST_DOT
from ..errors import FitError

INCH = 25.4
MOST_SIZES, MOST_TEXT = 60, 5_000
_SIZE = re.compile(
    r"(?<![\w.,/])(?:(?P<whole>\d+)\s+)?(?P<over>\d+)\s*/\s*(?P<under>\d+)(?P<mark>\s*(?:\"|”|in\b|inch(?:es)?\b))?"
    r"|(?<![\w.,/])(?P<number>\d+(?:[.,]\d+)?)\s*(?P<unit>mm\b|cm\b|\"|”|in\b|inch(?:es)?\b)?(?![\w/])"
)


@dataclass(frozen=True)
class Match:
    """A size that was asked for (mm), as it was written, and the tool and dot nearest to it."""

    written: str
    size: float
    tool: str
    dot: float

    @property
    def off(self) -> float:
        """By how much ours is larger, as a share."""
        return self.dot / self.size - 1


def sizes_in(text: str) -> list[tuple[str, float]]:
    """Every size in a text and what it is in mm: fractions are inches, numbers are millimetres unless their unit says
    otherwise. Numbers that no dot can have (years, counts of hundreds) are passed over. Raises FitError for too many.
    """
    found = []
    for match in _SIZE.finditer(text[:MOST_TEXT]):
        size = _mm(match)
        if size is not None and LEAST_DOT <= size <= MOST_DOT:
            found.append((match[0].strip(), size))
    if len(found) > MOST_SIZES:
        raise FitError(f"At most {MOST_SIZES} sizes are looked for at once (this text has {len(found)}).", "text")
    return found


def nearest(tools: Sequence[Tool], text: str) -> list[Match]:
    """For each size of a text the tool whose dot differs least from it, as a share; what only pulls is left out."""
    dots, found = dots_of(tools), []
    for written, size in sizes_in(text):
        tool, dot = nearest_dot(dots, size)
        found.append(Match(written, size, tool.id, dot))
    return found


def dots_of(tools: Sequence[Tool]) -> list[tuple[Tool, float]]:
    """Every dot of the kit (mm) with its tool. Raises FitError where no tool sets any."""
    dots = [(tool, dot) for tool in tools if not tool.pulls for dot in tool.dots]
    if not dots:
        raise FitError("The kit has no tool that sets dots.", "tools")
    return dots


def nearest_dot(dots: Sequence[tuple[Tool, float]], size: float) -> tuple[Tool, float]:
    """The one that differs least from a size, as a share."""
    return min(dots, key=lambda one: abs(one[1] / size - 1))


def _mm(match: re.Match[str]) -> float | None:
    if match["over"]:
        if int(match["under"]) == 0:
            return None
        return float(int(match["whole"] or 0) + Fraction(int(match["over"]), int(match["under"]))) * INCH
    number, unit = float(match["number"].replace(",", ".")), match["unit"] or "mm"
    return number * {"mm": 1.0, "cm": 10.0}.get(unit, INCH)
