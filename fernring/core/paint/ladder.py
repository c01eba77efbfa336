"""Mixing as it is done at the table: begin with the light one, put aside what the first shade needs, add some of the
colour, put aside, and so on, so that no shade runs short.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise
from math import ceil

from ..errors import FitError


@dataclass(frozen=True)
class Rung:
    """What is added to the pot, what it then holds, how much of it is put aside (drops), and its share of colour."""

    light: int
    colour: int
    holds: float
    aside: float
    share: float


def ladder(shares: Sequence[float], needs: Sequence[float]) -> list[Rung]:
    """Rungs for shades with these rising shares of colour (0 to 1), of each so many drops.

    Backward: before shade k + 1 is made the pot holds T[k+1] (1 - f[k+1]) / (1 - f[k]) of shade k, since only colour is
    added; then what shade k itself needs comes on top. Whole drops are rounded up on the way forward, so that there is
    at least as much of each. A shade of colour alone comes out of its own pot. Raises FitError unless shares rise.
    """
    if any(b <= a for a, b in pairwise(shares)) or not shares or shares[0] < 0 or shares[-1] > 1:
        raise FitError("The shares of the colour must rise from shade to shade, within 0 and 1.", "shares")
    mixed = [k for k, share in enumerate(shares) if share < 1]
    total = 0.0
    for k in reversed(mixed):
        after = mixed[mixed.index(k) + 1] if k != mixed[-1] else None
        left = total * (1 - shares[after]) / (1 - shares[k]) if after is not None else 0.0
        total = left + needs[k]
    rungs: list[Rung] = []
    light = colour = 0.0
    for k in mixed:
        begun = ceil(total * (1 - shares[k]) - 1e-9) if not rungs else 0
        light += begun
        added = max(ceil(light * shares[k] / (1 - shares[k]) - colour - 1e-9), 0)
        colour += added
        holds = light + colour
        share = colour / holds if holds else 0.0
        rungs.append(Rung(begun, added, holds, needs[k], share))
        light -= needs[k] * (1 - share)
        colour -= needs[k] * share
    return rungs + [Rung(0, ceil(needs[k]), needs[k], needs[k], 1.0) for k in range(len(mixed), len(shares))]
