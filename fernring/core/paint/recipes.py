"""Recipes in whole drops: of the pots at hand at most three, so that their mix comes nearest to a wanted colour.

Every pair is tried at a few ratios, the nearest pairs at every whole ratio, their pots three by three. Errors are
CIEDE2000.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cache
from itertools import combinations
from math import gcd

import numpy as np

from ..colour import cielab, srgb
from ..colour.difference import ciede2000
from ..colour.srgb import Array
from ..document.shelf import Paint
from ..dots.table import Whole
from ..errors import FitError
from .mixing import mixed
from .pigment import Pigment, pigments

MOST_DROPS, MOST_POTS = 60, 60
ROUGH, FINE = 9, 20  # drops of a pair in all, that is no tint
FEW_PAIRS = 24  # rough mixes whose pots are looked at more closely
NEAREST = 300  # mixes that are looked at by CIEDE2000
FLAKES = ("metallic", "pearl", "glitter")
BINDERS = ("acrylic", "multi-surface", "bake-on enamel")
FEW = 6  # pots that are tried three by three
TRIPLE_DROPS = 12
ONE_MORE = 0.35  # of CIEDE2000 that one more pot has to be better by
FEWER = 0.004  # that a drop less is worth
UNREACHED = 4.0
WHITE_ENOUGH = 90.0  # L*


@dataclass(frozen=True)
class Recipe:
    """Drops by the ids of the paints, most first; the colour that is predicted, its error beside the aim, and whether
    every paint in it was calibrated by swabs."""

    aim: str
    drops: tuple[tuple[str, int], ...]
    colour: str
    error: float
    calibrated: bool

    @property
    def reached(self) -> bool:
        return self.error <= UNREACHED


def recipes(paints: Sequence[Paint], aims: Sequence[str], most_drops: int = MOST_DROPS) -> list[Recipe]:
    """One for every wanted colour "#rrggbb", of paints that can be mixed with each other. Raises FitError without such
    a paint, or with too many.
    """
    kinds = [[paint for paint in paints if mixes(paint) and paint.binder == binder] for binder in BINDERS]
    kinds = [kind for kind in kinds if kind]
    if not kinds or len(paints) > MOST_POTS:
        raise FitError(f"Recipes need 1 to {MOST_POTS} paints that can be mixed (given {len(paints)}).", "paints")
    found = [_of_kind(kind, aims, most_drops) for kind in kinds]
    return [min(same, key=lambda one: one.error) for same in zip(*found, strict=True)]


def mixes(paint: Paint) -> bool:
    """Whether others are mixed of it: flakes stay flakes, neon glows as no reflectance does, and what a pen holds stays
    in it. Common practice, no source."""
    return paint.finish not in (*FLAKES, "neon") and paint.binder in BINDERS


def _of_kind(paints: Sequence[Paint], aims: Sequence[str], most_drops: int) -> list[Recipe]:
    wanted = cielab.from_hex(aims)
    made = pigments(paints, whitest(paints))
    rough = _pairs(len(paints), False)
    labs = _lab(made, rough)
    found = []
    for aim, lab in zip(aims, wanted, strict=True):
        near = rough[_nearest(lab, labs, FEW_PAIRS)]
        tried = [
            np.eye(len(paints)),
            near,
            _every_ratio(near, most_drops),
            _threes(_promising(near), len(paints), most_drops),
        ]
        parts = np.vstack([part for part in tried if len(part)])
        parts = parts[parts.sum(axis=1) <= max(most_drops, 1)]
        seen = _lab(made, parts)
        best = _nearest(lab, seen, NEAREST)
        found.append(_recipe(aim, lab, paints, made, _best(lab, parts[best], seen[best])))
    return found


def whitest(paints: Sequence[Paint]) -> str | None:
    """The id of the lightest paint, where that is white enough to be mixed in."""
    light = cielab.from_hex([paint.colour for paint in paints])[:, 0]
    best = int(light.argmax())
    return paints[best].id if light[best] >= WHITE_ENOUGH else None


def _lab(made: Sequence[Pigment], parts: Array) -> Array:
    return cielab.from_srgb(np.clip(mixed(made, parts), 0, 1))


def _nearest(lab: Array, labs: Array, count: int) -> Whole:
    """So many colours that lie nearest in L*a*b*, the nearest first: among these the best by CIEDE2000 is."""
    away = ((labs - lab) ** 2).sum(axis=1)
    few = np.argpartition(away, min(count, len(away) - 1))[:count]
    return np.asarray(few[np.argsort(away[few], kind="stable")], np.int32)


def _best(lab: Array, parts: Array, labs: Array) -> Array:
    """The one that is nearest, where fewer pots and drops are worth a little."""
    cost = ciede2000(np.broadcast_to(lab, labs.shape), labs)
    cost = cost + ONE_MORE * ((parts > 0).sum(axis=1) - 1) + FEWER * parts.sum(axis=1)
    return np.asarray(parts[int(cost.argmin())])


def _promising(parts: Array) -> list[int]:
    """The first few pots of the pairs that come nearest."""
    few: list[int] = []
    for own in parts:
        few += [pot for pot in np.flatnonzero(own).tolist() if pot not in few]
        if len(few) >= FEW:
            break
    return sorted(few[:FEW])


def _recipe(aim: str, lab: Array, paints: Sequence[Paint], made: Sequence[Pigment], parts: Array) -> Recipe:
    coded = mixed(made, parts[None])
    error = float(ciede2000(lab[None], cielab.from_srgb(np.clip(coded, 0, 1)))[0])
    used = [k for k in np.argsort(-parts, kind="stable").tolist() if parts[k] > 0]
    drops = tuple((paints[k].id, int(parts[k])) for k in used)
    calibrated = len(used) == 1 or all(made[k].calibrated or paints[k].id == whitest(paints) for k in used)
    return Recipe(aim, drops, srgb.to_hex(coded)[0], error, calibrated)


@cache
def _ratios(fine: bool) -> Array:
    """Whole ratios of two that cannot be told by fewer drops, and tints: a drop or two in many."""
    most = FINE if fine else ROUGH
    told = {(a, b) for a in range(1, most) for b in range(1, most - a + 1) if gcd(a, b) == 1}
    tints = {(few, many) for few in (1, 2) for many in range(most, MOST_DROPS, 1 if fine else 8) if gcd(few, many) == 1}
    return np.array(sorted(told | tints | {(b, a) for a, b in tints}), float)


@cache
def _pairs(count: int, fine: bool) -> Array:
    """Every pot alone, and every two in every ratio; shape (m, count)."""
    found = [np.eye(count)]
    for one, other in combinations(range(count), 2):
        parts = np.zeros((len(_ratios(fine)), count))
        parts[:, one], parts[:, other] = _ratios(fine).T
        found.append(parts)
    return np.vstack(found)


def _every_ratio(near: Array, most_drops: int) -> Array:
    """The pairs among these mixes, each in every whole ratio."""
    ratios = _ratios(True)
    ratios = ratios[ratios.sum(axis=1) <= most_drops]
    pairs = dict.fromkeys(tuple(np.flatnonzero(own).tolist()) for own in near if (own > 0).sum() == 2)
    found = np.zeros((len(pairs), len(ratios), near.shape[1]))
    for k, (one, other) in enumerate(pairs):
        found[k, :, one], found[k, :, other] = ratios.T
    return found.reshape(-1, near.shape[1])


def _threes(few: Sequence[int], count: int, most_drops: int) -> Array:
    """Every three of these pots in every whole ratio of a few drops; shape (m, count)."""
    ratios = _shares(min(TRIPLE_DROPS, most_drops))
    found = []
    for three in combinations(few, 3) if len(ratios) else ():
        parts = np.zeros((len(ratios), count))
        parts[:, three] = ratios
        found.append(parts)
    return np.vstack(found) if found else np.empty((0, count))


@cache
def _shares(most: int) -> Array:
    """Whole ratios of three that cannot be told by fewer drops."""
    every = [
        (a, b, c)
        for a in range(1, most - 1)
        for b in range(1, most - a)
        for c in range(1, most - a - b + 1)
        if gcd(a, b, c) == 1
    ]
    return np.array(every, float).reshape(-1, 3)
