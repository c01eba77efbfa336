"""Neon and see-through paint made to cover: a little of a paint that does, and what that costs in brightness."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ..colour import cielab, oklch, srgb
from ..colour.difference import ciede2000
from ..document.shelf import Paint
from .mixing import mixed
from .pigment import pigments
from .recipes import FLAKES, mixes, whitest

DROPS = 3
"""Of the weak paint to one that covers. Common practice, no source."""


@dataclass(frozen=True)
class Covering:
    """So many drops of the weak paint to one of this; the colour of the mix, and the share of chroma that is lost."""

    paint: Paint
    drops: int
    colour: str
    duller: float


def covering(weak: Paint, paints: Sequence[Paint]) -> Covering | None:
    """With the paint that changes its colour least; None where no other of the same binder covers."""
    others = [one for one in paints if one.id != weak.id and mixes(one) and one.binder == weak.binder]
    others = [one for one in others if one.cover == "opaque"]
    if not others or weak.finish in FLAKES:
        return None
    made = pigments((weak, *others), whitest(others))
    parts = np.zeros((len(others), len(others) + 1))
    parts[:, 0] = DROPS
    parts[np.arange(len(others)), 1 + np.arange(len(others))] = 1
    coded = np.clip(mixed(made, parts), 0, 1)
    before = cielab.from_hex([weak.colour])
    best = int(ciede2000(before, cielab.from_srgb(coded)).argmin())
    colour = srgb.to_hex(coded[best : best + 1])[0]
    was, now = oklch.from_hex([weak.colour, colour])[:, 1]
    return Covering(others[best], DROPS, colour, max(0.0, float(1 - now / was)) if was > 0 else 0.0)
