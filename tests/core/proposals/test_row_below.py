"""A row below another."""

from fernring.core.document.piece import Piece
from fernring.core.document.row import Row
from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.row_below import row_below
from tests.assertions import FernTestCase
from tests.samples import SIZES, centre, five_rows, piece, row


def with_below(sample: Piece, index: int, new: Row) -> Piece:
    return sample.model_copy(update={"rows": (*sample.rows[: index + 1], new, *sample.rows[index + 1 :])})


class RowBelowTest(FernTestCase):
    def test_it_stands_between_and_the_rest_moves_outward(self) -> None:
        sample = five_rows()
        before = plan(sample)
        for index in range(len(sample.rows)):
            new = row_below(sample, index)
            after = plan(with_below(sample, index, new))
            self.assertNotIn(new.id, {one.id for one in sample.rows})
            placed = after.solved.rows
            self.assertLess(placed[index].walk, placed[index + 1].walk)
            self.assertFalse({"touching", "no room", "close"} & set(self.codes(after)))
            for old, moved in zip(before.solved.rows[index + 1 :], placed[index + 2 :], strict=True):
                self.assertGreater(moved.walk, old.walk)

    def test_the_largest_size_that_leaves_the_later_rows_their_room(self) -> None:
        sample = piece(*five_rows().rows, diameter=39)
        new = row_below(sample, 2)
        self.assertNotIn("no room", self.codes(plan(with_below(sample, 2, new))))
        wanted = 1.15 * sample.rows[2].pattern[0].diameter
        larger = [size for size in SIZES if new.pattern[0].diameter < size <= wanted]
        self.assertTrue(larger)
        for diameter in larger:
            member = new.pattern[0].model_copy(update={"diameter": diameter})
            tried = plan(with_below(sample, 2, new.model_copy(update={"pattern": (member,)})))
            self.assertIn("no room", self.codes(tried))

    def test_on_a_full_blank_the_smallest_is_set_in_and_found_fault_with(self) -> None:
        sample = piece(*five_rows().rows, diameter=36.6)
        self.assertNotIn("no room", self.codes(plan(sample)))
        new = row_below(sample, 2)
        self.assertEqual(new.pattern[0].diameter, min(SIZES))
        self.assertIn("no room", self.codes(plan(with_below(sample, 2, new))))

    def test_what_it_cannot_do_it_says(self) -> None:
        with self.assertRaisesRegex(FitError, "no row at place 5"):
            row_below(five_rows(), 5)
        with self.assertRaisesRegex(FitError, "no tools"):
            row_below(five_rows().model_copy(update={"tools": ()}), 1)
        with self.assertRaisesRegex(FitError, r"No row fits below row 1: even dots of \{0.8\} find no room"):
            row_below(piece(centre(), row("a", 2.6), diameter=21), 1)
