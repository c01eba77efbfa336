"""Lines round dots, petals and swipes."""

import numpy as np

from fernring.core.plan import plan
from fernring.core.rows.trims.outline import line_round
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, outline, row, swipe, walk


class LineRoundTest(FernTestCase):
    def test_round_a_dot_it_is_a_circle(self) -> None:
        found = line_round(np.array([[0.0, 0.0, 3.0]]), 0.4, 0.5)
        np.testing.assert_allclose(np.hypot(*found.T), 3.9, atol=1e-12)

    def test_it_keeps_the_gap_to_every_disc_and_the_gap_exactly_somewhere(self) -> None:
        """500 random petals: the line's discs against those of the body."""
        chance = np.random.default_rng(11)
        for _ in range(500):
            body = np.column_stack((chance.normal(0, 3, (6, 2)), chance.uniform(0.3, 1.5, 6)))
            body = np.concatenate(([[0.0, 0.0, 2.5]], body))
            half, gap = chance.uniform(0.2, 0.6), chance.uniform(0, 0.8)
            found = line_round(body, half, gap)
            apart = np.linalg.norm(found[:, None] - body[None, :, :2], axis=2) - half - body[:, 2]
            self.assertGreaterEqual(float(apart.min()), gap - 1e-6)
            self.assertLess(float(apart.min()), gap + 1e-6)


class GrownTest(FernTestCase):
    def test_it_goes_round_what_stood_on_the_dot_before_it(self) -> None:
        bare, petal, pulled = (
            solve_piece(patterns.with_rows(row("a", 5.0, distance=at(25), count=ONE_OF_SIX, trims=trims))).rows[0].grown
            for trims in ([outline(0.8)], [walk(1.3, load="each"), outline(0.8)], [swipe(8), outline(0.8)])
        )
        marks = [mark for mark in petal.marks if mark.trim == 1]
        self.assertEqual((len(bare.marks), len(marks)), (6 * 4, 6 * 4))
        self.assertGreater(_long(marks), _long(bare.marks) * 1.3)
        self.assertGreater(_long([mark for mark in pulled.marks if mark.trim == 1]), _long(bare.marks) * 1.2)
        for mark, after in zip(marks[:4], [*marks[1:4], marks[0]], strict=True):
            np.testing.assert_allclose(mark.spine[-1], after.spine[0], atol=1e-9)

    def test_where_there_is_no_room_it_is_left_out_and_said(self) -> None:
        found = plan(patterns.with_rows(centre(), row("a", 3.0), row("b", 3.0, trims=[outline(1.0)])))
        self.assertIn("a line round it is left out at every dot", self.verdict(found, "no place").text)
        self.assertEqual(found.solved.marked, ())

    def test_later_rows_keep_clear_of_it(self) -> None:
        wide, bare = (
            solve_piece(patterns.with_rows(centre(trims=trims), row("a", 3.0))).rows[1].walk
            for trims in ([outline(0.8, gap=0.5)], [])
        )
        self.assert_mm(wide - bare, 0.5 + 0.8, 1e-3)


ONE_OF_SIX = {"kind": "absolute", "repeats": 6}


def _long(marks: object) -> float:
    return float(sum(np.linalg.norm(np.diff(mark.spine, axis=0), axis=1).sum() for mark in marks))  # type: ignore[attr-defined]
