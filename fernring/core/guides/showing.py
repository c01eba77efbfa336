"""How much of a guide line stays in sight once everything is painted."""

import numpy as np

from ..dots import Dots
from .lines import GuideLine

STEP = 0.5


def bare_length(line: GuideLine, dots: Dots) -> float:
    """Length (mm) of the line that no dot covers, to half a millimetre a stretch."""
    curve = line.curve
    x, y, z = curve(np.linspace(0, curve.length, max(2, int(curve.length / STEP)))).T
    reach = float(np.hypot(x, y).max()) + float(dots.radius.max(initial=0.0))
    near = np.flatnonzero(np.hypot(dots.x, dots.y) <= reach)
    square = (x[:, None] - dots.x[near]) ** 2 + (y[:, None] - dots.y[near]) ** 2 + (z[:, None] - dots.z[near]) ** 2
    covered = (square <= dots.radius[near] ** 2).any(axis=1)
    return curve.length * float((~covered).mean())
