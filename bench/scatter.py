"""Dots to measure with: many sizes on a plane, packed so that some touch and most do not."""

import numpy as np

Dots = tuple[np.ndarray, np.ndarray, np.ndarray, np.ndarray]
GAP = 0.3


def mixed(n: int, seed: int = 1) -> Dots:
    """x, y, z, radius of n dots of 0.8 to 15 mm, the small ones far more frequent."""
    random = np.random.default_rng(seed)
    diameter = 0.8 * (15 / 0.8) ** (random.random(n) ** 3)
    return _strewn(diameter, random)


def few_large(n: int, seed: int = 2) -> Dots:
    """Small dots of 0.8 to 2 mm, and one of 15 mm for every two thousand."""
    random = np.random.default_rng(seed)
    diameter = random.uniform(0.8, 2.0, n)
    diameter[:: max(n // max(n // 2000, 3), 1)] = 15.0
    return _strewn(diameter, random)


def _strewn(diameter: np.ndarray, random: np.random.Generator) -> Dots:
    """On a shaken grid whose cells have about the room the dots need."""
    n = len(diameter)
    side = int(np.ceil(np.sqrt(n)))
    pitch = np.sqrt((diameter**2).mean()) * 1.25
    place = random.permutation(side * side)[:n]
    x = (place % side + random.uniform(-0.3, 0.3, n)) * pitch
    y = (place // side + random.uniform(-0.3, 0.3, n)) * pitch
    return x, y, np.zeros(n), diameter / 2
