"""Turning about the centre."""

from math import pi

import numpy as np

from .surface import Array


def turned_places(x: Array, y: Array, angle_rad: Array | float) -> tuple[Array, Array]:
    """Places turned clockwise on screen about the origin; arguments broadcast."""
    sin, cos = np.sin(angle_rad), np.cos(angle_rad)
    return x * cos - y * sin, x * sin + y * cos


def direction(angle_rad: float) -> Array:
    """Unit vector in plan, shape (2,): zero is up, clockwise positive on screen."""
    return np.array([np.sin(angle_rad), -np.cos(angle_rad)])


def half_angle(reach: Array, radius: Array) -> Array:
    """How far to either side (rad) of its own angle a disc is seen from the centre; half a turn where it covers it."""
    return np.where(reach <= radius, pi, np.arcsin(np.minimum(radius / np.maximum(reach, 1e-12), 1.0)))
