"""Unequal dots on one ring with equal gaps: angles and distance solved together.

With neighbours of diameters d_i, d_(i+1) and clear gap g the angle between them at reach R is
2*asin((d_i + d_(i+1) + 2g) / (4R)). The ring closes when these add up to 2*pi. Source: chord of a circle.
Patterns are short, so plain floats are quicker here than arrays.
"""

from collections.abc import Sequence
from math import asin, pi

from .crossing import crossing


def pair_sums(diameters: Sequence[float]) -> list[float]:
    """Mean diameter of each dot and its follower, the pattern closing on itself (mm)."""
    return [(d + diameters[(i + 1) % len(diameters)]) / 2 for i, d in enumerate(diameters)]


def steps(reach: float, sums: Sequence[float], gap: float) -> list[float]:
    """Angle (rad) from each member of the pattern to the next at this reach and gap, from the pair sums."""
    return [2 * asin(max(-1.0, min(1.0, (s + gap) / (2 * reach)))) for s in sums]


def closing_gap(reach: float, diameters: Sequence[float], repeats: int) -> float:
    """The gap (mm, negative when dots overlap) with which `repeats` of the pattern close the ring."""
    sums, turn = pair_sums(diameters), 2 * pi / repeats
    widest = 2 * reach - max(sums)
    return crossing(lambda gap: sum(steps(reach, sums, gap)) - turn, -2 * reach, widest)


def closing_reach(diameters: Sequence[float], repeats: int, gap: float) -> float:
    """The reach (mm) at which `repeats` of the pattern close with exactly this gap."""
    sums, turn = pair_sums(diameters), 2 * pi / repeats
    least, most = (max(sums) + gap) / 2, (sum(sums) + gap * len(sums)) * repeats
    return crossing(lambda reach: turn - sum(steps(reach, sums, gap)), least, most)
