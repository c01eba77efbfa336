"""What things lie on: four grounds, as the light that they throw back at each place of the table."""

import numpy as np

from .lens import Map
from .noise import Seeded, cloud, grain, laid

GROUNDS = ("paper", "wood", "cloth", "granite")


def ground(kind: str, seeded: Seeded, x: Map, y: Map) -> Map:
    """Reflectance, shape (..., 3)."""
    turned = float(seeded.uniform(0, 180))
    if kind == "wood":
        return _wood(seeded, x, y, turned)
    if kind == "cloth":
        return _cloth(seeded, x, y, turned)
    if kind == "granite":
        return _granite(seeded, x, y, turned)
    tint = np.array([0.72, 0.70, 0.66]) * seeded.uniform(0.8, 1.15)
    rough = 0.012 * laid(cloud(seeded, 300, 2), x, y, 8.0, turned) + 0.02 * laid(cloud(seeded, 4, 4), x, y, 3.0)
    return _tinted(tint, 1 + rough)


def _wood(seeded: Seeded, x: Map, y: Map, turned: float) -> Map:
    tint = np.array([0.36, 0.22, 0.12]) * seeded.uniform(0.6, 1.5)
    lines = laid(grain(seeded, 220, 5), x, y, 4.0, turned)
    broad = laid(cloud(seeded, 3, 3), x, y, 2.0, turned)
    pores = laid(grain(seeded, 500, 25), x, y, 7.0, turned)
    turn = np.radians(turned)
    across = np.cos(turn) * y - np.sin(turn) * x + float(seeded.uniform(0, 90))
    joint = np.abs(np.mod(across, 95.0) - 47.5) < 0.5
    board = 1 + 0.12 * np.sin(7.3 * np.floor((across + 47.5) / 95.0))
    light = board * (1 + 0.10 * lines + 0.08 * broad - 0.10 * np.clip(pores - 1.2, 0, 2))
    return _tinted(tint, np.where(joint, 0.3, np.clip(light, 0.1, 2)).astype(np.float32))


def _cloth(seeded: Seeded, x: Map, y: Map, turned: float) -> Map:
    tint = np.array([[0.30, 0.33, 0.38], [0.42, 0.38, 0.30], [0.16, 0.22, 0.20]])[int(seeded.integers(3))]
    turn = np.radians(turned)
    u, v = np.cos(turn) * x + np.sin(turn) * y, np.cos(turn) * y - np.sin(turn) * x
    pitch = 2 * np.pi / float(seeded.uniform(0.7, 1.3))
    weave = np.sin(pitch * u) * np.sign(np.sin(pitch * v / 2)) + np.sin(pitch * v) * np.sign(np.sin(pitch * u / 2))
    folds = laid(cloud(seeded, 2, 2), x, y, 2.2, turned)
    thread = laid(cloud(seeded, 200, 2), x, y, 6.0, turned)
    return _tinted(tint, (1 + 0.07 * weave + 0.10 * folds + 0.06 * thread).astype(np.float32))


def _granite(seeded: Seeded, x: Map, y: Map, turned: float) -> Map:
    tint = np.array([0.34, 0.33, 0.33]) * seeded.uniform(0.7, 1.3)
    light = 1 + 0.05 * laid(cloud(seeded, 30, 3), x, y, 4.0, turned)
    for size, share, tone in ((60, 1.1, 0.35), (90, 1.4, 1.7), (130, 1.3, 0.55)):
        spots = laid(cloud(seeded, size, 2), x, y, 5.0, turned)
        light = np.where(spots > share, tone, light)
    return _tinted(tint, light.astype(np.float32))


def _tinted(tint: np.ndarray, light: Map) -> Map:
    return np.asarray(tint.astype(np.float32) * np.clip(light, 0.05, 2.5)[..., None], dtype=np.float32)
