"""Verdicts about the border and the space inside it."""

import re

from fernring.core.advice.edges import edge_verdicts
from fernring.core.advice.verdict import Verdict
from fernring.core.document.changes import changed
from fernring.core.document.distance import AtWalk
from fernring.core.document.piece import Piece
from fernring.core.document.start import OnLines
from fernring.core.plan import plan
from fernring.core.proposals.slack import spread_slack
from fernring.core.rows.tracks.centre import CentreTrack
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import piece, row


def said(*rows: object, **more: object) -> list[Verdict]:
    return list(edge_verdicts(solve_piece(piece(*rows, **more))))


class EdgesTest(FernTestCase):
    def test_how_far_over_and_at_how_many_places(self) -> None:
        """A square of 108 mm with a ring at 52: its dots pass the border where the sides come nearest."""
        given = {**patterns.piece("petals").model_dump(mode="json")}
        given["blank"] |= {"outline": {"kind": "square", "side": 108.0}, "border": 3.0}
        four = {"kind": "absolute", "repeats": 4}
        given["rows"] = [patterns.row("a", 2.0, distance=patterns.at(51), count=four, start=patterns.LINES)]
        found = plan(patterns.read(given))
        verdict = self.verdict(found, "over the border")
        self.assertRegex(verdict.text, r"runs \{0.9995\} over the border\.$")
        given["rows"][0]["count"]["repeats"] = 8
        verdict = self.verdict(plan(patterns.read(given)), "over the border")
        self.assertRegex(verdict.text, r"over the border at 4 places\.$")
        self.assertEqual(len(verdict.dots), 4)

    def test_moving_in_ends_it_and_so_do_smaller_dots(self) -> None:
        over = plan(piece(row("a", 4.6, distance={"kind": "walk", "walk": 41.0})))
        offered = self.remedies(over, "over the border")
        self.assertEqual(len(offered), 2)
        for remedy in offered:
            again = plan(changed(over.solved.piece, remedy.changes))
            self.assertNotIn("over the border", self.codes(again), remedy.label)

    def test_space_left_is_said_from_a_twentieth_of_a_millimetre_on(self) -> None:
        for walk, codes in ((41.0, []), (40.94, ["space left"]), (40.96, [])):
            one = row("a", 2.0, distance={"kind": "walk", "walk": walk})
            self.assertEqual([v.code for v in said(one)], codes, walk)

    def test_the_figure_is_what_is_left(self) -> None:
        verdict = said(row("a", 2.0, distance={"kind": "walk", "walk": 30.0}))[0]
        found = re.search(r"\{([\d.]+)\} left", verdict.text)
        assert found
        self.assert_mm(float(found[1]), 11)

    def test_a_border_that_leaves_nothing_is_all_that_is_said(self) -> None:
        self.assertEqual([v.code for v in said(row("a", 2.0), diameter=30, border=15.0)], ["no surface"])


class SpreadOfferTest(FernTestCase):
    def offered(self, sample: Piece) -> bool:
        found = plan(sample).verdicts
        return any(idea.action == "spread slack" for verdict in found for way in verdict.ways for idea in way)

    def test_the_slack_is_spread_wherever_that_is_offered(self) -> None:
        """And not offered where a row finds no room, or no nested row can take it."""
        nested = tuple(row(f"r{k}", 2.0) for k in range(3))
        fixed = row("last", 2.0, distance=AtWalk(walk=30.0))
        impossible = row("never", 60.0)
        for rows, wanted in (
            (nested, True), ((*nested, fixed), True), ((fixed,), False), ((*nested, impossible), False),
        ):  # fmt: skip
            sample = piece(row("c", 3.0, track=CentreTrack(), start=OnLines()), *rows, diameter=90)
            with self.subTest([one.id for one in rows]):
                self.assertEqual(self.offered(sample), wanted)
                if wanted:
                    self.assertGreater(spread_slack(sample).added, 0)
