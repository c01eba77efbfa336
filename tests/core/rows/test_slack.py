"""Which rows take up slack, and how much there is."""

from math import inf

from fernring.core.document.distance import AtWalk
from fernring.core.document.row import Row
from fernring.core.document.start import OnLines
from fernring.core.rows.sequence import solve_rows
from fernring.core.rows.slack import slack_left, slack_rows
from fernring.core.rows.tracks.centre import CentreTrack
from tests.assertions import FernTestCase
from tests.samples import piece, row


class SlackTest(FernTestCase):
    centre = row("c", 3.0, track=CentreTrack(), start=OnLines())

    def found(self, *rows: Row) -> tuple[tuple[int, ...], int | None, float]:
        sample = piece(self.centre, *rows, diameter=90, border=3.0)
        chosen, fixed = slack_rows(sample)
        return chosen, fixed, slack_left(sample, *solve_rows(sample), fixed)

    def test_nested_rows_after_the_last_fixed_one_up_to_the_border(self) -> None:
        chosen, fixed, left = self.found(row("a", 2.0, distance=AtWalk(walk=10.0)), row("b", 2.0), row("d", 2.0))
        self.assertEqual((chosen, fixed), ((2, 3), None))
        sample = piece(
            self.centre,
            row("a", 2.0, distance=AtWalk(walk=10.0)),
            row("b", 2.0),
            row("d", 2.0),
            diameter=90,
            border=3.0,
        )
        last = solve_rows(sample)[1][-1]
        self.assert_mm(left, 42.0 - last.walk - 1.0, 1e-9)

    def test_nested_rows_before_it_up_to_its_inner_edge(self) -> None:
        chosen, fixed, left = self.found(row("a", 2.0), row("b", 2.0), row("d", 4.0, distance=AtWalk(walk=30.0)))
        self.assertEqual((chosen, fixed), ((1, 2), 3))
        sample = piece(self.centre, row("a", 2.0), row("b", 2.0), diameter=90)
        outer = solve_rows(sample)[1][-1].walk + 1.0
        self.assert_mm(left, 30.0 - 2.0 - sample.safe_gap - outer, 1e-9)

    def test_without_any_and_without_room(self) -> None:
        self.assertEqual(self.found(row("a", 2.0, distance=AtWalk(walk=10.0)))[0], ())
        self.assertEqual(self.found(row("a", 2.0), row("b", 60.0))[2], -inf)
