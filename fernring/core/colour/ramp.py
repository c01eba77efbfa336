"""Ramps: an ordered run of shades between two or more colours along straight lines in Oklab."""

import numpy as np

from . import cielab, oklab, srgb
from .difference import ciede2000
from .srgb import Array

ROUNDS, ALIKE = 60, 1e-4


def ramp(stops: list[str], steps: int, seen: bool = False) -> list[str]:
    """`steps` colours from the first stop to the last, as "#rrggbb".

    They are spread evenly by the distance along the lines or, when `seen`, so that the differences from each to the
    next (CIEDE2000) are all the same. Stops that coincide leave one colour.
    """
    return srgb.to_hex(aims(stops, steps, seen))


def aims(stops: list[str], steps: int, seen: bool = False) -> Array:
    """The same as coded sRGB, shape (steps, 3), before it is rounded to eight bits."""
    points = oklab.from_srgb(srgb.from_hex(stops))
    along = np.concatenate(([0.0], np.cumsum(np.linalg.norm(np.diff(points, axis=0), axis=1))))
    at = np.linspace(0, along[-1], steps)
    if along[-1] == 0:
        return np.repeat(srgb.from_hex(stops[:1]), steps, axis=0)
    return _colours(_evened(at, along, points) if seen and steps > 2 else at, along, points)


def _evened(at: Array, along: Array, points: Array) -> Array:
    """Places between which all differences are alike: each stretch is made longer where its own is below the mean, and
    all together as long as the line."""
    for _ in range(ROUNDS):
        lab = cielab.from_srgb(np.clip(_colours(at, along, points), 0, 1))
        apart = ciede2000(lab[:-1], lab[1:])
        if apart.min() <= 0 or float(np.ptp(apart)) < ALIKE * float(apart.mean()):
            break
        stretch = np.diff(at) * np.sqrt(apart.mean() / apart)
        at = np.concatenate(([0.0], np.cumsum(stretch))) * (along[-1] / stretch.sum())
    return at


def _colours(at: Array, along: Array, points: Array) -> Array:
    return oklab.to_srgb(np.stack([np.interp(at, along, points[:, k]) for k in range(3)], axis=1))
