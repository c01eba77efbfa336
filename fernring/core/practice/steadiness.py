"""How steady a hand is: how far dots lie from where they were meant, how their sizes vary, and what that means."""

from collections.abc import Sequence
from dataclasses import dataclass
from math import erf, sqrt
from statistics import NormalDist

import numpy as np

from ..document.numbers import Ident
from ..document.shelf import Day
from .load import walked
from .reading import ReadDot, Reading, by_block
from .sheet import Block, PracticeSheet, Technique

FEWEST = 4  # dots that tell a spread
ONE_IN = 200  # pairs that may touch at the gap that is offered


@dataclass(frozen=True)
class Steady:
    """Of one technique with one tool on one sheet: `place` (mm) is the deviation of a place along any one direction,
    `bias` (x, y in mm) what all are off by, `size` the deviation of a diameter (a share), `dot` its mean (mm)."""

    tool: Ident
    technique: Technique
    day: Day
    sheet: int
    count: int
    place: float
    bias: tuple[float, float]
    size: float
    dot: float

    @property
    def apart(self) -> float:
        """Deviation of the gap between two neighbours (mm): two places along their line, and two radii."""
        return sqrt(2 * self.place**2 + 2 * (self.size * self.dot / 2) ** 2)

    def touching(self, gap: float) -> float:
        """The share of pairs that touch where a gap (mm) is meant. Source: normal distribution."""
        return 0.5 * (1 - erf(gap / self.apart / sqrt(2))) if self.apart > 0 else float(gap <= 0)

    @property
    def safe_gap(self) -> float:
        """The gap (mm) at which one pair in ONE_IN touches."""
        return self.apart * NormalDist().inv_cdf(1 - 1 / ONE_IN)


def steadiness(sheet: PracticeSheet, reading: Reading) -> list[Steady]:
    """For every technique of a sheet that enough dots tell of."""
    found = []
    for block, dots in by_block(sheet, reading):
        if len(dots) >= FEWEST and not block.ends:
            found.append(_steady(sheet, reading, block, dots))
    return found


def _steady(sheet: PracticeSheet, reading: Reading, block: Block, dots: Sequence[ReadDot]) -> Steady:
    off = np.array([[dot.x - block.places[dot.target][0], dot.y - block.places[dot.target][1]] for dot in dots])
    bias = off.mean(axis=0)
    place = sqrt(float(np.sum((off - bias) ** 2)) / (2 * (len(dots) - 1)))
    log = np.log([dot.diameter for dot in dots])
    freedom = 1
    if block.technique == "walk":  # of a load each dot is smaller than the one before: about that run
        number = np.array([dot.target for dot in dots], dtype=float)
        log = log - np.polyval(np.polyfit(number, log, 1), number)
        freedom = 2
    size = float(np.std(log, ddof=0) * sqrt(len(dots) / (len(dots) - freedom)))
    return Steady(
        tool=sheet.tools[block.tool].tool, technique=block.technique, day=reading.day, sheet=sheet.number,
        count=len(dots), place=place, bias=(float(bias[0]), float(bias[1])), size=size,
        dot=float(np.mean([dot.diameter for dot in dots])),
    )  # fmt: skip


def load_of(sheet: PracticeSheet, reading: Reading, tool: int) -> tuple[float, int] | None:
    """Ratio and dots of one load by the sheet's walk, None where too few dots tell or they do not fall."""
    for block, dots in by_block(sheet, reading):
        if block.tool == tool and block.technique == "walk" and len(dots) >= FEWEST:
            sizes = [dot.diameter for dot in dots]
            if sizes[-1] < sizes[0]:
                load = walked(sizes).load
                return load.ratio, load.dots
    return None
