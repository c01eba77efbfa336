"""Areas to be filled, and an exact look at what lies in them."""

import numpy as np
import shapely
from scipy.spatial import cKDTree
from shapely.affinity import scale
from shapely.geometry.base import BaseGeometry

from fernring.core.dots.table import Array
from fernring.core.rows.fills.pack import Packed, Task

SIZES = (6.0, 4.0, 3.0, 2.0, 1.5, 1.0, 0.8)
NONE = np.empty((0, 2))


def ellipse(a: float, b: float, n: int = 400) -> Array:
    t = np.linspace(0, 2 * np.pi, n, endpoint=False)
    return np.stack((a * np.cos(t), b * np.sin(t)), axis=1)


def lettered(times: float = 1.0) -> BaseGeometry:
    """An ellipse of 140 by 90 mm without three holes like letters, or so many times as wide."""
    el = shapely.Polygon([(-45, -20), (-38, -20), (-38, 14), (-22, 14), (-22, 20), (-45, 20)])
    o = shapely.Polygon(ellipse(11, 20, 60), [ellipse(5, 13, 60)[::-1]])
    tee = shapely.Polygon(
        [(20, -20), (46, -20), (46, -14), (36.5, -14), (36.5, 20), (29.5, 20), (29.5, -14), (20, -14)]
    )
    area = shapely.Polygon(ellipse(70, 45)).difference(shapely.union_all([el, o, tee]))
    return scale(area, times, times, origin=(0, 0))


def task(area: BaseGeometry, sizes: tuple[float, ...] = SIZES, gap: float = 0.3, **more: object) -> Task:
    lying = {"lying": NONE, "lying_radius": np.empty(0), **more}
    return Task(area, tuple(size / 2 for size in sizes), gap, **lying)  # type: ignore[arg-type]


def violations(of: Task, found: Packed) -> float:
    """By how much (mm) a dot comes too near to another, to the edge, or to what is there, at the worst; zero or less
    where none does. Exact distances, all pairs that may matter.
    """
    radius = np.asarray(of.radii)[found.size]
    at, every = np.concatenate((found.at, of.lying)), np.concatenate((radius, of.lying_radius))
    near = cKDTree(at).query_pairs(2 * float(every.max()) + of.gap, output_type="ndarray")
    near = near[near[:, 0] < len(radius)]
    apart = np.hypot(*(at[near[:, 0]] - at[near[:, 1]]).T) - every[near].sum(axis=1) - of.gap
    edge = shapely.distance(shapely.boundary(of.area), shapely.points(found.at)) - radius - of.gap
    outside = ~shapely.contains_xy(of.area, found.at[:, 0], found.at[:, 1])
    return float(max(-apart.min(initial=0.0), -edge.min(initial=0.0), 1.0 * outside.any()))


def holes(of: Task, found: Packed, step: float = 0.1) -> int:
    """How many points of a fine lattice could still be the middle of a smallest dot, a little smaller."""
    radius = np.asarray(of.radii)[found.size]
    left, top, right, bottom = of.area.bounds
    x, y = (part.ravel() for part in np.meshgrid(np.arange(left, right, step), np.arange(top, bottom, step)))
    more = of.radii[-1] + of.gap + 1e-3
    inside = shapely.contains_xy(shapely.buffer(of.area, -more, quad_segs=32), x, y)
    points = np.stack((x[inside], y[inside]), axis=1)
    free = np.ones(len(points), bool)
    at, every = np.concatenate((found.at, of.lying)), np.concatenate((radius, of.lying_radius))
    for size in np.unique(every):
        away, _ = cKDTree(at[every == size]).query(points)
        free &= away > size + more
    return int(free.sum())
