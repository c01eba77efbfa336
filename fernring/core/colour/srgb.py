"""sRGB, coded and linear. Source: IEC 61966-2-1."""

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]


def from_hex(colours: list[str]) -> Array:
    """Coded sRGB in 0..1, shape (n, 3), from "#rrggbb"."""
    return np.array([[int(c[k : k + 2], 16) / 255 for k in (1, 3, 5)] for c in colours]).reshape(-1, 3)


def to_hex(coded: Array) -> list[str]:
    """ "#rrggbb" of coded sRGB, clipped into the gamut."""
    levels = np.rint(np.clip(coded, 0, 1) * 255).astype(int).reshape(-1, 3)
    return ["#" + "".join(f"{level:02x}" for level in row) for row in levels]


def linear(coded: Array) -> Array:
    """Linear light of coded sRGB."""
    return np.asarray(np.where(coded <= 0.04045, coded / 12.92, ((coded + 0.055) / 1.055) ** 2.4))


def coded(light: Array) -> Array:
    """Coded sRGB of linear light; negative light is coded as its mirror."""
    size = np.abs(light)
    return np.asarray(np.sign(light) * np.where(size <= 0.0031308, size * 12.92, 1.055 * size ** (1 / 2.4) - 0.055))
