"""How much of a guide line stays in sight once everything is painted."""

import numpy as np

from ..dots.index import Index
from ..dots.table import Dots
from .lines import GuideLine

STEP = 0.5


def bare_length(line: GuideLine, dots: Dots) -> float:
    """Length (mm) of the line that no dot covers, to half a millimetre a stretch."""
    curve = line.curve
    x, y, z = curve(np.linspace(0, curve.length, max(2, int(curve.length / STEP)))).T
    bare = Index.of(dots).clear_of(x, y, z, np.full(len(x), 1e-9))
    return curve.length * float(bare.mean())
