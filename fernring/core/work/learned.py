"""What an artist's own figures make of a default: a factor e^θ on it.

θ has the prior N(0, s0²), a figure is seen with noise s, and the posterior of n logarithms y of seen over expected is
N(Σy/s² / v, 1/v) with v = 1/s0² + n/s². Source: conjugate normal mean with known variance (any textbook of statistics).
"""

from collections.abc import Sequence
from math import sqrt
from typing import NamedTuple


class Learned(NamedTuple):
    """Mean and standard deviation of the log of a factor."""

    mean: float
    sd: float


def posterior(seen: Sequence[float], prior_sd: float, noise_sd: float) -> Learned:
    """From the logarithms of what was seen over what was expected."""
    weight = 1 / noise_sd**2
    precision = 1 / prior_sd**2 + len(seen) * weight
    return Learned(sum(seen) * weight / precision, sqrt(1 / precision))
