"""Volumes of dots and marks. Lengths in mm, volumes in ml (a thousand mm³)."""

from collections.abc import Sequence
from math import pi

import numpy as np

from ..dots.table import Array
from ..rows.trims.grown import Mark

ML = 1e-3  # for a mm³
MEAN = 2 / 3  # of its height, over the width of a low ridge: that of a parabola


def caps(radius: Array, share: Array) -> Array:
    """ml of dots that are spherical caps, so high for their diameter. Source: V = pi h (3 a^2 + h^2) / 6."""
    height = 2 * radius * share
    return np.asarray(pi * height * (3 * radius**2 + height**2) / 6 * ML)


def marks(found: Sequence[Mark], share: Sequence[float]) -> Array:
    """ml of swipes, lines and shapes: ridges as high for their width as a dot is, with half a round cap at each end."""
    return np.asarray(np.array([_ridge(mark) for mark in found]).reshape(-1) * np.asarray(share, float) * ML)


def _ridge(mark: Mark) -> float:
    """mm³ where the height is the width, of round caps side by side along the spine (paraboloids on its discs).

    Between two discs it is two thirds of the width squared, the more the faster the girth changes: a cap reaches beyond
    its own place by k r / 2 for a change of k, which makes it 1 + k^2 / 4 as high and 1 + k^2 / 2 as wide. Half a cap
    stands at each end, pi r^2 h / 4.
    """
    width, ends = 2 * mark.girth, mark.girth[[0, -1]]
    long = np.hypot(*np.diff(mark.spine, axis=0).T) if len(width) > 1 else np.zeros(0)
    square = (width[:-1] ** 2 + width[:-1] * width[1:] + width[1:] ** 2) / 3  # the mean between two discs
    change = np.minimum(np.abs(np.diff(mark.girth)) / np.maximum(long, 1e-9), 1.0)
    return float(MEAN * (square * long * (1 + 0.75 * change**2)).sum() + (pi * ends**3 / 2).sum())
