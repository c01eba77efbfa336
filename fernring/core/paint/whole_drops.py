"""A recipe in as many whole drops as a pot needs.

Drops cannot be split, so a few of them keep a recipe badly: of 59 to 1 six drops make 5 to 1. So the amount is raised
until whole drops keep the colour, unless a recipe of so few drops comes about as near; that one states its own error.
"""

from collections.abc import Iterator, Sequence
from math import ceil
from typing import NamedTuple

import numpy as np

from ..colour import cielab
from ..colour.difference import ciede2000
from ..colour.srgb import Array
from ..document.shelf import Paint
from .mixing import mixed
from .pigment import Pigment, pigments
from .recipes import Recipe, mixes, recipes, whitest

SEEN = 1.0  # of CIEDE2000, by which whole drops may change a shade
SPARE = 1.1  # times the need that may be mixed before fewer drops are looked for
Drops = tuple[tuple[str, int], ...]


class Poured(NamedTuple):
    """The recipe that is followed and the drops of each paint."""

    recipe: Recipe
    drops: Drops


def poured(recipe: Recipe, needed: int, paints: Sequence[Paint]) -> Poured:
    """At least so many drops, the fewest in which the recipe of these paints changes by no more than is seen."""
    own = _of_kind(recipe, paints)
    drops = _kept(recipe, needed, own)
    if sum(count for _, count in drops) > SPARE * needed + 1:
        (few,) = recipes(own, [recipe.aim], max(needed, 1))
        if few.error <= recipe.error + SEEN:
            return Poured(few, _kept(few, needed, own))
    return Poured(recipe, drops)


def _of_kind(recipe: Recipe, paints: Sequence[Paint]) -> list[Paint]:
    """The paints that the recipe was chosen from: those that are mixed and of one binder with its own."""
    used = {ident for ident, _ in recipe.drops}
    binders = {one.binder for one in paints if one.id in used}
    return [paint for paint in paints if mixes(paint) and paint.binder in binders]


def _kept(recipe: Recipe, needed: int, paints: Sequence[Paint]) -> Drops:
    """The fewest whole drops that keep the recipe; its own ratio does."""
    parts = np.array([count for _, count in recipe.drops], float)
    made = _pigments(recipe, paints)
    aim = _lab(made, parts)
    for counts in _counts(parts, needed):
        if float(ciede2000(aim, _lab(made, counts))[0]) <= SEEN:
            return tuple((ident, int(count)) for (ident, _), count in zip(recipe.drops, counts, strict=True))
    raise AssertionError("a multiple of the recipe keeps its colour")


def _counts(parts: Array, needed: int) -> Iterator[Array]:
    """Whole drops near to the recipe, from so many in all to the next multiple of it."""
    whole, least = int(parts.sum()), max(needed, 1)
    for total in range(least, ceil(least / whole) * whole + 1):
        counts = np.maximum(np.rint(parts * total / whole), 1.0)
        if counts.sum() >= needed:
            yield counts


def _pigments(recipe: Recipe, paints: Sequence[Paint]) -> list[Pigment]:
    made = dict(zip((paint.id for paint in paints), pigments(paints, whitest(paints)), strict=True))
    return [made[ident] for ident, _ in recipe.drops]


def _lab(made: Sequence[Pigment], parts: Array) -> Array:
    return cielab.from_srgb(np.clip(mixed(made, parts[None]), 0, 1))
