"""Clear distances of swept bodies against a dense search with refinement, and against shapely."""

from itertools import product

import numpy as np
import shapely

from fernring.core.geometry.swept import Swept, clear_between, clear_of_discs, envelope
from fernring.core.plan import plan
from tests import patterns
from tests.assertions import FernTestCase

DENSE, ROUNDS = 120, 12


def body(random: np.random.Generator, m: int, away: float) -> Swept:
    """A wandering spine in space whose radius thins."""
    steps = random.normal(0, 1, (m, 3)) + random.normal(0, 2, 3)
    return Swept(steps.cumsum(axis=0) + np.array([away, 0, 0]), np.linspace(random.uniform(1, 3), 0.1, m))


def along(one: Swept, t: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    place = np.arange(len(one.girth))
    return np.stack([np.interp(t, place, part) for part in one.centres.T], axis=1), np.interp(t, place, one.girth)


def searched(one: Swept, other: Swept) -> float:
    """|c1(s) - c2(t)| - r1(s) - r2(t), least of a dense net on each pair of stretches, narrowed down there."""
    found = np.inf
    for i, j in product(range(len(one.girth) - 1), range(len(other.girth) - 1)):
        low, high = np.array([i, j], float), np.array([i + 1, j + 1], float)
        for _ in range(ROUNDS if _could_be_less(one, other, i, j, found) else 0):
            s, t = np.linspace(low[0], high[0], DENSE // 4), np.linspace(low[1], high[1], DENSE // 4)
            (c1, r1), (c2, r2) = along(one, s), along(other, t)
            clear = np.linalg.norm(c1[:, None] - c2, axis=2) - r1[:, None] - r2
            found = min(found, float(clear.min()))
            a, b = np.unravel_index(int(clear.argmin()), clear.shape)
            half = (high - low) / 4
            low = np.maximum([s[a] - half[0], t[b] - half[1]], [i, j])
            high = np.minimum([s[a] + half[0], t[b] + half[1]], [i + 1, j + 1])
    return found


def _could_be_less(one: Swept, other: Swept, i: int, j: int, found: float) -> bool:
    """Whether two stretches may come closer, by the triangle inequality from their first ends."""
    far = np.linalg.norm(one.centres[i] - other.centres[j]) - one.girth[i] - other.girth[j]
    long = np.linalg.norm(np.diff(one.centres, axis=0)[i]) + np.linalg.norm(np.diff(other.centres, axis=0)[j])
    grow = abs(np.diff(one.girth)[i]) + abs(np.diff(other.girth)[j])
    return bool(far - long - grow < found)


class SweptTest(FernTestCase):
    def test_between_bodies_and_to_discs(self) -> None:
        random = np.random.default_rng(5)
        for _ in range(60):
            one, other = body(random, 6, 0.0), body(random, 5, random.uniform(0, 20))
            self.assert_mm(clear_between(one, other), searched(one, other), 1e-6)
            centres, radius = random.normal(0, 8, (4, 3)), random.uniform(0.2, 3, 4)
            for k, found in enumerate(clear_of_discs(one, centres, radius).tolist()):
                point = Swept(np.stack((centres[k], centres[k])), np.array([radius[k]] * 2))
                self.assert_mm(found, searched(one, point), 1e-6)

    def test_a_body_that_grows_faster_than_it_goes_is_its_larger_end(self) -> None:
        one = Swept(np.array([[0.0, 0, 0], [1.0, 0, 0]]), np.array([3.0, 1.0]))
        self.assert_mm(float(clear_of_discs(one, np.array([[10.0, 0, 0]]), np.array([1.0]))[0]), 6.0)

    def test_fans_keep_their_gap(self) -> None:
        """To each other and to all there, measured by shapely between the drawn outlines."""
        for name in ("fans in the ends of an oval", "fans in corners"):
            solved = plan(patterns.piece(name)).solved
            bodies = [shapely.Polygon(mark.outline) for mark in solved.rows[-1].grown.marks]
            dots = [
                shapely.Point(x, y).buffer(r, 128)
                for row in solved.rows[:-1]
                for x, y, r in zip(row.own_dots.x, row.own_dots.y, row.own_dots.radius, strict=True)
            ]
            tree = shapely.STRtree([*bodies, *dots])
            least = []
            for k, one in enumerate(bodies):
                near = [j for j in tree.query(one.buffer(1.0)) if j != k]
                least += [float(shapely.distance(one, tree.geometries[j])) for j in near]
            self.assertGreater(min(least), 0.3 - 0.005)
            self.assertLess(min(least), 0.3 + 0.005)

    def test_an_envelope_is_as_wide_as_its_discs(self) -> None:
        outline = shapely.Polygon(envelope(np.array([[0.0, 0.0], [8.0, 0.0]]), np.array([2.0, 0.5])))
        hull = shapely.union(shapely.Point(0, 0).buffer(2, 256), shapely.Point(8, 0).buffer(0.5, 256)).convex_hull
        self.assertLess(outline.symmetric_difference(hull).area / hull.area, 0.01)
