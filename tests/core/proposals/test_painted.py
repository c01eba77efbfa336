"""What was begun or found, as changes of the document."""

from fernring.core.document.changes import changed
from fernring.core.document.painted import Found
from fernring.core.errors import FitError
from fernring.core.proposals.painted import begun, found, require_unpainted
from tests import samples
from tests.assertions import FernTestCase


class PaintedTest(FernTestCase):
    def test_each_row_that_is_begun_is_one_change_of_that_row(self) -> None:
        piece = samples.five_rows()
        wanted = {piece.rows[k].id: [] for k in (1, 3)}
        changes = begun(piece, wanted)
        self.assertEqual([one.path for one in changes], [("rows", 1), ("rows", 3)])
        after = changed(piece, changes)
        self.assertEqual([row.painted is not None for row in after.rows], [False, True, False, True, False])
        for k in (1, 3):
            with self.assertRaisesRegex(FitError, "stays as it is"):
                require_unpainted(after, k)
        require_unpainted(after, 0)

    def test_what_is_found_changes_the_record_alone(self) -> None:
        piece = samples.five_rows()
        after = changed(piece, begun(piece, {piece.rows[1].id: []}))
        (one,) = found(after, 1, [0, 2], Found(diameter=2.7))
        self.assertEqual(one.path, ("rows", 1, "painted"))
        self.assertEqual(one.value["parts"][0]["measured"], [0, 2])
