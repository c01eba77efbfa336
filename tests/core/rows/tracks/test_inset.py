"""Rows along the edge."""

import numpy as np

from fernring.core.geometry.outline.polygon import distance_to_edges
from fernring.core.plan import plan
from tests import patterns
from tests.assertions import FernTestCase, clearances
from tests.patterns import only, row, with_rows


class EdgeTest(FernTestCase):
    def test_a_row_at_a_fixed_depth_is_that_far_from_the_edge(self) -> None:
        one = row("e", 2.5, track={"kind": "inset"}, distance={"kind": "edge", "inward": 9}, fit="count")
        for name in ("along the edge, three deep", "a band with squared corners"):
            given = patterns.piece(name)
            found = plan(with_rows(one, blank=given.blank.model_dump(mode="json"))).solved
            away = distance_to_edges(found.ground.outline, found.rows[0].own_dots.x, found.rows[0].own_dots.y)
            self.assertLess(float(np.abs(away - 9).max()), 5e-3)
            self.assertGreater(float(clearances(plan(found.piece).dots).min()), 0.4 - 1e-3)

    def test_deeper_than_the_middle_leaves_no_line(self) -> None:
        one = row("e", 2.5, track={"kind": "inset"}, distance={"kind": "edge", "inward": 80}, fit="count")
        self.assertIn("leaves no line", only(one).noroom)

    def test_a_round_blank_has_no_corners(self) -> None:
        placed = only(row("c", 2.5, track={"kind": "corner", "inward": 8}))
        self.assertEqual((len(placed.own_dots.x), placed.noroom), (0, "this blank has no corners"))

    def test_corner_places_lie_on_the_bisectors_from_the_border(self) -> None:
        square = {"outline": {"kind": "square", "side": 100}, "border": 3, "base": {"name": "D", "colour": "#101417"}}
        placed = only(row("c", 2.5, track={"kind": "corner", "inward": 10}), blank=square)
        np.testing.assert_allclose(np.abs(placed.own_dots.x), 47 - 10 / 2**0.5, atol=0.05)
        np.testing.assert_allclose(np.abs(placed.own_dots.x), np.abs(placed.own_dots.y), atol=1e-6)

    def test_it_starts_at_the_first_spoke_and_runs_clockwise(self) -> None:
        oval = {"outline": {"kind": "oval", "length": 140, "width": 90}, "base": {"name": "D", "colour": "#101417"}}
        own = only(row("e", 2.5, track={"kind": "inset"}, fit="count", start={"kind": "on lines"}), blank=oval).own_dots
        self.assertLess(abs(float(own.x[0])), 0.1)
        self.assertLess(float(own.y[0]), 0)
        self.assertTrue((np.diff(np.unwrap(np.arctan2(own.x, -own.y))) > 0).all())
