"""Spectra every 10 nm from 380 to 730, and what the eye makes of them under daylight.

Source: CIE 1931 colour matching functions of the 2 degree observer and illuminant D65 (CIE 015); the sums over the
wavelengths stand for the integrals. sRGB primaries from IEC 61966-2-1.
"""

import numpy as np

from ..kept import kept
from ..tables import table
from .cielab import XYZ_OF_LIGHT
from .srgb import Array


@kept(8)
def observer(light: str = "D65") -> Array:
    """Weights, shape (36, 3): a reflectance times these is X, Y, Z under a light, white having Y = 1."""
    data = table("cie.json")
    matching = np.array([data["x"], data["y"], data["z"]]).T
    power = np.array(data[light])[:, None]
    return np.asarray(matching * power / (matching[:, 1:2] * power).sum())


@kept(1)
def primaries() -> Array:
    """Weights, shape (36, 3): a reflectance times these is linear sRGB under D65, a perfect white having 1, 1, 1.

    The sums every 10 nm put white a hair off the white of sRGB; each primary is scaled so that it is met.
    """
    found = observer() @ np.linalg.inv(XYZ_OF_LIGHT).T
    return np.asarray(found / found.sum(axis=0))


def light_of(reflectance: Array) -> Array:
    """Linear sRGB, shape (n, 3), of reflectances (n, 36); colours outside of sRGB go below 0 or beyond 1."""
    return np.asarray(reflectance @ primaries())
