"""A piece with its rows solved, standing on what is known of a like one."""

from typing import Any

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.core.document.changes import change, changed
from fernring.core.document.piece import Piece
from fernring.core.dots.table import COLUMNS
from fernring.core.plan import plan
from fernring.core.solved import alike_rows, solve_piece
from fernring.formats.plan_json import plan_bytes
from tests import patterns, samples
from tests.assertions import FernTestCase

EVERY = sorted(patterns.PIECES)


class KnownTest(FernTestCase):
    def same(self, before: Piece, after: Piece) -> None:
        """Byte for byte: the answer as it goes out, and every column with all its digits."""
        known = plan(before).solved
        one, other = plan(after, known=known), plan(after)
        self.assertEqual(plan_bytes(one), plan_bytes(other))
        for name in COLUMNS:
            self.assertEqual(getattr(one.dots, name).tobytes(), getattr(other.dots, name).tobytes(), name)

    @given(st.data())
    @settings(max_examples=40)
    def test_a_slid_row_is_planned_as_if_nothing_were_known(self, data: st.DataObject) -> None:
        before = data.draw(samples.pieces())
        index = data.draw(st.integers(0, len(before.rows) - 1))
        distance = {"kind": "walk", "walk": data.draw(st.floats(1, 60))}
        self.same(before, changed(before, [change("rows", index, "distance", distance)]))

    @given(st.data())
    @settings(max_examples=25)
    def test_a_changed_row_of_every_sample_pattern(self, data: st.DataObject) -> None:
        before = patterns.piece(data.draw(st.sampled_from(EVERY)))
        index = data.draw(st.integers(0, len(before.rows) - 1))
        self.same(before, changed(before, [change("rows", index, "gap", data.draw(st.floats(0, 1)))]))

    def test_rows_taken_out_put_in_and_put_elsewhere(self) -> None:
        before = samples.five_rows()
        rows = before.rows
        for after in (rows[:3], rows[1:], (*rows, samples.row("new", 1.0)), (rows[0], *rows[:0:-1]), ()):
            self.same(before, before.model_copy(update={"rows": after}))

    def test_what_lies_around_the_rows_counts(self) -> None:
        before = samples.five_rows()
        around: list[dict[str, Any]] = [{"segments": 9}, {"turn": 7.0}, {"tools": before.tools[:4]}]
        for more in around:
            after = before.model_copy(update=more)
            self.assertEqual(alike_rows(before, after), 0)
            self.same(before, after)
        self.assertEqual(alike_rows(before, before.model_copy(update={"name": "Other"})), 5)

    def test_known_rows_are_the_same_rows(self) -> None:
        before = samples.five_rows()
        known = solve_piece(before)
        found = solve_piece(changed(before, [change("rows", 3, "gap", 0.9)]), known)
        self.assertTrue(all(one is other for one, other in zip(found.rows[:3], known.rows, strict=False)))
        self.assertIsNot(found.rows[3], known.rows[3])

    def test_left_edge_and_names(self) -> None:
        found = solve_piece(samples.five_rows())
        outer = max(float((row.own_dots.walk + row.own_dots.radius).max()) for row in found.rows)
        self.assert_mm(found.edge, outer)
        self.assert_mm(found.left, found.context.limit - outer)
        self.assertEqual([found.name(k) for k in range(3)], ["the centre", "row 1", "row 2"])
        self.assertEqual(np.diff(found.first).tolist(), [row.total for row in found.rows])
