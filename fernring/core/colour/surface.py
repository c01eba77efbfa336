"""Light at the surface of paint. Source: Saunderson 1942, with the usual constants; colours are taken as seen aside
from the mirror image of the light.
"""

import numpy as np

from .srgb import Array

OUTER, INNER = 0.04, 0.6  # k1, k2: reflected from outside, and from inside of a smooth surface
ROUGH = 0.5  # k2 of a matte one, which lets more of the light from below out: common practice, no source


def inside(seen: Array, inner: float = INNER) -> Array:
    """Reflectance below the surface of what is seen above it."""
    return np.asarray(seen / ((1 - OUTER) * (1 - inner) + inner * seen))


def outside(below: Array, inner: float = INNER) -> Array:
    """What is seen above the surface of a reflectance below it."""
    return np.asarray((1 - OUTER) * (1 - inner) * below / (1 - inner * below))
