"""Axes of an outline: its longest, and the one it mirrors about."""

import numpy as np

from ..surface import Array
from .polygon import centroid
from .rays import Rim, seen_whole

SAMPLES = 720
ALIKE = 0.01


def longest_axis(corners: Array) -> float:
    """Direction (rad, clockwise from twelve o'clock, 0 <= a < pi) between the two corners furthest apart."""
    import shapely

    hull = shapely.get_coordinates(shapely.MultiPoint(corners).convex_hull)[:-1]
    apart = hull[:, None] - hull[None]
    far = np.unravel_index(int((apart**2).sum(axis=2).argmax()), (len(hull), len(hull)))
    dx, dy = apart[far]
    return float(np.arctan2(dx, -dy) % np.pi)


def symmetry_axis(corners: Array) -> float | None:
    """Direction of the best mirror axis through the centroid (rad, 0 <= a < pi), or None.

    The distance r(a) from the centroid mirrors about an axis at s/2 when r(a) = r(s - a). The shift s that fits
    best is found by correlating r with itself reversed; it counts as a mirror when the two differ by a hundredth
    of their mean or less (root mean square).
    """
    about = corners - np.array(centroid(corners))
    if not seen_whole(about):
        return None
    r = Rim(about)(np.linspace(0, 2 * np.pi, SAMPLES, endpoint=False))
    likeness = np.fft.irfft(np.fft.rfft(r) ** 2, SAMPLES)
    best = int(likeness.argmax())
    before, here, after = (float(likeness[(best + k) % SAMPLES]) for k in (-1, 0, 1))
    bend = before - 2 * here + after
    fine = best + (0.5 * (before - after) / bend if bend < 0 else 0.0)
    residual = np.sqrt(max(2 * (float((r**2).sum()) - here), 0.0) / SAMPLES) / r.mean()
    return float((fine * np.pi / SAMPLES) % np.pi) if residual <= ALIKE else None
