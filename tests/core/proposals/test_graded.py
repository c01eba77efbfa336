"""A ramp over the rows."""

from fernring.core.document.changes import changed
from fernring.core.document.piece import Piece
from fernring.core.errors import FitError
from fernring.core.proposals.graded import followed, graded
from fernring.core.proposals.painted import begun
from tests.assertions import FernTestCase
from tests.core.harmony.cases import painted, said
from tests.core.paint.test_amounts import ring

PAINTS = {"pale": "#f4efdc", "deep": "#1f5f8a", "ink": "#14181e"}
RAMP = {"id": "r", "name": "Run", "stops": ["pale", "deep"], "steps": 5}


class GradedTest(FernTestCase):
    def steps(self, piece: Piece) -> list[int | str]:
        return [getattr(row.shades[0], "step", "-") for row in piece.rows]

    def test_a_step_for_each_row_from_the_centre_or_from_the_edge(self) -> None:
        piece = painted(*["ink"] * 4, paints=PAINTS, ramps=[RAMP])
        found = graded(piece, "r")
        self.assertEqual((self.steps(found), found.ramps[0].steps), ([1, 2, 3, 4], 4))
        self.assertEqual(self.steps(graded(piece, "r", back=True)), [4, 3, 2, 1])

    def test_after_a_row_is_added_the_steps_follow(self) -> None:
        piece = graded(painted(*["ink"] * 3, paints=PAINTS, ramps=[RAMP]), "r")
        shade = piece.rows[2].shades
        more = piece.model_copy(update={"rows": (*piece.rows, piece.rows[2].model_copy(
            update={"id": "new", "shades": shade, "distance": piece.rows[2].distance.model_copy(update={"walk": 40.0})}
        ))})  # fmt: skip
        found = graded(more, "r")
        self.assertEqual((self.steps(found), found.ramps[0].steps), ([1, 2, 3, 4], 4))

    def test_a_new_row_joins_the_ramp_it_follows(self) -> None:
        for back, steps in ((False, [1, 2, 3, 4]), (True, [4, 3, 2, 1])):
            before = graded(painted(*["ink"] * 3, paints=PAINTS, ramps=[RAMP]), "r", back=back)
            row = before.rows[2].model_copy(
                update={"id": "new", "distance": before.rows[2].distance.model_copy(update={"walk": 40.0})}
            )
            other = row.model_copy(update={"shades": painted("ink", paints=PAINTS).rows[0].shades})
            found = followed(before, before.model_copy(update={"rows": (*before.rows, other)}))
            self.assertEqual((self.steps(found), found.ramps[0].steps), (steps, 4))

    def test_nothing_follows_where_no_ramp_was_laid(self) -> None:
        mixed = painted(("r", 1), "ink", ("r", 5), paints=PAINTS, ramps=[RAMP])
        row = mixed.rows[1].model_copy(update={"id": "new"})
        after = mixed.model_copy(update={"rows": (*mixed.rows, row)})
        self.assertIs(followed(mixed, after), after, "its steps lie otherwise")
        laid = graded(painted("ink", "ink", "ink", paints=PAINTS, ramps=[RAMP]), "r")
        first = laid.rows[0].model_copy(update={"id": "new"})
        before_all = laid.model_copy(update={"rows": (first, *laid.rows)})
        self.assertIs(followed(laid, before_all), before_all, "it follows no row of the ramp")
        plain = painted("ink", paints=PAINTS)
        self.assertIs(followed(plain, plain), plain)

    def test_only_rows_that_are_in_it(self) -> None:
        piece = painted("ink", ("r", 5), "ink", ("r", 5), paints=PAINTS, ramps=[RAMP])
        self.assertEqual(self.steps(graded(piece, "r")), ["-", 1, "-", 2])

    def test_by_how_far_out_they_lie(self) -> None:
        rows = [ring(said("ink"), walk, id=f"w{k}") for k, walk in enumerate((10.0, 12.5, 40.0))]
        found = graded(painted(*rows, paints=PAINTS, ramps=[RAMP]), "r", by="distance")
        self.assertEqual((self.steps(found), found.ramps[0].steps), ([1, 1, 5], 5))

    def test_refusals(self) -> None:
        piece = painted("ink", ("r", 1), paints=PAINTS, ramps=[RAMP])
        for ident, words in (("x", "no such ramp"), ("r", "two rows at least")):
            with self.assertRaisesRegex(FitError, words):
                graded(piece, ident)
        done = changed(piece, begun(piece, {"r2": ()}))
        with self.assertRaisesRegex(FitError, "on the piece already"):
            graded(done, "r")
