"""Lengths in sentences.

They are written `{1.25}`, in millimetres, so that each reader can be shown the unit they chose.
"""

import re
from collections.abc import Callable
from typing import Literal

Units = Literal["mm", "cm", "inch"]
PER_UNIT: dict[Units, float] = {"mm": 1.0, "cm": 10.0, "inch": 25.4}
SUFFIX: dict[Units, str] = {"mm": "mm", "cm": "cm", "inch": "in"}
DECIMALS: dict[Units, int] = {"mm": 2, "cm": 3, "inch": 3}
FINE: dict[Units, int] = {"mm": 1, "cm": 2, "inch": 3}
_IN_BRACES = re.compile(r"\{(-?[\d.e-]+)\}")


def mm(length: float) -> str:
    """A length for a sentence."""
    return f"{{{round(length, 4) + 0.0:g}}}"


def plain(text: str) -> str:
    """The sentence with its lengths in millimetres, to a hundredth."""
    return _with_lengths(text, lambda value: f"{round(value, 2):g} mm")


def bare(text: str, decimals: int) -> str:
    """The sentence with its lengths as numbers of millimetres, for tables that name the unit."""
    return _with_lengths(text, lambda value: f"{value:.{decimals}f}")


def numbers(text: str, units: Units) -> str:
    """The sentence with its lengths as numbers in the reader's unit, for labels beside lines: to about 0.1 mm."""
    return _with_lengths(text, lambda value: figure(value, units, FINE[units]))


def said(text: str, units: Units) -> str:
    """The sentence with its lengths in the reader's unit."""
    return _with_lengths(text, lambda value: length(value, units))


def length(value_mm: float, units: Units) -> str:
    """One length in the reader's unit, as a decimal."""
    return f"{figure(value_mm, units, DECIMALS[units])} {SUFFIX[units]}"


def figure(value_mm: float, units: Units, decimals: int) -> str:
    """The number alone, without zeros at its end."""
    number = f"{value_mm / PER_UNIT[units]:.{decimals}f}"
    short = number.rstrip("0").rstrip(".") if "." in number else number
    return short if short not in ("", "-0") else "0"


def _with_lengths(text: str, word: Callable[[float], str]) -> str:
    return _IN_BRACES.sub(lambda found: word(float(found[1])), text)
