"""Circles that touch three circles from outside: the largest dot between three others.

With centres p_i and radii r_i, |q - p_i| = r_i + t. Subtracting the first equation from the others leaves two linear
ones in q and t; put back, a quadratic in t remains. Source: the problem of Apollonius, geometry handbooks. For three
circles that touch each other the answer is Descartes' (1643).
"""

import numpy as np

from .surface import Array


def touching_three(x: Array, y: Array, r: Array) -> tuple[Array, Array, Array]:
    """Centres and radii of the smaller outer tangent circle of each triple; inputs of shape (m, 3), NaN without one."""
    dx, dy, dr = x[:, 1:] - x[:, :1], y[:, 1:] - y[:, :1], r[:, 1:] - r[:, :1]
    k = (dx**2 + dy**2 - r[:, 1:] ** 2 + r[:, :1] ** 2) / 2
    det = dx[:, 0] * dy[:, 1] - dx[:, 1] * dy[:, 0]
    with np.errstate(divide="ignore", invalid="ignore"):
        ax = (k[:, 0] * dy[:, 1] - k[:, 1] * dy[:, 0]) / det
        bx = -(dr[:, 0] * dy[:, 1] - dr[:, 1] * dy[:, 0]) / det
        ay = (dx[:, 0] * k[:, 1] - dx[:, 1] * k[:, 0]) / det
        by = -(dx[:, 0] * dr[:, 1] - dx[:, 1] * dr[:, 0]) / det
        r0 = r[:, 0]
        a, b, c = bx * bx + by * by - 1, 2 * (ax * bx + ay * by - r0), ax * ax + ay * ay - r0 * r0
        root = np.sqrt(b * b - 4 * a * c)
        both = np.stack(((-b - root) / (2 * a), (-b + root) / (2 * a)))
        straight = np.abs(a) < 1e-12
        both = np.where(straight, -c / b, both)
        t = np.where(both > -1e-9, both, np.inf).min(axis=0)
        t = np.where(np.isfinite(t), t, np.nan)
        return x[:, 0] + ax + bx * t, y[:, 0] + ay + by * t, t
