"""Small shapes that are no dots: ovals, leaves, strokes and diamonds, as outlines and the discs that fill them."""

import numpy as np

from ...geometry.surface import Array

N = 25


def shape(form: str, width: float, length: float) -> tuple[Array, Array, Array]:
    """Outline (n, 2), spine (m, 2) and girth (m,) of a shape about the origin, its length along v (mm)."""
    t = np.linspace(-1, 1, N)
    half, reach = width / 2, length / 2
    profile = {
        "oval": np.sqrt(np.maximum(1 - t * t, 0)),
        "leaf": 1 - t * t,
        "diamond": 1 - np.abs(t),
        "stroke": np.minimum(1.0, np.sqrt(np.maximum(1 - ((np.abs(t) - 0.8) / 0.2).clip(0) ** 2, 0))),
    }[form]
    side = half * profile
    outline = np.concatenate((np.stack((side, reach * t), axis=1), np.stack((-side, reach * t), axis=1)[::-1]))
    centres = np.stack((np.zeros(N), reach * t), axis=1)
    girth = np.minimum(side, np.maximum(reach - np.abs(reach * t), 0.02))
    return outline, centres, np.maximum(girth, 0.02)
