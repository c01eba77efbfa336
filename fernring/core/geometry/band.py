"""The outline of a line: discs of one size along a gently bent spine."""

import numpy as np

from .surface import Array

CAP = np.pi * np.linspace(0, 1, 9)[1:-1]


def band(spine: Array, half: float) -> Array:
    """Corners (n, 2) of a line along a spine (m, 2), as far as `half` to either side of it and round at both ends (mm).

    The spine must not bend more tightly than that.
    """
    ahead = np.gradient(spine, axis=0)
    ahead /= np.maximum(np.linalg.norm(ahead, axis=1), 1e-12)[:, None]
    right = half * np.stack((-ahead[:, 1], ahead[:, 0]), axis=1)
    end = np.cos(CAP)[:, None] * right[-1] + half * np.sin(CAP)[:, None] * ahead[-1]
    begin = -np.cos(CAP)[:, None] * right[0] - half * np.sin(CAP)[:, None] * ahead[0]
    return np.concatenate((spine + right, spine[-1] + end, (spine - right)[::-1], spine[0] + begin))
