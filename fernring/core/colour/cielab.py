"""CIE L*a*b* under D65, 2 degree observer. Source: CIE 15; matrix of sRGB primaries from IEC 61966-2-1."""

from collections.abc import Sequence

import numpy as np

from . import srgb
from .srgb import Array

XYZ_OF_LIGHT = np.array(
    [
        [0.4123907992659595, 0.35758433938387796, 0.1804807884018343],
        [0.21263900587151036, 0.7151686787677559, 0.07219231536073371],
        [0.01933081871559185, 0.11919477979462599, 0.9505321522496606],
    ]
)
_WHITE = XYZ_OF_LIGHT.sum(axis=1)
_CUT = (6 / 29) ** 3


def from_srgb(coded: Array) -> Array:
    """L*, a*, b* of coded sRGB, shape (n, 3)."""
    ratio = srgb.linear(coded) @ XYZ_OF_LIGHT.T / _WHITE
    f = np.where(ratio > _CUT, np.cbrt(ratio), ratio / (3 * (6 / 29) ** 2) + 4 / 29)
    return np.stack((116 * f[:, 1] - 16, 500 * (f[:, 0] - f[:, 1]), 200 * (f[:, 1] - f[:, 2])), axis=1)


def from_hex(colours: Sequence[str]) -> Array:
    """L*, a*, b* of colours "#rrggbb", shape (n, 3)."""
    return from_srgb(srgb.from_hex(list(colours)))
