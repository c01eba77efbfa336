"""Rows into gaps."""

import numpy as np

from fernring.core.document.changes import changed
from fernring.core.plan import plan
from tests.assertions import FernTestCase, clearances
from tests.patterns import at, centre, only, row, with_rows


class GapTest(FernTestCase):
    def test_nothing_to_fill_is_said(self) -> None:
        placed = only(row("g", 2.0, track={"kind": "gaps"}))
        self.assertEqual(len(placed.own_dots.x), 0)
        self.assertTrue(placed.noroom)

    def test_dots_keep_their_gap_and_their_bounds(self) -> None:
        ring = row("a", 5.7, distance=at(17))
        for sizes in ("largest", "one size"):
            gaps = row("g", 2.5, track={"kind": "gaps", "least": 1.0, "sizes": sizes}, gap=0.3)
            found = plan(with_rows(centre(11.0), ring, gaps))
            filled = found.solved.rows[2]
            self.assertGreater(len(filled.own_dots.x), 10)
            self.assertGreaterEqual(float(filled.own_dots.radius.min()), 0.5)
            self.assertLessEqual(float(filled.own_dots.radius.max()), 1.25)
            self.assertGreater(float(clearances(found.dots).min()), 0.3 - 1e-6)
            if sizes == "one size":
                self.assertEqual(set(np.round(filled.own_dots.radius, 9)), {1.25})

    def test_open_ground_is_no_gap(self) -> None:
        gaps = row("g", 2.5, track={"kind": "gaps", "least": 1.0}, gap=0.3)
        found = plan(with_rows(centre(11.0), row("a", 5.7, distance=at(30)), gaps))
        self.assertIn("more than four times as wide", found.solved.rows[2].noroom)

    def test_without_room_a_smaller_dot_for_the_same_gaps_is_offered(self) -> None:
        rings = [row("a", 5.7, distance=at(22)), row("b", 5.7, distance=at(32), start={"kind": "offset"})]
        gaps = row("g", 11.0, track={"kind": "gaps", "rows": ["a", "b"], "sizes": "one size"}, gap=0.3)
        found = plan(with_rows(centre(11.0), *rings, gaps))
        remedy = self.remedies(found, "no room")[0]
        self.assertRegex(remedy.label, r"^Use \{[\d.]+\} dots")
        again = plan(changed(found.solved.piece, remedy.changes))
        self.assertNotIn("no room", self.codes(again))
        self.assertGreater(float(clearances(again.dots).min()), 0.3 - 1e-6)
