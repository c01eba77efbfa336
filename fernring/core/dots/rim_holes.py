"""Empty places between discs and the circle around them: dots that touch the circle from inside and two discs."""

from math import pi

import numpy as np

from ..budget import spend
from .table import Array

FINE, LEAST = 3000, 60  # directions looked along in a whole turn, and in a sector at least
NARROWED = 30  # halvings about each
POINT = 12  # work for a disc and a direction


def rim_holes(
    x: Array, y: Array, radius: Array, rim: float, sector_rad: float, start_rad: float, widest: float
) -> tuple[Array, Array, Array]:
    """Centres and radii of the largest dots at the rim in one sector, of at most so much radius.

    A dot of radius s in direction e touches the rim L and a disc of radius r at c where |(L - s) e - c| = r + s, so
    s = (L² - 2 L e·c + c² - r²) / (2 (L + r - e·c)). Of all discs the smallest s counts; its peaks are the places.
    """
    reach = np.hypot(x, y)
    off = (np.arctan2(x, -y) - start_rad - sector_rad / 2 + pi) % (2 * pi) - pi
    beside = sector_rad / 2 + (2 * widest + radius) / np.maximum(reach, rim / 4)
    near = (reach + radius > rim - 2 * widest) & (np.abs(off) <= beside)
    x, y, radius = x[near], y[near], radius[near]
    if not len(x):
        return np.empty(0), np.empty(0), np.empty(0)

    def room(angle: Array) -> Array:
        spend(POINT * len(angle) * len(x))
        along = np.sin(angle)[:, None] * x - np.cos(angle)[:, None] * y
        s = (rim**2 - 2 * rim * along + x * x + y * y - radius**2) / (2 * (rim + radius - along))
        return np.asarray(np.minimum(s.min(axis=1), widest))

    # 1. Peaks among some directions, one beyond either end of the sector.
    fine = max(int(FINE * sector_rad / (2 * pi)), LEAST)
    step = sector_rad / fine
    angle = np.asarray(start_rad + step * np.arange(-1.0, fine + 1))
    found = room(angle)
    peak = np.flatnonzero((found[1:-1] >= found[:-2]) & (found[1:-1] > found[2:]) & (found[1:-1] > 0)) + 1
    # 2. Each narrowed down between its neighbours by thirds.
    low, high = angle[peak - 1], angle[peak + 1]
    for _ in range(NARROWED if len(peak) else 0):
        one, other = low + (high - low) / 3, high - (high - low) / 3
        rises = room(one) < room(other)
        low, high = np.where(rises, one, low), np.where(rises, high, other)
    angle = (low + high) / 2
    s = room(angle) if len(peak) else np.empty(0)
    return (rim - s) * np.sin(angle), -(rim - s) * np.cos(angle), s
