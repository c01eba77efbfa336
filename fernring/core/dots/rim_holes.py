"""Empty places between discs and the circle around them: dots that touch the circle from inside and two discs."""

from math import pi

import numpy as np
from numpy.typing import NDArray

from ..budget import spend
from .table import Array

Places = NDArray[np.intp]
FINE, LEAST = 3000, 60  # directions looked along in a whole turn, and in a sector at least
NARROWED = 30  # halvings about each
FEW = 12  # discs that may bound a place
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

    def touching(angle: Array, disc: Places | slice = slice(None)) -> Array:
        """s of every disc in each direction, or of those chosen for it."""
        u, v, r = x[disc], y[disc], radius[disc]
        spend(POINT * len(angle) * u.shape[-1])
        along = np.sin(angle)[:, None] * u - np.cos(angle)[:, None] * v
        return np.asarray((rim**2 - 2 * rim * along + u * u + v * v - r**2) / (2 * (rim + r - along)))

    def room(angle: Array, disc: Places | slice = slice(None)) -> Array:
        return np.asarray(np.minimum(touching(angle, disc).min(axis=1, initial=np.inf), widest))

    # 1. Peaks among some directions, one beyond either end of the sector.
    fine = max(int(FINE * sector_rad / (2 * pi)), LEAST)
    step = sector_rad / fine
    angle = np.asarray(start_rad + step * np.arange(-1.0, fine + 1))
    found = room(angle)
    peak = np.flatnonzero((found[1:-1] >= found[:-2]) & (found[1:-1] > found[2:]) & (found[1:-1] > 0)) + 1
    # 2. Each narrowed down between its neighbours by thirds, beside the few discs that leave least there.
    low, high = angle[peak - 1], angle[peak + 1]
    few = np.argsort(touching(angle[peak]), axis=1, kind="stable")[:, :FEW]
    for _ in range(NARROWED if len(peak) else 0):
        one, other = low + (high - low) / 3, high - (high - low) / 3
        rises = room(one, few) < room(other, few)
        low, high = np.where(rises, one, low), np.where(rises, high, other)
    angle = (low + high) / 2
    s = room(angle)
    return (rim - s) * np.sin(angle), -(rim - s) * np.cos(angle), s
