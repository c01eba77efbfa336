"""Spreading the slack."""

from fernring.core.document.distance import AtWalk
from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.slack import spread_slack
from tests import samples
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


class SlackTest(FernTestCase):
    def test_the_last_edge_meets_the_border(self) -> None:
        spread = spread_slack(samples.five_rows())
        self.assertGreater(spread.added, 0)
        self.assert_mm(plan(spread.piece).totals.left, 0, 1e-6)
        self.assertEqual(self.codes(plan(spread.piece)), [])

    def test_every_nested_gap_grows_alike(self) -> None:
        sample = samples.five_rows()
        spread = spread_slack(sample)
        for before, after in zip(sample.rows[1:], spread.piece.rows[1:], strict=True):
            self.assert_mm(after.gap - before.gap, spread.added)
        self.assertEqual(spread.piece.rows[0], sample.rows[0])

    def test_inside_a_fixed_last_row_the_rows_spread_up_to_it(self) -> None:
        rows = (centre(), row("a", 2.0), row("b", 3.0), row("edge", 3.0, distance=AtWalk(walk=38)))
        spread = spread_slack(piece(*rows))
        solved = plan(spread.piece).solved.rows
        self.assert_mm(solved[3].inner - solved[2].outer, spread.piece.safe_gap, 1e-6)

    def test_what_a_gap_may_not_exceed_is_stated_as_left(self) -> None:
        spread = spread_slack(piece(row("a", 1.0), diameter=300))
        self.assertGreater(spread.left, 50)
        self.assertLessEqual(spread.piece.rows[0].gap, 20)

    def test_refusals_say_why(self) -> None:
        with self.assertRaisesRegex(FitError, "no nested row"):
            spread_slack(piece(row("a", 2.0, distance=AtWalk(walk=20))))
        with self.assertRaisesRegex(FitError, "a row finds no room as it is"):
            spread_slack(piece(row("a", 13.2), row("b", 13.2), diameter=60))
        with self.assertRaisesRegex(FitError, "no slack"):
            spread_slack(piece(row("f", 4.6, distance=AtWalk(walk=42)), row("a", 2.0), diameter=90))
