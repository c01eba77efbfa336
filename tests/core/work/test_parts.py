"""Long steps in parts: quarter points first (common practice, no source), petals, loads."""

import numpy as np

from fernring.core.document.piece import Piece
from fernring.core.solved import solve_piece
from fernring.core.words.numbers import counted
from fernring.core.work.drying import drying
from fernring.core.work.job import Job
from fernring.core.work.parts import parts
from fernring.core.work.work import work
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import QUICK, worked


def ring(n: int, **more: object) -> patterns.Document:
    return patterns.row("a", 2.0, distance=patterns.at(30), count={"kind": "absolute", "repeats": n}, **more)


class PartsTest(FernTestCase):
    def parts(self, piece: Piece, kind: str) -> list[tuple[str, int]]:
        found = work(piece)
        step = next(one for one in found.steps if one.kind == kind)
        job = Job(solve_piece(piece), drying(piece.blank, 20.0))
        return [tuple(part) for part in parts(job, step)]

    def test_quarter_points_then_the_middles_between(self) -> None:
        wanted = [("the quarter points", 0), ("four more, between", 4), ("eight more, between", 8)]
        self.assertEqual(self.parts(worked(ring(16), **QUICK), "dots"), wanted)
        self.assertEqual([first for _, first in self.parts(worked(ring(9), **QUICK), "dots")], [0, 3, 6])
        self.assertEqual(self.parts(worked(ring(10), **QUICK), "dots")[0][0], "two points, opposite each other")
        self.assertEqual([first for _, first in self.parts(worked(ring(7), **QUICK), "dots")], [0, 2, 4])
        self.assertEqual(self.parts(worked(ring(6), **QUICK), "dots"), [])

    def test_the_quarter_points_are_a_quarter_apart(self) -> None:
        piece = worked(ring(16), **QUICK)
        found = work(piece)
        step = next(one for one in found.steps if one.kind == "dots")
        first = [int(found.solved.dots.place[dot]) for dot in step.dots[:4]]
        self.assertEqual(sorted(first), [0, 4, 8, 12])

    def test_petal_by_petal(self) -> None:
        piece = worked(ring(6, gap=12.0, trims=[patterns.walk(1.0, load="each", count=3)]), **QUICK)
        found = self.parts(piece, "petals")
        self.assertEqual(found[0], ("petal 1 of 6", 0))
        self.assertEqual(len(found), 6)

    def test_a_petal_of_two_loads_says_where_the_second_begins(self) -> None:
        trims = [patterns.walk(1.6, load="one", count=4)]
        piece = worked(ring(6, gap=14.0, trims=trims), petals="one by one", **QUICK)
        words, _ = self.parts(piece, "petals")[0]
        self.assertRegex(words, r"^petal 1 of 6, a fresh load after \w+ dots?$")

    def test_each_part_turns_the_piece_to_the_hand(self) -> None:
        """Places a quarter apart are turned by a quarter; petals by as much as their hosts lie apart."""
        piece = worked(ring(6, gap=14.0, trims=[patterns.walk(1.0, load="each", count=3)]), **QUICK)
        found = work(piece)
        k = next(k for k, step in enumerate(found.steps) if step.kind == "petals")
        turns = found.room[k].turns
        self.assertEqual(len(turns), len(found.parts[k]), 6)
        self.assertEqual(found.room[k].turntable, turns[0])
        apart = np.diff([turn for turn in turns if turn is not None]) % 60
        self.assertTrue(np.allclose(np.minimum(apart, 60 - apart), 0.0, atol=8.0), turns)

    def test_heads_of_tails_come_in_one_go(self) -> None:
        piece = worked(ring(12, trims=[patterns.swipe(5.0)]), **QUICK)
        self.assertEqual(self.parts(piece, "dots"), [])

    def test_a_row_that_is_no_ring_goes_by_eights(self) -> None:
        piece = worked(patterns.row("a", 2.0, track={"kind": "line"}), **QUICK)
        n = next(len(step.dots) for step in work(piece).steps if step.kind == "dots")
        found = self.parts(piece, "dots")
        self.assertEqual([first for _, first in found], list(range(0, n, 8)))
        self.assertEqual([words for words, _ in found[:2]], ["the first eight", "the next eight"])
        self.assertEqual(found[-1][0], f"the last {counted((n - 1) % 8 + 1)}")
        self.assertNotIn("quarter points", next(step.words for step in work(piece).steps if step.kind == "dots"))
