"""The middles of the strokes of a figure: where a pen would be led to write it in one stroke's width.

Source: the medial axis as part of the Voronoi diagram of points along the edge (Brandt and Algazi 1992), from memory.
Its branches into corners are told from the strokes by how far apart along the edge the two points are that a place of
the axis lies between: far along the edge and near across, in a stroke.
"""

from collections import defaultdict
from collections.abc import Iterable
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

import numpy as np

from ..budget import spend
from ..dots.table import Array
from ..kept import Kept

if TYPE_CHECKING:
    from shapely import LinearRing, Polygon
    from shapely.geometry.base import BaseGeometry

FINE = 12  # points of the edge along so much of it as the figure's strokes are wide
MOST = 12_000  # points of the edge
ROUND_END = 3.0  # times further along the edge than across, and it is a stroke
SPUR = 1.7  # half widths that a branch is long at least
POINT = 400
FOUND = Kept[list["Stroke"]](16)


class Stroke(NamedTuple):
    """Points (n, 2) along the middle of a stroke, in mm, and half its width at each. A closed one ends where it
    began."""

    at: Array
    half: Array
    closed: bool

    @property
    def length(self) -> float:
        return float(np.hypot(*np.diff(self.at, axis=0).T).sum())


def strokes(area: "BaseGeometry") -> list[Stroke]:
    """All strokes of a figure, those that begin further left first; kept, since they take longer than a row."""
    return FOUND.of(area.wkb, lambda: _strokes(area))


def _strokes(area: "BaseGeometry") -> list[Stroke]:
    import shapely

    if area.is_empty:
        return []
    found = [stroke for part in shapely.get_parts(area) for stroke in _of(part)]
    return sorted(found, key=lambda one: (float(one.at[:, 0].min()), float(one.at[:, 1].min())))


def _of(part: "Polygon") -> list[Stroke]:
    """1. Points along the edge; 2. the Voronoi ridges that run inside, between far apart points; 3. chains of them."""
    import shapely
    from scipy.spatial import Voronoi

    rings = [part.exterior, *part.interiors]
    length = sum(ring.length for ring in rings)
    wide = 2 * part.area / length  # of a long stroke: its area over half its edge
    step = max(wide / FINE, length / MOST)
    points, ring, along = _edge(rings, step)
    spend(POINT * len(points))
    if len(points) < 8:
        return []
    diagram = Voronoi(points)
    ridge, ends = diagram.ridge_points, np.asarray(diagram.ridge_vertices)
    inside = np.zeros(len(diagram.vertices) + 1, bool)
    inside[:-1] = shapely.contains_xy(part, diagram.vertices[:, 0], diagram.vertices[:, 1])
    one, other = ridge.T
    across = np.hypot(*(points[one] - points[other]).T)
    lengths = np.array([each.length for each in rings])[ring[one]]
    between = np.abs(along[one] - along[other])
    between = np.where(ring[one] == ring[other], np.minimum(between, lengths - between), np.inf)
    kept = (ends >= 0).all(axis=1) & inside[ends].all(axis=1) & (between > ROUND_END * across) & (across > 2.5 * step)
    at = diagram.vertices
    half = np.full(len(at), np.nan)
    for (a, b), (u, _) in zip(ends[kept].tolist(), ridge[kept].tolist(), strict=True):
        for vertex in (a, b):
            half[vertex] = np.hypot(*(at[vertex] - points[u]))
    near = _joined(ends[kept], at, half)
    found = [_stroke(chain, near, at, half) for chain in _between_forks(near)]
    long = [stroke for stroke in found if stroke.length > stroke.half.mean()]
    return long or [_point(part)]


def _edge(rings: Iterable["LinearRing"], step: float) -> tuple[Array, Array, Array]:
    """Points along the edge, which ring each is on, and how far along that."""
    import shapely

    points, ring, along = [], [], []
    for k, line in enumerate(rings):
        n = max(int(line.length / step), 8)
        at = np.arange(n) * line.length / n
        points.append(shapely.get_coordinates(shapely.line_interpolate_point(line, at)))
        ring.append(np.full(n, k))
        along.append(at)
    return np.concatenate(points), np.concatenate(ring), np.concatenate(along)


def _joined(edges: Array, at: Array, half: Array) -> dict[int, set[int]]:
    """Which places follow each, without branches that are shorter than the stroke is wide where they begin."""
    near: dict[int, set[int]] = defaultdict(set)
    for a, b in edges.tolist():
        near[a].add(b)
        near[b].add(a)
    while True:
        spurs = [chain for chain in _between_forks(near) if _is_spur(chain, near, at, half)]
        if not spurs:
            return near
        for a, b in pairwise(spurs[0]):
            near[a].discard(b)
            near[b].discard(a)


def _between_forks(near: dict[int, set[int]]) -> list[list[int]]:
    """Every chain once, those from ends and forks first, then rings."""
    found, walked = [], set()
    knots = [vertex for vertex in sorted(near) if len(near[vertex]) not in (0, 2)]
    for start in (*knots, *sorted(near)):
        for first in sorted(near[start]):
            if frozenset((start, first)) in walked:
                continue
            chain = [start, first]
            walked.add(frozenset((start, first)))
            while len(near[chain[-1]]) == 2 and chain[-1] != start:
                ahead = next(vertex for vertex in near[chain[-1]] if vertex != chain[-2])
                walked.add(frozenset((chain[-1], ahead)))
                chain.append(ahead)
            found.append(chain)
    return found


def _is_spur(chain: list[int], near: dict[int, set[int]], at: Array, half: Array) -> bool:
    """Whether a chain with one free end, up to where it will end, is shorter than its stroke is wide there."""
    ends = (chain[0], chain[-1])
    free = [len(near[end]) == 1 for end in ends]
    if sum(free) != 1:
        return False
    fork, end = ends if free[1] else ends[::-1]
    return float(np.hypot(*np.diff(at[chain], axis=0).T).sum()) + float(half[end]) < SPUR * float(half[fork])


def _stroke(chain: list[int], near: dict[int, set[int]], at: Array, half: Array) -> Stroke:
    """Free ends go on straight by half the width: the axis ends a whole width inside the edge."""
    points, wide = at[chain], half[chain]
    for end in (0, -1):
        if len(near[chain[end]]) == 1:
            away = points[end] - _inward(points if end == 0 else points[::-1], float(wide[end]))
            tip = points[end] + away / np.hypot(*away) * wide[end]
            points, wide = (np.insert(each, 0 if end == 0 else len(each), value, axis=0) for each, value in (
                (points, tip), (wide, wide[end])))  # fmt: skip
    return Stroke(points, wide, chain[0] == chain[-1])


def _inward(points: Array, by: float) -> Array:
    """The first point so far from the first of all, or the last."""
    far = np.flatnonzero(np.hypot(*(points - points[0]).T) >= by)
    return np.asarray(points[far[0] if len(far) else -1])


def _point(part: "Polygon") -> Stroke:
    """A blob is no stroke: the middle of the largest circle in it."""
    import shapely

    middle, edge = shapely.get_coordinates(shapely.maximum_inscribed_circle(part))
    return Stroke(middle[None], np.hypot(*(edge - middle))[None], False)
