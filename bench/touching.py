"""The touching check beside a k-d tree with the largest radius and an R-tree of boxes."""

from functools import partial

import numpy as np
import shapely
from scipy.spatial import cKDTree

from fernring.core.dots.grid import close_pairs

from .scatter import GAP, Dots, few_large, mixed
from .timing import medians, share

CASES = (
    ("5,000 mixed dots", mixed(5_000), 0.75),
    ("20,000 mixed dots", mixed(20_000), 0.6),
    ("100,000 mixed dots", mixed(100_000), 0.6),
    ("20,000 small dots and a few very large", few_large(20_000), 0.35),
)


def run() -> bool:
    good = True
    for name, dots, limit in CASES:
        rounds = 5 if len(dots[0]) > 50_000 else 9
        tasks = {"ours": partial(ours, dots), "tree": partial(by_tree, dots), "boxes": partial(by_boxes, dots)}
        same = len({answer.tobytes() for answer in (task() for task in tasks.values())}) == 1
        if not same:
            print(f"  {name}: the answers differ. MISSED")
        times = medians(tasks, rounds)
        good &= same & share(f"{name}, beside a k-d tree", times["ours"], times["tree"], limit)
        share(f"{name}, beside an R-tree of boxes", times["ours"], times["boxes"], limit)
    return good


def ours(dots: Dots) -> np.ndarray:
    x, y, z, radius = dots
    return np.stack(close_pairs(x, y, z, radius + GAP / 2, 0.0), axis=1).astype(np.int64)


def by_tree(dots: Dots) -> np.ndarray:
    """Every pair within the largest possible reach, then the true distance."""
    x, y, _, radius = dots
    points = np.stack((x, y), axis=1)
    pairs = cKDTree(points).query_pairs(2 * radius.max() + GAP, output_type="ndarray")
    return _kept(points, radius, pairs[:, 0], pairs[:, 1])


def by_boxes(dots: Dots) -> np.ndarray:
    """Boxes that overlap, then the true distance."""
    x, y, _, radius = dots
    r = radius + GAP / 2
    boxes = shapely.box(x - r, y - r, x + r, y + r)
    i, j = shapely.STRtree(boxes).query(boxes)
    return _kept(np.stack((x, y), axis=1), radius, i[i < j], j[i < j])


def _kept(points: np.ndarray, radius: np.ndarray, i: np.ndarray, j: np.ndarray) -> np.ndarray:
    apart = points[i] - points[j]
    reach = radius[i] + radius[j] + GAP
    keep = (apart**2).sum(axis=1) < reach**2
    pairs = np.stack((np.minimum(i, j)[keep], np.maximum(i, j)[keep]), axis=1).astype(np.int64)
    return pairs[np.lexsort((pairs[:, 1], pairs[:, 0]))]
