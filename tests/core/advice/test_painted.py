"""Rows that would be planned otherwise today."""

from fernring.core.document.changes import change, changed
from fernring.core.plan import plan
from fernring.core.proposals.painted import begun
from tests import samples
from tests.assertions import FernTestCase


class PaintedTest(FernTestCase):
    def test_a_row_planned_otherwise_today_is_kept_and_said(self) -> None:
        piece = samples.five_rows()
        piece = changed(piece, begun(piece, {row.id: [] for row in piece.rows}))
        self.assertNotIn("planned otherwise", self.codes(plan(piece)))
        earlier = changed(piece, [change("rows", 2, "painted", "rules", 999), change("rows", 2, "gap", 2.5)])
        said = self.verdict(plan(earlier), "planned otherwise")
        self.assertEqual(said.rows, (2,))
        self.assertRegex(said.text, r"kept as it was painted.*up to \{")
        same = changed(piece, [change("rows", 2, "painted", "rules", 999)])
        self.assertNotIn("planned otherwise", self.codes(plan(same)))
