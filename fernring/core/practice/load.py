"""One load in a practice walk: how much smaller each dot is than the one before."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ..document.kit import Load
from ..errors import FitError

LEAST_RATIO = 0.5


@dataclass(frozen=True)
class Walked:
    """What one load gave: as the kit keeps it, the first and the smallest dot of the fitted run (mm), and how far the
    dots lie from that run (standard deviation, a share)."""

    load: Load
    first: float
    smallest: float
    spread: float


def walked(diameters: Sequence[float]) -> Walked:
    """The run d0 ratio^k through all dots of one load in order, by least squares on their logarithms.

    Raises FitError with fewer than two dots, or where they grow.
    """
    if len(diameters) < 2:
        raise FitError(f"A load is told by two dots at least (given {len(diameters)}).", "diameters")
    number = np.arange(len(diameters))
    slope, begin = np.polyfit(number, np.log(diameters), 1)
    ratio = float(np.exp(slope))
    if ratio > 1:
        raise FitError(
            "These dots grow from the first to the last; a load gives smaller and smaller ones.", "diameters"
        )
    if ratio < LEAST_RATIO:
        raise FitError(
            f"Each dot is {ratio:.2f} times the one before; a load that falls below half is none.", "diameters"
        )
    run = np.exp(begin + slope * number)
    spread = float(np.std(np.log(diameters) - np.log(run), ddof=min(2, len(diameters) - 1)))
    return Walked(Load(ratio=ratio, dots=len(diameters)), float(run[0]), float(run[-1]), spread)
