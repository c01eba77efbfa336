"""How long the hand takes: seconds for a dot, a load, a tail. Defaults, marked so, until a log tells better: what its
steps took moves those of their kind by a factor (learned.py).
"""

from collections.abc import Mapping, Sequence
from math import exp, log
from typing import NamedTuple

import numpy as np

from ..dots.table import Array
from ..tables import table
from .learned import posterior

LEAST = 0.1  # minutes


class Pace(NamedTuple):
    """How long a step of this kind was expected to take, and took (minutes)."""

    kind: str
    expected: float
    took: float


class Minutes(NamedTuple):
    """What is expected, and what a quick and a slow hand take (minutes)."""

    mean: float
    low: float
    high: float


def believed(one: Pace) -> bool:
    """Whether a step was timed well enough to teach anything."""
    least, most = table("pace.json")["believed"]
    return one.expected >= LEAST and one.took >= LEAST and bool(least <= one.took / one.expected <= most)


def factors(paces: Sequence[Pace]) -> Mapping[str, float]:
    """By which factor steps of each kind take longer than the default."""
    facts = table("pace.json")
    kinds: dict[str, list[float]] = {}
    for one in paces:
        if believed(one):
            kinds.setdefault(one.kind, []).append(log(one.took / one.expected))
    return {kind: exp(posterior(own, facts["prior_sd"], facts["noise_sd"]).mean) for kind, own in kinds.items()}


def minutes(seconds: float) -> Minutes:
    facts = table("pace.json")
    mean = seconds / 60
    return Minutes(mean, mean * facts["quick"], mean * facts["slow"])


def dotting(diameters: Array, loads: int) -> Minutes:
    """Dots of these diameters (mm) with so many loads, the tool tried at the side first."""
    facts = table("pace.json")
    each = facts["dot"] + facts["per_mm"] * np.asarray(diameters)
    return minutes(facts["try"] + float(each.sum()) + facts["load"] * loads)


def pulling(count: int) -> Minutes:
    """So many tails."""
    return minutes(table("pace.json")["pull"] * count)


def drawing(count: int) -> Minutes:
    """So many lines or shapes, the tool tried at the side first."""
    facts = table("pace.json")
    return minutes(facts["try"] + facts["mark"] * count)
