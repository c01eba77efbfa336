"""How a tail thins from its head to its tip."""

import numpy as np

from ..dots.table import Array

TIP = 0.06  # of the head


def taper(thin: bool, t: Array) -> Array:
    """Share of the head's radius at these shares of the length: in a straight line, so that a teardrop's sides are the
    tangents of its head; or thinning at once, so that it runs out in a long tail."""
    return np.asarray(TIP + (1 - TIP) * ((1 - t) ** 2.2 if thin else 1 - t))
