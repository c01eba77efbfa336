"""Patterns without a seam, from a seed: what grounds and stones are made of."""

import cv2
import numpy as np
from numpy.typing import NDArray

from .lens import Map

SIDE = 1024
Seeded = np.random.Generator


def cloud(seeded: Seeded, first: int, octaves: int, fade: float = 0.55) -> Map:
    """Noise of mean 0 and deviation 1 on SIDE x SIDE pixels; `first` is how many waves the coarsest has across."""
    whole = np.zeros((SIDE, SIDE), dtype=np.float32)
    for k in range(octaves):
        whole += fade**k * _waves(seeded, first * 2**k, first * 2**k)
    return _even(whole)


def grain(seeded: Seeded, across: int, along: int) -> Map:
    """Noise drawn out along x, as of wood."""
    return _even(_waves(seeded, along, across) + 0.6 * _waves(seeded, 2 * along, 3 * across))


def _waves(seeded: Seeded, along: int, across: int) -> Map:
    along, across = min(along, SIDE), min(across, SIDE)
    coarse = seeded.standard_normal((across, along)).astype(np.float32)
    edged = np.pad(coarse, 2, mode="wrap")
    high, wide = (SIDE * (across + 4) // across, SIDE * (along + 4) // along)
    fine = cv2.resize(edged, (wide, high), interpolation=cv2.INTER_CUBIC)
    top, left = 2 * SIDE // across, 2 * SIDE // along
    return np.asarray(fine[top : top + SIDE, left : left + SIDE], dtype=np.float32)


def _even(whole: NDArray[np.float32]) -> Map:
    return np.asarray((whole - whole.mean()) / whole.std(), dtype=np.float32)


def laid(pattern: Map, x: Map, y: Map, per_mm: float, turned_deg: float = 0.0) -> Map:
    """The pattern as it is at places of the table, with so many of its pixels to a millimetre."""
    turn = np.radians(turned_deg)
    cos, sin = np.float32(np.cos(turn) * per_mm), np.float32(np.sin(turn) * per_mm)
    u, v = np.mod(cos * x + sin * y, SIDE), np.mod(cos * y - sin * x, SIDE)
    edged = np.pad(pattern, ((0, 1), (0, 1)), mode="wrap")
    return np.asarray(cv2.remap(edged, u, v, cv2.INTER_LINEAR), dtype=np.float32)
