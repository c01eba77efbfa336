"""Colours that a shelf can give: its paints as they are, and mixes of two of them."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from itertools import combinations

import numpy as np

from ..colour import cielab, oklch, srgb
from ..document.shelf import Paint, Portion
from ..dots.table import Array
from ..paint.mixing import mixed
from ..paint.pigment import pigments
from ..paint.recipes import MOST_POTS, mixes, whitest

RATIOS = ((1, 1), (1, 3), (3, 1))
MOST_MIXES = 1500


@dataclass(frozen=True, eq=False)
class Candidates:
    """As paints, mixes after those of the shelf, whose `parts` tell what they are made of."""

    paints: tuple[Paint, ...]

    @cached_property
    def colours(self) -> list[str]:
        return [paint.colour for paint in self.paints]

    @cached_property
    def lab(self) -> Array:
        return cielab.from_hex(self.colours)

    @cached_property
    def lch(self) -> Array:
        return oklch.from_hex(self.colours)


def candidates(paints: Sequence[Paint]) -> Candidates:
    """Every paint, and every two that can be mixed: one to one, one to three and three to one."""
    able = [paint for paint in paints if mixes(paint)][:MOST_POTS]
    pairs = [pair for pair in combinations(range(len(able)), 2) if able[pair[0]].binder == able[pair[1]].binder]
    told = [(pair, ratio) for pair in pairs for ratio in RATIOS][:MOST_MIXES]
    if not told:
        return Candidates(tuple(paints))
    parts = np.zeros((len(told), len(able)))
    for k, (pair, ratio) in enumerate(told):
        parts[k, list(pair)] = ratio
    colours = srgb.to_hex(np.clip(mixed(pigments(able, whitest(able)), parts), 0, 1))
    made = [_mix([able[k] for k in pair], ratio, colour) for (pair, ratio), colour in zip(told, colours, strict=True)]
    return Candidates((*paints, *made))


def _mix(two: Sequence[Paint], drops: tuple[int, int], colour: str) -> Paint:
    """As a paint of its own: it looks like its larger part, and covers like the weaker one."""
    main = two[int(drops[1] > drops[0])]
    weakest = max((paint.cover for paint in two), key=("opaque", "half", "translucent").index)
    ident = f"mix-{'-'.join(f'{paint.id[:14]}-{n}' for paint, n in zip(two, drops, strict=True))}"[:48].rstrip("-")
    name = f"{two[0].name[:50]} {drops[0]} : {drops[1]} {two[1].name[:50]}"
    parts = tuple(Portion(paint=paint.id, drops=n) for paint, n in zip(two, drops, strict=True))
    more = {"body": main.body, "binder": main.binder, "medium": main.medium}
    return Paint(id=ident, name=name, colour=colour, cover=weakest, parts=parts, **more)
