"""Oklab, in which equal steps look about equal. Source: B. Ottosson, A perceptual color space (2020)."""

import numpy as np

from . import srgb
from .srgb import Array

_LMS = np.array(
    [
        [0.4122214708, 0.5363325363, 0.0514459929],
        [0.2119034982, 0.6806995451, 0.1073969566],
        [0.0883024619, 0.2817188376, 0.6299787005],
    ]
)
_LAB = np.array(
    [
        [0.2104542553, 0.7936177850, -0.0040720468],
        [1.9779984951, -2.4285922050, 0.4505937099],
        [0.0259040371, 0.7827717662, -0.8086757660],
    ]
)


def from_srgb(coded: Array) -> Array:
    """L, a, b of coded sRGB, shape (n, 3)."""
    return np.asarray(np.cbrt(srgb.linear(coded) @ _LMS.T) @ _LAB.T)


def to_srgb(lab: Array) -> Array:
    """Coded sRGB of Oklab; may leave 0..1 outside the gamut."""
    cubed = (lab @ np.linalg.inv(_LAB).T) ** 3
    return srgb.coded(cubed @ np.linalg.inv(_LMS).T)
