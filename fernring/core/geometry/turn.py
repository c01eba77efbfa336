"""Turning about the centre."""

import numpy as np

from .surface import Array


def turned_places(x: Array, y: Array, angle_rad: Array | float) -> tuple[Array, Array]:
    """Places turned clockwise on screen about the origin; arguments broadcast."""
    sin, cos = np.sin(angle_rad), np.cos(angle_rad)
    return x * cos - y * sin, x * sin + y * cos
