"""How much of a guide line stays in sight once everything is painted."""

import numpy as np

from ..dots import Dots
from .lines import GuideLine, length

STEP = 0.5


def bare_length(line: GuideLine, dots: Dots) -> float:
    """Length (mm) of the line that no dot covers, to half a millimetre a stretch."""
    points = np.concatenate((line.points, line.points[:1])) if line.closed else line.points
    total = length(line)
    count = max(2, int(total / STEP))
    along = np.concatenate(([0.0], np.cumsum(np.linalg.norm(np.diff(points, axis=0), axis=1))))
    at = np.linspace(0, along[-1], count)
    x, y, z = (np.interp(at, along, points[:, k]) for k in range(3))
    reach = float(np.hypot(x, y).max()) + float(dots.radius.max(initial=0.0))
    near = np.flatnonzero(np.hypot(dots.x, dots.y) <= reach)
    square = (x[:, None] - dots.x[near]) ** 2 + (y[:, None] - dots.y[near]) ** 2 + (z[:, None] - dots.z[near]) ** 2
    covered = (square <= dots.radius[near] ** 2).any(axis=1)
    return total * float((~covered).mean())
