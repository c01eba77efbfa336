"""How long the hand takes: seconds for a dot, a load, a tail. Defaults, marked so, until a log tells better."""

from typing import NamedTuple

import numpy as np

from ..dots.table import Array
from ..tables import table


class Minutes(NamedTuple):
    """What is expected, and what a quick and a slow hand take (minutes)."""

    mean: float
    low: float
    high: float


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
