"""Where a tool is dipped again."""

import numpy as np

from fernring.core.solved import solve_piece
from fernring.core.work.groups import groups
from fernring.core.work.reloads import reloads
from tests import patterns
from tests.assertions import FernTestCase

SIX = {"count": {"kind": "absolute", "repeats": 6}, "start": patterns.LINES}


class ReloadsTest(FernTestCase):
    def test_a_walk_that_gets_smaller_takes_one_load_a_side(self) -> None:
        for load, each in (("one", False), ("each", True)):
            petal = patterns.walk(1.5, load=load, shades=patterns.shades("teal"))
            row = patterns.row("a", 6.0, distance=patterns.at(25), trims=[petal], **SIX)
            solved = solve_piece(patterns.with_rows(row))
            walked = groups(solved, False)[1:]
            for group in walked:
                loads = len(reloads(solved.dots, group.dots))
                self.assertEqual(loads, len(group.dots) if each else 6, load)

    def test_plain_dots_take_one_each(self) -> None:
        solved = solve_piece(patterns.with_rows(patterns.row("a", 3.0, distance=patterns.at(20), **SIX)))
        self.assertEqual(reloads(solved.dots, groups(solved, False)[0].dots), (0, 1, 2, 3, 4, 5))
        self.assertEqual(reloads(solved.dots, np.empty(0, np.int32)), ())
