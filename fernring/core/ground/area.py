"""How much surface a blank has: more than its outline holds where it is domed, has a well, or a back."""

import numpy as np

from ..geometry.outline.polygon import area
from ..geometry.surface import Surface
from ..kept import kept
from .ground import Ground

ANGLES, STEPS = 180, 120


@kept(64)
def surface_area(ground: Ground) -> float:
    """mm² of everything a base coat is laid on: the front, and the back of a ball or egg."""
    plan = area(ground.outline)
    return plan * sum(_swelling(half) for half in (ground.surface, ground.back) if half is not None)


def _swelling(surface: Surface) -> float:
    """The area in space over that as seen from above: small triangles between spokes and rings, to a thousandth."""
    angle = np.linspace(0, 2 * np.pi, ANGLES + 1)
    walk = np.linspace(0, 1, STEPS + 1)[:, None] * surface.edge(angle)[None]
    points = np.stack(np.broadcast_arrays(*surface.points(walk, angle[None])), axis=-1)
    a, b, c, d = points[:-1, :-1], points[1:, :-1], points[:-1, 1:], points[1:, 1:]
    both = [np.cross(b - a, d - a), np.cross(d - a, c - a)]
    space = sum(float(np.linalg.norm(each, axis=-1).sum()) for each in both)
    return space / sum(float(np.abs(each[..., 2]).sum()) for each in both)
