"""In the corners."""

from math import sqrt

import numpy as np

from fernring.core.geometry.outline.shapes import cross, oval, rectangle
from fernring.core.plan import plan
from fernring.core.rows.tracks.corner import corner_points
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import row


class CornerTest(FernTestCase):
    def test_corners_of_a_square_and_their_bisectors(self) -> None:
        at, outward = corner_points(rectangle(60, 60, 0))
        self.assertEqual(len(at), 4)
        np.testing.assert_allclose(np.abs(at), 30, atol=1e-9)
        np.testing.assert_allclose(outward, np.sign(at) / sqrt(2), atol=1e-9)

    def test_inner_corners_of_a_cross_are_none(self) -> None:
        at, _ = corner_points(cross(100, 80, 24))
        self.assertEqual(len(at), 8)
        self.assertTrue(((np.abs(at[:, 0]) > 12.1) | (np.abs(at[:, 1]) > 12.1)).all())

    def test_round_outlines_have_none(self) -> None:
        self.assertEqual(len(corner_points(oval(90, 60))[0]), 0)
        given = {**patterns.piece("petals").model_dump(mode="json"), "rows": [row("c", 3.0, track={"kind": "corner"})]}
        self.assertEqual(plan(patterns.read(given)).solved.rows[0].noroom, "this blank has no corners")

    def test_places_lie_in_from_the_border_and_look_into_their_corners(self) -> None:
        found = plan(patterns.piece("corner groups"))
        placed = found.solved.rows[1]
        self.assertEqual(placed.repeats, 4)
        own = placed.own_dots
        way = np.degrees(own.out_rad.reshape(4, -1)[:, 0]) % 360
        np.testing.assert_allclose(np.sort(way), (45, 135, 225, 315), atol=1e-6)
