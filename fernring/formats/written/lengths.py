"""Lengths as the reader reads them: millimetres, centimetres or inches."""

import re
from typing import Literal

Units = Literal["mm", "cm", "inch"]
PER_UNIT: dict[Units, float] = {"mm": 1.0, "cm": 10.0, "inch": 25.4}
SUFFIX: dict[Units, str] = {"mm": "mm", "cm": "cm", "inch": "in"}
DECIMALS: dict[Units, int] = {"mm": 2, "cm": 3, "inch": 3}


def said(text: str, units: Units) -> str:
    """A sentence whose lengths stand in braces, in millimetres, with them in the reader's unit."""
    return re.sub(r"\{(-?[\d.e-]+)\}", lambda found: length(float(found[1]), units), text)


def length(mm: float, units: Units) -> str:
    number = f"{mm / PER_UNIT[units]:.{DECIMALS[units]}f}".rstrip("0").rstrip(".")
    return f"{number if number not in ('', '-0') else '0'} {SUFFIX[units]}"
