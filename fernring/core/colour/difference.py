"""CIEDE2000, the difference between two colours as people see it.

Source: G. Sharma, W. Wu, E. N. Dalal, The CIEDE2000 color-difference formula (2005), equations 2 to 22;
the names follow the paper, primes written as p.
"""

from collections.abc import Sequence

import numpy as np

from ..kept import kept
from . import cielab
from .srgb import Array


def ciede2000(one: Array, other: Array) -> Array:
    """Difference of L*a*b* colours; shapes (..., 3) broadcast to (...). About 1 is just noticeable."""
    l1, a1, b1 = np.moveaxis(one, -1, 0)
    l2, a2, b2 = np.moveaxis(other, -1, 0)
    # a' and C' in place of a* and C*, so that greys are told apart better (4 to 6).
    g = 0.5 * (1 - _seventh((np.hypot(a1, b1) + np.hypot(a2, b2)) / 2))
    a1p, a2p = (1 + g) * a1, (1 + g) * a2
    c1p, c2p = np.hypot(a1p, b1), np.hypot(a2p, b2)
    # Hue angles in degrees (7).
    h1p, h2p = np.degrees(np.arctan2(b1, a1p)) % 360, np.degrees(np.arctan2(b2, a2p)) % 360
    # Their difference, the shorter way round; none where one colour is grey (10, 11).
    grey = c1p * c2p == 0
    dh = np.where(grey, 0.0, (h2p - h1p + 180) % 360 - 180)
    dh = np.where(~grey & (h2p - h1p == 180), 180.0, dh)
    big_dh = 2 * np.sqrt(c1p * c2p) * np.sin(np.radians(dh / 2))
    # Means of lightness, chroma and hue, the last along the shorter way (12 to 14).
    lm, cm = (l1 + l2) / 2, (c1p + c2p) / 2
    apart = np.abs(h1p - h2p) > 180
    hm = np.where(grey, h1p + h2p, ((h1p + h2p + np.where(apart, 360.0, 0.0)) / 2) % 360)
    # How much each counts there: T (15), R_C (17), S_L (18), S_C (19), S_H (20) and R_T (16, 21).
    t = 1 - 0.17 * _cos(hm - 30) + 0.24 * _cos(2 * hm) + 0.32 * _cos(3 * hm + 6) - 0.20 * _cos(4 * hm - 63)
    rc = 2 * _seventh(cm)
    sl = 1 + 0.015 * (lm - 50) ** 2 / np.sqrt(20 + (lm - 50) ** 2)
    sc, sh = 1 + 0.045 * cm, 1 + 0.015 * cm * t
    rt = -np.sin(np.radians(60 * np.exp(-(((hm - 275) / 25) ** 2)))) * rc
    # The difference itself (22), with all three weighted alike.
    lightness, chroma, hue = (l2 - l1) / sl, (c2p - c1p) / sc, big_dh / sh
    return np.asarray(np.sqrt(lightness**2 + chroma**2 + hue**2 + rt * chroma * hue))


def apart(colours: Sequence[str], others: Sequence[str]) -> Array:
    """Differences of each of these colours "#rrggbb" to each of those: asked for again with every change of a size, by
    row after row."""
    return _apart(tuple(colours), tuple(others))


@kept(256)
def _apart(colours: tuple[str, ...], others: tuple[str, ...]) -> Array:
    return ciede2000(cielab.from_hex(colours)[:, None], cielab.from_hex(others)[None])


def _seventh(c: Array) -> Array:
    """sqrt(C^7 / (C^7 + 25^7))."""
    return np.asarray(np.sqrt(c**7 / (c**7 + 25.0**7)))


def _cos(degrees: Array) -> Array:
    return np.asarray(np.cos(np.radians(degrees)))
