"""Marks that belong to an outline's own shape: midlines, diagonals, ends of an oval, divided edges, ticks."""

from math import pi

import numpy as np

from ..document.blank import Blank
from ..document.outline import Rectangle, Square
from ..geometry.outline.polygon import turned
from ..geometry.outline.rays import ray_lengths
from ..geometry.surface import Array, Surface

MARK_MM = 3.0
SHORTEST_EDGE = 8.0


def own_axes(blank: Blank, outline: Array, lie: float) -> tuple[list[Array], list[Array]]:
    """The two midlines and the two diagonals, each as its two ends in plan, through the centre.

    Diagonals run towards the corners of a square or rectangle, halfway between the midlines elsewhere.
    """
    upright = turned(outline, -lie)
    width, height = upright.max(axis=0) - upright.min(axis=0)
    steep = float(np.arctan2(width, height)) if isinstance(blank.outline, Square | Rectangle) else pi / 4
    across = [[lie, lie + pi], [lie + pi / 2, lie - pi / 2]]
    corners = [[lie + steep, lie + steep + pi], [lie - steep, lie - steep + pi]]
    return [_line(outline, a) for a in across], [_line(outline, a) for a in corners]


def _line(outline: Array, angles: list[float]) -> Array:
    a = np.array(angles)
    reach = ray_lengths(outline, a)
    ends = np.stack((reach * np.sin(a), -reach * np.cos(a)), axis=1)
    return np.linspace(ends[0], ends[1], 41)


def straight_edges(outline: Array) -> list[Array]:
    """The long straight edges, each as its two ends."""
    after = np.roll(outline, -1, axis=0)
    long = np.hypot(*(after - outline).T) >= SHORTEST_EDGE
    return [np.stack((a, b)) for a, b in zip(outline[long], after[long], strict=True)]


def edge_marks(outline: Array, parts: int) -> list[Array]:
    """Short marks inward that divide every straight edge into equal parts, its ends included."""
    marks = []
    for start, end in straight_edges(outline):
        along = (end - start) / np.hypot(*(end - start))
        inward = np.array([-along[1], along[0]])
        for share in np.linspace(0, 1, parts + 1):
            foot = start + share * (end - start)
            marks.append(np.stack((foot, foot + MARK_MM * inward)))
    return marks


def rim_ticks(surface: Surface, count: int, turn_rad: float) -> list[Array]:
    """Ticks at the edge of a round blank, found by halving: quarters longest, then eighths, and so on."""
    marks = []
    for k in range(count):
        size = MARK_MM * (1.6 if k % (count // 4) == 0 else 1.0)
        walk = np.array([surface.rim - size, surface.rim])
        angle = np.full(2, turn_rad + k * 2 * pi / count)
        marks.append(np.stack(surface.points(walk, angle), axis=1))
    return marks
