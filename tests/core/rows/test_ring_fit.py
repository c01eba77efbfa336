"""Count, size and distance of a ring, each a number or fitted."""

from math import pi, sin

import numpy as np

from fernring.core.document.count import Absolute, PerSegment
from fernring.core.document.distance import AtWalk, OnGuide
from fernring.core.plan import plan
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


class FixedTest(FernTestCase):
    def test_a_row_at_a_walk_distance_stands_there(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=20)))).solved
        self.assertTrue(np.allclose(np.hypot(solved.dots.x, solved.dots.y), 20))
        self.assertEqual(len(solved.dots), 12)

    def test_a_row_on_a_guide_circle_follows_it(self) -> None:
        guides = {"circles": [{"id": "g", "walk": 17.5}]}
        solved = plan(piece(row("a", 3.0, distance=OnGuide(circle="g")), guides=guides)).solved
        self.assert_mm(solved.rows[0].walk, 17.5)

    def test_most_dots_that_keep_the_symmetry(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=20), fit="count", gap=0.4))).solved
        self.assertEqual(solved.rows[0].repeats, 36)
        self.assertLess(2 * 20 * sin(pi / 48), 3.4)

    def test_largest_size(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=20), fit="size", gap=0.5))).solved
        self.assert_mm(solved.rows[0].diameters[0], 40 * sin(pi / 12) - 0.5)

    def test_largest_size_stops_at_the_border(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=40), fit="size"), segments=3)).solved
        self.assert_mm(solved.rows[0].outer, solved.context.limit)

    def test_least_distance(self) -> None:
        solved = plan(piece(row("a", 3.0, fit="distance", count=PerSegment(repeats=2), gap=0.4))).solved
        self.assert_mm(solved.rows[0].walk, 3.4 / (2 * sin(pi / 24)))

    def test_no_room_for_a_fit_says_so_and_places_nothing(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=0.05), fit="size", count=Absolute(repeats=12)))).solved
        self.assertEqual(len(solved.dots), 0)
        self.assertIn("no dot of at least {0.2}", solved.rows[0].noroom)

    def test_a_centre_fitted_grows_to_the_border(self) -> None:
        solved = plan(piece(centre().model_copy(update={"fit": "size"}), diameter=40, border=2)).solved
        self.assert_mm(solved.rows[0].outer, 18)
