"""What a row sees when it is placed."""

import numpy as np

from fernring.core.rows.halves import open_halves
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


class ContextTest(FernTestCase):
    def test_what_lies_there_repeats_as_often_as_all_of_it(self) -> None:
        half = {"kind": "per_segment", "repeats": 1, "segments": 2}
        found = solve_piece(piece(centre(), row("a", 2.0), row("b", 2.0, count=half), segments=12))
        self.assertEqual([solve_piece(piece(*found.piece.rows[:k])).context.order for k in (1, 2, 3)], [0, 12, 6])

    def test_a_row_without_dots_leaves_no_trace(self) -> None:
        context = open_halves(piece()).front
        gone = solve_piece(piece(row("a", 13.2, count={"kind": "absolute", "repeats": 24}))).rows[0]
        self.assertIs(context.with_row(gone), context)

    def test_boundary_rows_are_neither_nested_on_nor_the_row_before(self) -> None:
        edge = row("edge", 1.0, boundary=True, distance={"kind": "walk", "walk": 40.0})
        found = solve_piece(piece(row("a", 2.0), edge))
        self.assertEqual([placed.index for placed in found.context.nestable], [0])
        self.assertEqual(found.context.before.index if found.context.before else None, 0)
        self.assertIsNone(found.context.inset_before)

    def test_points_that_keep_clear(self) -> None:
        context = solve_piece(piece(row("a", 2.0, distance={"kind": "walk", "walk": 30.0}))).context
        x = np.array([0.0, 0.0, 0.0])
        y = np.array([-30.0, -33.0, -10.0])
        self.assertEqual(context.clear_of(x, y, np.zeros(3), np.full(3, 1.9)).tolist(), [False, True, True])

    def test_past_the_border_by_the_edge_or_on_a_bare_ball_by_the_middle(self) -> None:
        context = open_halves(piece(border=3)).front
        self.assert_mm(context.passed(40, 6), 1)
        ball = {"outline": {"kind": "round", "diameter": 90.0}, "relief": {"kind": "ball"}, "border": 0.0}
        given = piece().model_dump(mode="json")
        lapping = open_halves(type(piece()).model_validate({**given, "blank": {**given["blank"], **ball}})).front
        self.assertTrue(lapping.laps)
        self.assert_mm(lapping.passed(lapping.limit, 6), 0)
        self.assert_mm(float(context.over(np.array([0.0]), np.array([-40.0]), np.array([3.0]))[0]), 1)
