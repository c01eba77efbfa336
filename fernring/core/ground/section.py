"""The blank seen from the side: its surface cut through the axis."""

import numpy as np

from ..document.blank import Blank
from ..geometry.outline.axes import longest_axis
from ..geometry.surface import Array, Plane, Surface
from .ground import Ground

SAMPLES = 49


def section(blank: Blank, ground: Ground) -> Array | None:
    """Points (across, height), shape (n, 2), mm, from the left edge over the top to the right edge.

    A ball or egg goes on round its back. A domed blank that is not round is cut along its longest axis. None when flat.
    """
    if isinstance(ground.surface, Plane):
        return None
    angle = 0.0 if ground.surface.axisymmetric else longest_axis(ground.outline)
    front = np.concatenate((_half(ground.surface, angle + np.pi)[::-1] * [-1, 1], _half(ground.surface, angle)[1:]))
    if ground.back is None:
        return front
    under = _half(ground.back, angle)[::-1]
    return np.concatenate((front, under[1:], (under * [-1, 1])[::-1][1:-1]))


def _half(surface: Surface, angle: float) -> Array:
    """From the top to the edge in one direction."""
    walk = np.linspace(0, float(surface.edge(np.array([angle]))[0]), SAMPLES)
    x, y, z = surface.points(walk, np.full(SAMPLES, angle))
    return np.stack((np.hypot(x, y), z), axis=1)


def span(ground: Ground) -> float:
    """Half the side of a square, about the middle of what is seen, that holds the blank from every side it is shown."""
    seen = float(np.hypot(ground.outline[:, 0], ground.outline[:, 1]).max())
    if ground.back is None:
        return seen
    top, low = poles(ground)
    return max(seen, (top - low) / 2)


def poles(ground: Ground) -> tuple[float, float]:
    """Heights of the front and the back pole of a ball or egg (mm)."""
    assert ground.back is not None
    zero = np.zeros(1)
    return float(ground.surface.points(zero, zero)[2][0]), float(ground.back.points(zero, zero)[2][0])
