"""Colours read off a picture: one beside a known white, and the main ones of all."""

import numpy as np
from scipy.cluster.vq import kmeans2

from ..core.colour import oklab, srgb
from ..core.colour.srgb import Array
from .intake import Pixels
from .limits import PictureError

DISC = 0.012
"""Radius of what is looked at, of the picture's longer side."""
WHITE = 0.89  # reflectance of white paper: common practice, no source
DARKEST, BRIGHTEST = 0.12, 0.985
LOOKED_AT, SEED = 12_000, 7
ALIKE = 0.05  # in Oklab, below which two main colours are one


def beside_white(pixels: Pixels, at: tuple[float, float], white: tuple[float, float]) -> str:
    """The colour "#rrggbb" at a place, with the light taken out by a white one; places as shares of width and height.

    Raises PictureError where the white is too dark to tell, or so bright that the camera lost it.
    """
    lamp = _mean(pixels, white)
    if lamp.min() < DARKEST:
        raise PictureError("The white is too dark to compare with: choose white paper in the same light.")
    if lamp.max() > BRIGHTEST:
        raise PictureError("The white is so bright that the camera lost it: take the picture with less light.")
    return srgb.to_hex(srgb.coded(np.clip(_mean(pixels, at) / lamp * WHITE, 0, 1))[None])[0]


def main_colours(pixels: Pixels, count: int) -> list[str]:
    """At most so many colours that tell a picture, those with most of it first: groups in Oklab, by k-means."""
    flat = pixels.reshape(-1, 3)
    lab = oklab.from_srgb(flat[:: max(1, len(flat) // LOOKED_AT)].astype(float) / 255)
    middles, of = kmeans2(lab, min(count, len(lab)), minit="++", seed=SEED, missing="warn")
    sizes = np.bincount(of, minlength=len(middles))
    found: list[Array] = []
    for k in np.argsort(-sizes, kind="stable"):
        if sizes[k] and all(np.linalg.norm(middles[k] - other) > ALIKE for other in found):
            found.append(middles[k])
    return srgb.to_hex(oklab.to_srgb(np.array(found)))


def _mean(pixels: Pixels, at: tuple[float, float]) -> Array:
    """Linear light in a small disc: the median, so that a speck does not count."""
    high, wide = pixels.shape[:2]
    x, y = at[0] * (wide - 1), at[1] * (high - 1)
    reach = max(DISC * max(high, wide), 1.0)
    rows = slice(max(int(y - reach), 0), int(y + reach) + 1)
    columns = slice(max(int(x - reach), 0), int(x + reach) + 1)
    part = pixels[rows, columns].astype(float) / 255
    down, across = np.mgrid[rows.start : rows.start + part.shape[0], columns.start : columns.start + part.shape[1]]
    inside = np.hypot(across - x, down - y) <= reach
    return np.asarray(np.median(srgb.linear(part[inside]), axis=0))
