"""An odd outline by ruler: a closed curve through distances at equal angles that never overshoots them."""

from collections.abc import Sequence
from math import ceil, pi, sqrt

import numpy as np

from ..surface import Array

FEWEST, MOST = 6, 72
AROUND = 4  # distances repeated on both sides, so that the curve closes as smoothly as it runs
WITHIN = 0.5  # mm, that an outline by ruler should keep to


def smooth_radii(distances: Sequence[float], angles: Array) -> Array:
    """Distances (mm) at angles (radians, clockwise from the first): between two that were measured never more than the
    larger nor less than the smaller. Source: piecewise cubic Hermite interpolation of Fritsch and Carlson (1980), made
    periodic.
    """
    from scipy.interpolate import PchipInterpolator  # slow to import, and for this alone

    n = len(distances)
    known = np.asarray(distances, dtype=float)
    whole = np.concatenate((known[-AROUND:], known, known[:AROUND]))
    at = (np.arange(len(whole)) - AROUND) * (2 * pi / n)
    return np.asarray(PchipInterpolator(at, whole)(np.mod(angles, 2 * pi)))


def worst_miss(distances: Sequence[float]) -> float:
    """By how much the curve through every second distance misses those between (mm); of an odd number the last is left
    out. How far a curve through all of them misses is about a quarter of it: it falls with the square of the step."""
    even = list(distances[: len(distances) // 2 * 2])
    angles = np.asarray((np.arange(len(even) // 2) * 2 + 1) * (2 * pi / len(even)), dtype=float)
    return float(np.abs(smooth_radii(even[::2], angles) - even[1::2]).max())


def spokes_needed(distances: Sequence[float], within: float = WITHIN) -> int:
    """How many spokes would tell this outline to so many mm, by how far those that are there miss each other."""
    needed = len(distances) * sqrt(worst_miss(distances) / 4 / within)
    return int(min(max(ceil(needed), FEWEST), MOST))
