"""A petal on a curved surface."""

import numpy as np

from fernring.core.dots.grid import close_pairs
from fernring.core.dots.index import Index
from fernring.core.geometry.dome import ball
from fernring.core.geometry.surface import Plane, Surface
from fernring.core.rows.trims.host import Around, Host
from fernring.core.rows.trims.petal import placed_petal
from fernring.core.rows.trims.roll import down_one_side, sizes
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase


def around(surface: Surface) -> Around:
    return Around(surface, Index(*(np.empty(0) for _ in range(4))), {}, {})


def host(surface: Surface, walk: float) -> Host:
    x, y, z = (float(part[0]) for part in surface.points(np.array([walk]), np.zeros(1)))
    return Host(x, y, z, walk, 0.0, 0.0, 4.0, 1, 0, 0, 0)


def petal(gap: float) -> list[tuple[float, float, float]]:
    first = (0.0, 4.0 + 1.0 + gap, 1.0)
    return [first, *down_one_side([(0.0, 0.0, 4.0)], first, sizes(1.0, 1.0, None), gap, [], 6)[0]]


class PetalTest(FernTestCase):
    def test_on_a_plane_the_frames_own_places(self) -> None:
        flat = Plane(90)
        found = placed_petal(petal(0.2), host(flat, 30), around(flat), np.full(len(petal(0.2)), 0.2))
        self.assertEqual(found.off, 0)
        np.testing.assert_allclose(found.points[0], [u for u, _, _ in petal(0.2)], atol=1e-12)
        np.testing.assert_allclose(found.points[1], [-30 - v for _, v, _ in petal(0.2)], atol=1e-12)

    def test_on_a_ball_every_dot_keeps_its_straight_distances(self) -> None:
        globe = ball(90)
        at, dots = host(globe, 30), petal(0.2)
        found = placed_petal(dots, at, around(globe), np.full(len(dots), 0.2))
        self.assertLess(found.off, 1e-10)
        places = np.stack(found.points, axis=1)
        np.testing.assert_allclose(np.linalg.norm(places, axis=1), 45, atol=1e-6)
        to_host = np.linalg.norm(places - np.array([at.x, at.y, at.z]), axis=1)
        np.testing.assert_allclose(to_host, 5.2, atol=1e-9)
        np.testing.assert_allclose(np.linalg.norm(np.diff(places, axis=0), axis=1), 2.2, atol=1e-9)

    def test_a_second_walk_keeps_clear_of_the_first_on_a_dome(self) -> None:
        """And so does one beside a swipe, or beside a swipe that hugs: no pair of dots is nearer than the gap."""
        walks = [patterns.walk(1.0, load="each"), patterns.walk(1.3, load="each", layers=2)]
        for rise in (3.0, 9.0, 18.0):
            blank = {**patterns.piece("petals").blank.model_dump(mode="json"), **patterns.DOME}
            blank["relief"] = {"kind": "dome", "rise": rise}
            for trims in (walks, [patterns.swipe(6.0), *walks], [patterns.hug(1.5), *walks]):
                row = patterns.row("a", 6.8, distance=patterns.at(28), count={"kind": "absolute", "repeats": 6},
                                   start=patterns.LINES, trims=trims)  # fmt: skip
                dots = solve_piece(patterns.with_rows(row, blank=blank)).dots
                self.assertGreater(len(dots), 150)
                self.assertEqual(len(close_pairs(dots.x, dots.y, dots.z, dots.radius + 0.15 / 2, 1e-4)[0]), 0)

    def test_what_does_not_settle_says_by_how_much(self) -> None:
        """Dots that no place on so small a ball can hold apart as asked: the best places met are answered."""
        tiny = ball(6)
        dots = [(0.0, 5.2, 1.0), (2.2, 5.0, 1.0), (4.4, 4.5, 1.0)]
        found = placed_petal(dots, host(tiny, 2.0), around(tiny), np.full(len(dots), 0.2))
        self.assertGreater(found.off, 0.1)
        self.assertLess(found.off, 6)
        self.assertTrue(np.isfinite(np.stack(found.points)).all())
