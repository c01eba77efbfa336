"""How much of what each place of a white paper shows is paint, and how much is paper, lit or in shadow.

In linear light a place shows a P + b W: paint and paper in some shares, where b falls short of 1 - a by the shadow on
it. Least squares, with a + b = 1 where the colours leave it open (a paint as grey as a shadow). Source: linear unmixing
of two known spectra.
"""

import cv2
import numpy as np

from ..core.colour import srgb
from .intake import Pixels
from .view import Array

LUMINANCE = np.array([0.2126, 0.7152, 0.0722], dtype=np.float32)  # of IEC 61966-2-1
OPEN = 0.06  # weight of a + b = 1 against the colours, of paper white
CELL = 4.0  # mm, within which some paper is seen


def linear(pixels: Pixels) -> Array:
    """Linear light of every pixel."""
    steps = srgb.linear(np.arange(256) / 255).astype(np.float32)
    return np.asarray(steps[pixels])


def beside_paper(light: Array, per_mm: float) -> Array:
    """Light as shares of what the paper throws back about each place: slow changes of the light are taken out."""
    cell = max(1, round(CELL * per_mm))
    high, wide = (side // cell * cell for side in light.shape[:2])
    cells = light[:high, :wide].reshape(high // cell, cell, wide // cell, cell, 3)
    bright = np.quantile(cells[:, ::3, :, ::3], 0.8, axis=(1, 3)).astype(np.float32)
    calm = np.stack([cv2.medianBlur(bright[..., k], 5) for k in range(3)], axis=-1)
    brightest = cv2.dilate(calm, np.ones((3, 3), dtype=np.uint8))
    slow = cv2.GaussianBlur(brightest, (0, 0), 2)
    paper = cv2.resize(slow, light.shape[1::-1], interpolation=cv2.INTER_LINEAR)
    return np.asarray(light / np.maximum(paper, 1e-3), dtype=np.float32)


def paint_share(shown: Array, paint: Array) -> Array:
    """The share of paint at each place of light beside paper (n, m, 3), `paint` (3,) what the paint itself shows."""
    weight = OPEN * 3
    pp, pw, ww = float(paint @ paint) + weight, float(paint.sum()) + weight, 3.0 + weight
    sp, sw = shown @ paint.astype(np.float32) + np.float32(weight), shown.sum(axis=-1) + np.float32(weight)
    return np.asarray((sp * np.float32(ww) - sw * np.float32(pw)) / np.float32(pp * ww - pw * pw), dtype=np.float32)


def darkness(shown: Array, paint: Array) -> Array:
    """How far the light at each place falls short of paper, 1 where it does as much as paint. Cameras keep light
    sharper than colour, so that an edge is looked for in this."""
    light = shown @ LUMINANCE
    return np.asarray((1 - light) / max(1 - float(paint @ LUMINANCE), 0.05), dtype=np.float32)
