"""Distances and overlaps against shapely, and density against its known limit."""

from itertools import combinations
from math import pi, sqrt

import numpy as np
from shapely import Point
from shapely.geometry.base import BaseGeometry

from fernring.core.dots.grid import close_pairs
from fernring.core.plan import plan
from tests import samples
from tests.assertions import FernTestCase, clearances


def discs(x: np.ndarray, y: np.ndarray, r: np.ndarray) -> list[BaseGeometry]:
    """Polygons of 256 corners a quarter: within 1e-5 of the circle for these sizes."""
    return [Point(a, b).buffer(c, quad_segs=256) for a, b, c in zip(x, y, r, strict=True)]


class ShapelyTest(FernTestCase):
    def test_clear_distances(self) -> None:
        dots = plan(samples.five_rows()).dots
        shapes = discs(dots.x, dots.y, dots.radius)
        theirs = np.array([a.distance(b) for a, b in combinations(shapes, 2)])
        self.assertLess(float(np.abs(theirs - np.maximum(clearances(dots), 0)).max()), 1e-3)

    def test_overlapping_pairs(self) -> None:
        rng = np.random.default_rng(7)
        x, y, r = rng.uniform(0, 30, 120), rng.uniform(0, 30, 120), rng.choice([0.4, 1.0, 2.3, 4.4], 120)
        shapes = discs(x, y, r)
        theirs = {(i, j) for i, j in combinations(range(120), 2) if shapes[i].intersection(shapes[j]).area > 1e-6}
        i, j = close_pairs(x, y, np.zeros(120), r, 1e-3)
        ours = set(zip(i.tolist(), j.tolist(), strict=True))
        self.assertLess(len(theirs ^ ours), 3)
        self.assertGreater(len(ours), 40)

    def test_every_dot_lies_within_the_border(self) -> None:
        found = plan(samples.five_rows())
        border = Point(0, 0).buffer(found.solved.context.limit + 1e-3, quad_segs=512)
        for disc in discs(found.dots.x, found.dots.y, found.dots.radius):
            self.assertTrue(border.covers(disc))

    def test_nested_rows_stay_below_the_hexagonal_limit(self) -> None:
        """Densest packing of equal circles: pi/(2*sqrt(3)) (Thue; geometry handbooks)."""
        rows = [samples.row(f"r{k}", 3.0, gap=0.0, count={"kind": "absolute", "repeats": 36}) for k in range(9)]
        solved = plan(samples.piece(*rows, diameter=300)).solved
        inner, outer = solved.rows[0].walk, solved.rows[-1].walk
        cells = 36 * (len(rows) - 1)
        density = cells * pi * 1.5**2 / (pi * (outer**2 - inner**2))
        self.assertLess(density, pi / (2 * sqrt(3)))
        self.assertGreater(density, 0.6)
