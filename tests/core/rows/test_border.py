"""How far rows reach, and what is left to the border."""

from math import inf

from fernring.core.rows.border import left_over, outermost, passed
from fernring.core.rows.halves import open_halves
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import piece, row


class BorderTest(FernTestCase):
    def test_a_ring_passes_by_its_edge(self) -> None:
        found = solve_piece(piece(row("a", 3.0, distance={"kind": "walk", "walk": 40.0}), border=3))
        self.assert_mm(passed(found.halves, found.rows[0]), 41.5 - 42)
        self.assert_mm(left_over(found.halves, found.rows), 0.5)
        self.assert_mm(outermost(found.rows), 41.5)

    def test_a_bare_blank_is_left_whole(self) -> None:
        halves = open_halves(piece(border=3))
        self.assert_mm(left_over(halves, ()), 42)
        self.assertEqual(outermost(()), 0)

    def test_a_row_without_room_passes_nothing(self) -> None:
        found = solve_piece(piece(row("a", 13.2, count={"kind": "absolute", "repeats": 24})))
        self.assertEqual(passed(found.halves, found.rows[0]), -inf)

    def test_petals_count_by_their_furthest_dot(self) -> None:
        found = solve_piece(patterns.piece("petals"))
        dots = found.rows[1].dots
        wanted = float(((dots.x**2 + dots.y**2) ** 0.5 + dots.radius).max()) - found.context.limit
        self.assert_mm(passed(found.halves, found.rows[1]), wanted, 1e-9)

    def test_of_two_halves_the_fuller_one_counts(self) -> None:
        found = solve_piece(patterns.piece("petals on a ball"))
        one = found.rows[1]
        self.assert_mm(found.left, -max(passed(found.halves, one), passed(found.halves, found.rows[0])))
        self.assertLess(passed(found.halves, one), 0)
