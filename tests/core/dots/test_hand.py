"""The order of the hand."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.dots.hand import hand_order, hand_ranks
from fernring.core.plan import plan
from tests import samples
from tests.assertions import FernTestCase


class HandTest(FernTestCase):
    def test_quarters_first_then_eighths(self) -> None:
        """Common practice, no source: the four quarter points, then the eighths, opposite ones in succession."""
        self.assertEqual(set(hand_order(8)[:4]), {0, 2, 4, 6})
        self.assertEqual(hand_order(8), (0, 4, 2, 6, 1, 5, 3, 7))
        self.assertEqual(set(hand_order(16)[:8]), set(range(0, 16, 2)))

    def test_thirds_halves_and_primes(self) -> None:
        self.assertEqual(set(hand_order(9)[:3]), {0, 3, 6})
        self.assertEqual(hand_order(6)[:3], (0, 4, 2))
        self.assertEqual(hand_order(10)[:2], (0, 5))
        self.assertEqual(hand_order(7)[0], 0)
        self.assertEqual(hand_order(1), (0,))

    @given(st.integers(1, 500))
    def test_every_place_once(self, n: int) -> None:
        self.assertEqual(sorted(hand_order(n)), list(range(n)))

    def test_groups_one_after_the_other(self) -> None:
        ranks = hand_ranks(np.array([0, 1, 0, 1, 0, 1, 0, 1]))
        self.assertEqual(sorted(ranks[::2].tolist()), [0, 1, 2, 3])
        self.assertEqual(sorted(ranks[1::2].tolist()), [4, 5, 6, 7])

    def test_in_a_row_the_largest_dots_come_first(self) -> None:
        solved = plan(samples.piece(samples.row("a", 1.5, 4.6, distance={"kind": "walk", "walk": 25}))).solved
        first_half = solved.dots.hand < 12
        self.assertTrue((solved.dots.radius[first_half] == 2.3).all())

    def test_ranks_are_a_permutation_in_every_row(self) -> None:
        solved = plan(samples.five_rows()).solved
        for index in range(len(solved.rows)):
            own = solved.dots.hand[solved.dots.row == index]
            self.assertEqual(sorted(own.tolist()), list(range(len(own))))
