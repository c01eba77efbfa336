"""One place in every corner of the blank: a group designed once, placed in each, looking into its corner."""

import numpy as np

from ...document.row import Row
from ...document.track import CornerTrack
from ...geometry.even import Curve
from ...geometry.surface import Array
from ..context import Context
from ..placed import PlacedRow, unplaced
from .placing import Places, row_on


def solve_corner(row: Row, index: int, context: Context) -> PlacedRow:
    track = row.track
    assert isinstance(track, CornerTrack)
    corners, outward = corner_points(context.ground.sharp)
    if not len(corners):
        return unplaced(row, index, "this blank has no corners")
    points = corners - outward * track.inward
    way = np.arctan2(outward[:, 0], -outward[:, 1])
    order = np.argsort(way % (2 * np.pi))
    n = len(points)
    member = np.zeros(n, np.intp)
    return row_on(row, index, context, Places(points[order, 0], points[order, 1], way[order], member, n))


def corner_points(outline: Array) -> tuple[Array, Array]:
    """Sharp outward corners of an outline, and the unit vector along each one's bisector, outward."""
    flat = np.concatenate((outline, np.zeros((len(outline), 1))), axis=1)
    curve = Curve(flat, True)
    at = curve.corners()
    if not len(at):
        return np.empty((0, 2)), np.empty((0, 2))
    here, before, after = (curve(at + shift)[:, :2] for shift in (0.0, -0.2, 0.2))
    inward = (before + after) / 2 - here
    size = np.linalg.norm(inward, axis=1)
    outward = -inward / size[:, None]
    cross = (here - before)[:, 0] * (after - here)[:, 1] - (here - before)[:, 1] * (after - here)[:, 0]
    convex = (cross > 0) & (size > 1e-6)
    return here[convex], outward[convex]
