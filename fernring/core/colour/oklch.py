"""Lightness, chroma and hue in Oklab. Source: B. Ottosson, A perceptual color space (2020)."""

import numpy as np

from . import oklab, srgb
from .srgb import Array

GREY = 0.035  # chroma below which a colour has no hue to speak of: a judgement


def from_hex(colours: list[str]) -> Array:
    """L, C and h (degrees, 0 to 360) of colours "#rrggbb", shape (n, 3)."""
    lab = oklab.from_srgb(srgb.from_hex(colours))
    hue = np.degrees(np.arctan2(lab[:, 2], lab[:, 1])) % 360
    return np.stack((lab[:, 0], np.hypot(lab[:, 1], lab[:, 2]), hue), axis=1)


def to_hex(lch: Array) -> list[str]:
    """Colours "#rrggbb"; what no screen shows is clipped."""
    hue = np.radians(lch[:, 2])
    lab = np.stack((lch[:, 0], lch[:, 1] * np.cos(hue), lch[:, 1] * np.sin(hue)), axis=1)
    return srgb.to_hex(oklab.to_srgb(lab))


def turn(one: Array, other: Array) -> Array:
    """The shorter way from one hue to the other, 0 to 180 degrees."""
    return np.asarray(np.abs((one - other + 180) % 360 - 180))
