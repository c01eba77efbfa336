"""Nested rows."""

import numpy as np
from hypothesis import given, settings

from fernring.core.document.distance import AtWalk
from fernring.core.document.start import OnLines
from fernring.core.plan import plan
from tests import samples
from tests.assertions import FernTestCase, clearances
from tests.samples import centre, piece, row


class NestTest(FernTestCase):
    def test_equal_rows_in_the_dips_touch_two_below(self) -> None:
        rows = (row("a", 5.7, distance=AtWalk(walk=14), start=OnLines()), row("b", 3.0, gap=0.2))
        solved = plan(piece(*rows)).solved
        nearest = np.sort(clearances(solved.dots))
        self.assert_mm(float(nearest[0]), 0.2, 1e-9)
        self.assertEqual(int((np.abs(nearest - 0.2) < 1e-9).sum()), 24)

    def test_a_row_that_would_slip_between_is_stopped_level(self) -> None:
        rows = (row("a", 1.0, distance=AtWalk(walk=20), start=OnLines()), row("b", 0.8))
        solved = plan(piece(*rows)).solved
        self.assert_mm(solved.rows[1].walk, 20)
        self.assertTrue(solved.rows[1].slipped)

    def test_boundary_rows_are_not_nested_on(self) -> None:
        rows = (row("edge", 2.0, distance=AtWalk(walk=40), boundary=True), row("a", 2.0, start=OnLines()))
        solved = plan(piece(*rows)).solved
        self.assertLess(solved.rows[1].walk, 10)

    def test_beyond_the_border_is_no_room(self) -> None:
        solved = plan(piece(centre(), row("a", 13.2), row("b", 13.2), row("c", 13.2), row("d", 13.2))).solved
        self.assertIn("would pass the border", solved.rows[-1].noroom)

    def test_nested_most_dots_are_not_pushed_out_by_each_other(self) -> None:
        solved = plan(piece(centre(13.2), row("a", 3.0, fit="count", gap=0.3, start=OnLines()))).solved
        self.assert_mm(solved.rows[1].walk, 6.6 + 1.5 + 0.3)
        self.assertEqual(solved.rows[1].repeats, 12)

    def test_nested_largest_size_touches_host_and_neighbours(self) -> None:
        solved = plan(piece(centre(13.2), row("a", 3.0, fit="size", gap=0.3, start=OnLines()))).solved
        near = np.sort(clearances(solved.dots))[:24]
        self.assertTrue(np.allclose(near, 0.3, atol=1e-6))

    @settings(max_examples=60, deadline=None)
    @given(samples.pieces())
    def test_nested_rows_never_touch_and_never_leave_the_border(self, sample: object) -> None:
        found = plan(sample)  # type: ignore[arg-type]
        self.assert_no_overlap(found.dots)
        self.assert_inside(found)
        self.assertFalse({"touching", "close", "does not close"} & set(self.codes(found)))

    @settings(max_examples=40, deadline=None)
    @given(samples.pieces())
    def test_the_piece_turns_onto_itself_as_often_as_it_says(self, sample: object) -> None:
        found = plan(sample)  # type: ignore[arg-type]
        self.assert_turns_onto_itself(found, found.totals.symmetry)

    @settings(max_examples=30, deadline=None)
    @given(samples.pieces())
    def test_every_nested_row_touches_something_or_is_held(self, sample: object) -> None:
        solved = plan(sample).solved  # type: ignore[arg-type]
        for index, placed in enumerate(solved.rows):
            if not len(placed.own_dots.x) or placed.walk == 0 or placed.slipped:
                continue
            gap, near = solved.piece.rows[index].gap, solved.near[index]
            held = abs(placed.clear - gap) < 1e-6
            touches = near is not None and abs(near.clear - gap) < 1e-6
            level = any(abs(placed.walk - other.walk) < 1e-9 for other in solved.rows[:index])
            self.assertTrue(held or touches or level or placed.walk < 1e-9, f"row {index} floats")
