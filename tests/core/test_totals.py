"""Sums over a plan."""

from fernring.core.plan import plan
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import centre, five_rows, paint, piece, row


class TotalsTest(FernTestCase):
    def test_dots_by_size_and_shade(self) -> None:
        turns = (paint("red"), paint("amber"))
        found = plan(piece(centre(8.9), row("a", 2.0, shades=turns), row("b", 2.0, 3.0))).totals
        self.assertEqual(found.sizes, ((8.9, 1), (3.0, 12), (2.0, 24)))
        self.assertEqual((found.dots, found.rows), (37, 3))
        self.assertEqual(sum(found.shades), 37)
        self.assertEqual(found.shades, (7, 6, 24))

    def test_symmetry_is_that_which_all_rings_share(self) -> None:
        self.assertEqual(plan(five_rows()).totals.symmetry, 12)
        quarters = {"kind": "absolute", "repeats": 18}
        self.assertEqual(plan(piece(row("a", 2.0), row("b", 1.0, count=quarters))).totals.symmetry, 6)
        self.assertEqual(plan(piece(centre())).totals.symmetry, 1)

    def test_swipes_are_marks_with_an_area_and_their_heads_dots(self) -> None:
        found = plan(patterns.piece("teardrops"))
        self.assertEqual(found.totals.marks, 12)
        self.assertAlmostEqual(found.totals.swept, 12 * found.solved.marked[0].mark.area)

    def test_places_of_small_shapes_are_no_dots(self) -> None:
        found = plan(patterns.piece("small shapes"))
        self.assertEqual(found.totals.dots, 1)
        self.assertEqual(found.totals.marks, 24 + 12 + 24)
