"""Pots that were mixed before and would do for a shade."""

from collections.abc import Sequence
from dataclasses import dataclass
from math import floor

from ..colour import cielab
from ..colour.difference import ciede2000
from ..document.shelf import MixedPot
from ..tables import table

SAME = 2.0  # CIEDE2000, up to which a pot stands for a shade: a judgement
LEAST = 0.2 - 1e-9  # ml; less than that stays on the walls


@dataclass(frozen=True)
class Leftover:
    """A pot by its id, what is left in it (ml, whole drops), and how far its colour is from the shade (CIEDE2000)."""

    pot: str
    ml: float
    drops: int
    error: float


def leftover(colour: str, pots: Sequence[MixedPot]) -> Leftover | None:
    """The pot nearest to the colour that is near enough and holds something."""
    holding = [pot for pot in pots if pot.left >= LEAST]
    if not holding:
        return None
    lab = cielab.from_hex([colour, *(pot.colour for pot in holding)])
    apart = ciede2000(lab[:1], lab[1:])
    best = int(apart.argmin())
    if apart[best] > SAME:
        return None
    left = holding[best].left
    return Leftover(
        holding[best].id, left, floor(left * table("amounts.json")["drops_per_ml"] + 1e-9), float(apart[best])
    )
