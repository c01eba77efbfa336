"""How far two closed lines lie from each other once one is turned and shifted onto the other as well as it goes."""

import numpy as np
from numpy.typing import NDArray
from scipy.spatial import cKDTree

from fernring.core.geometry.outline.polygon import area, centroid

Array = NDArray[np.floating]
FINE, TURNS, ROUNDS = 2_000, 360, 40


def apart(found: Array, true: Array) -> tuple[float, float]:
    """Hausdorff distance (mm) after the best turn and shift, and error of the area (a share)."""
    first, second = (_even(line) - centroid(line) for line in (found, true))
    ways = [_radii(line) for line in (first, second)]
    turn = min(range(TURNS), key=lambda k: float(np.sum((np.roll(ways[0], k) - ways[1]) ** 2)))
    moved = first @ _turned(2 * np.pi * turn / TURNS)
    tree = cKDTree(second)
    for _ in range(ROUNDS):  # iterative closest point, by the Kabsch algorithm
        near = second[tree.query(moved)[1]]
        middle, aim = moved.mean(axis=0), near.mean(axis=0)
        left, _, right = np.linalg.svd((moved - middle).T @ (near - aim))
        moved = (moved - middle) @ left @ right + aim
    far = max(float(tree.query(moved)[0].max()), float(cKDTree(moved).query(second)[0].max()))
    return far, area(found) / area(true) - 1


def _even(line: Array) -> Array:
    whole = np.concatenate((line, line[:1]))
    at = np.concatenate(([0.0], np.cumsum(np.linalg.norm(np.diff(whole, axis=0), axis=1))))
    places = np.linspace(0, at[-1], FINE, endpoint=False)
    return np.stack([np.interp(places, at, whole[:, k]) for k in range(2)], axis=1)


def _radii(line: Array) -> Array:
    turn = np.arctan2(line[:, 0], -line[:, 1])
    order = np.argsort(turn)
    ways = np.linspace(-np.pi, np.pi, TURNS, endpoint=False)
    return np.interp(ways, turn[order], np.hypot(*line.T)[order], period=2 * np.pi)


def _turned(angle: float) -> Array:
    return np.array([[np.cos(angle), np.sin(angle)], [-np.sin(angle), np.cos(angle)]])
