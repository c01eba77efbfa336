"""Rays from a point to closed lines, and points spread along lines."""

from collections.abc import Sequence
from math import ceil

import numpy as np

from ..dots.table import Array, Whole

PARALLEL = 1e-12
CORNER = 1e-9  # a ray through a corner meets one of the edges there


def hits(begin: Array, step: Array, way_rad: Array) -> tuple[Array, Whole]:
    """How far it is from the origin in each direction (rad, clockwise from straight up) to the first of the edges that
    begin at `begin` (n, 2) and go on by `step`, and which that is; inf where there is none. Source: crossing of a ray
    and a segment by Cramer's rule.
    """
    x, y = np.sin(way_rad)[:, None], -np.cos(way_rad)[:, None]
    (bx, by), (sx, sy) = begin.T, step.T
    cross = x * sy - y * sx
    flat = np.abs(cross) < PARALLEL
    whole = np.where(flat, 1.0, cross)
    along = (bx * sy - by * sx) / whole
    share = (bx * y - by * x) / whole
    meets = ~flat & (along >= 0) & (share >= -CORNER) & (share <= 1 + CORNER)
    far = np.where(meets, along, np.inf)
    first = far.argmin(axis=1)
    return far[np.arange(len(far)), first], first.astype(np.int32)


def spread_points(lines: Sequence[Array], apart: float) -> Array:
    """The corners of closed lines and points between, no further apart than so much; shape (n, 2)."""
    found = []
    for line in lines:
        for a, b in zip(line, np.roll(line, -1, axis=0), strict=True):
            n = max(ceil(float(np.hypot(*(b - a))) / apart), 1)
            found.append(a + (np.arange(n) / n)[:, None] * (b - a))
    return np.concatenate(found)
