"""Verdicts: found where they should be, silent where not, and put right by their remedies."""

from typing import Any

from fernring.core.document.changes import changed
from fernring.core.document.count import Absolute, PerSegment
from fernring.core.document.distance import AtWalk, Nested
from fernring.core.document.piece import Accepted, Piece
from fernring.core.document.shelf import Paint
from fernring.core.plan import plan
from fernring.core.words.lengths import plain
from tests import samples
from tests.assertions import FernTestCase
from tests.samples import centre, paint, piece, row


def at(walk: float) -> AtWalk:
    return AtWalk(walk=walk)


class VerdictsTest(FernTestCase):
    def assert_remedies_work(self, sample: Piece, code: str, **wanted: Any) -> None:
        """Every remedy with changes takes the verdict away."""
        found = plan(sample)
        verdict = self.verdict(found, code)
        remedies = [remedy for remedy in self.remedies(found, code) if remedy.changes]
        self.assertGreaterEqual(len(remedies), wanted.get("at_least", 1))
        for remedy in remedies:
            after = plan(changed(sample, remedy.changes))
            self.assertNotIn(verdict.key, [v.key for v in after.verdicts], remedy.label)

    def test_a_sound_piece_has_only_space_left(self) -> None:
        self.assertEqual(self.codes(plan(samples.five_rows())), ["space left"])

    def test_rows_that_overlap(self) -> None:
        sample = piece(centre(), row("a", 4.6, distance=at(15)), row("b", 4.6, distance=at(16)))
        verdict = self.verdict(plan(sample), "touching")
        self.assertEqual((verdict.severity, verdict.rows, len(verdict.dots)), ("serious", (1, 2), 24))
        self.assertRegex(plain(verdict.text), r"Row 2 and row 1: dots overlap by 0\.\d\d mm at 24 places")
        self.assert_remedies_work(sample, "touching", at_least=2)

    def test_rows_closer_than_the_safe_gap(self) -> None:
        sample = piece(row("a", 3.0, distance=at(15)), row("b", 3.0, distance=at(18.2), start={"kind": "on lines"}))
        verdict = self.verdict(plan(sample), "close")
        self.assertIn("only {0.2} apart where {0.3} is wanted", verdict.text)
        self.assert_remedies_work(sample, "close")

    def test_a_stated_gap_of_zero_is_meant(self) -> None:
        touching = plan(piece(centre(), row("a", 3.0, gap=0.0), row("b", 3.0, gap=0.0)))
        self.assertNotIn("close", self.codes(touching))
        self.assertNotIn("touching", self.codes(touching))

    def test_a_row_that_does_not_close(self) -> None:
        sample = piece(row("a", 4.6, distance=at(10), count=PerSegment(repeats=2)))
        verdict = self.verdict(plan(sample), "does not close")
        self.assertEqual(verdict.severity, "serious")
        self.assert_remedies_work(sample, "does not close", at_least=3)

    def test_neighbours_too_close_within_a_row(self) -> None:
        sample = piece(row("a", 5.0, distance=at(10)))
        self.assertIn("Row 1: neighbouring dots", self.verdict(plan(sample), "close").text)
        self.assert_remedies_work(sample, "close", at_least=2)

    def test_over_the_border_and_off_the_blank(self) -> None:
        over = piece(row("a", 4.6, distance=at(41)))
        self.assertIn("runs {1.3} over the border", self.verdict(plan(over), "over the border").text)
        self.assert_remedies_work(over, "over the border", at_least=2)
        off = piece(row("a", 4.6, distance=at(44)))
        self.assertEqual(self.verdict(plan(off), "off the blank").severity, "serious")
        self.assert_remedies_work(off, "off the blank")

    def test_exactly_at_the_border_is_inside(self) -> None:
        exact = plan(piece(row("a", 4.6, distance=at(39.7), count=PerSegment(repeats=2))))
        self.assertEqual(self.codes(exact), [])

    def test_no_room(self) -> None:
        sample = piece(row("a", 3.0, distance=at(38), count=PerSegment(repeats=2)), row("b", 6.8))
        verdict = self.verdict(plan(sample), "no room")
        self.assertEqual((verdict.severity, verdict.rows), ("serious", (1,)))
        self.assert_remedies_work(sample, "no room", at_least=2)

    def test_counts_that_break_the_symmetry(self) -> None:
        sample = piece(row("a", 2.0, distance=at(20), count=Absolute(repeats=13)))
        self.assertIn("13 repeats are neither a multiple", self.verdict(plan(sample), "breaks symmetry").text)
        self.assert_remedies_work(sample, "breaks symmetry", at_least=2)

    def test_a_rule_that_does_not_come_out_even_says_so(self) -> None:
        every_other = row("a", 2.0, distance=at(20), count=PerSegment(repeats=1, segments=2))
        verdict = self.verdict(plan(piece(every_other, segments=7)), "breaks symmetry")
        self.assertIn(
            "1 for every 2 segments does not come out even with 7 segments, and was rounded to 4", verdict.text
        )

    def test_divisors_and_multiples_keep_it(self) -> None:
        for n in (1, 2, 3, 4, 6, 12, 24, 36):
            sample = piece(row("a", 0.8, distance=at(30), count=Absolute(repeats=n)))
            self.assertNotIn("breaks symmetry", self.codes(plan(sample)))

    def test_no_tool_for_a_free_size(self) -> None:
        sample = piece(row("a", 2.2, distance=at(20)))
        offered = self.remedies(plan(sample), "no tool")
        self.assertEqual([remedy.label for remedy in offered], ["Use {2} (Tool 2)", "Use {2.5} (Tool 2.5)"])
        self.assert_remedies_work(sample, "no tool", at_least=2)

    def test_a_size_the_named_tool_was_not_measured_at(self) -> None:
        pattern = ({"id": "m", "diameter": 3.0, "tool": "t-4"},)
        sample = piece(row("a", 2.0, distance=at(20), pattern=pattern))
        self.assertIn("Tool 2 was not measured at {3}", self.verdict(plan(sample), "no tool").text)

    def test_a_size_within_a_twentieth_is_near_enough(self) -> None:
        self.assertNotIn("no tool", self.codes(plan(piece(row("a", 2.04, distance=at(20))))))

    def test_lost_on_the_base(self) -> None:
        paints = (samples.PALE, Paint(id="dusk", name="Dusk", colour="#171b1f"))
        sample = piece(row("a", 2.0, distance=at(20), shades=(paint("dusk"),)), paints=paints)
        self.assertIn("Dusk is hard to tell from the base, Dark", self.verdict(plan(sample), "lost on base").text)
        self.assert_remedies_work(sample, "lost on base")

    def test_neighbouring_rows_too_alike(self) -> None:
        paints = (samples.PALE, Paint(id="cream", name="Cream", colour="#f6f2e9"), samples.RED)
        rows = (row("a", 2.0, distance=at(20)), row("b", 2.0, distance=at(24), shades=(paint("cream"),)))
        sample = piece(*rows, paints=paints)
        self.assertIn(
            "Row 1 in Pale and row 2 in Cream are hard to tell apart", self.verdict(plan(sample), "shades alike").text
        )
        self.assert_remedies_work(sample, "shades alike")

    def test_the_same_shade_twice_is_meant(self) -> None:
        rows = (row("a", 2.0, distance=at(20)), row("b", 2.0, distance=at(24)))
        self.assertNotIn("shades alike", self.codes(plan(piece(*rows))))

    def test_steps_of_one_ramp_may_lie_close(self) -> None:
        self.assertNotIn("shades alike", self.codes(plan(samples.ramped())))

    def test_a_row_stopped_from_slipping_says_so(self) -> None:
        rows = (row("a", 1.0, distance=at(20), start={"kind": "on lines"}), row("b", 0.8))
        self.assertEqual(self.verdict(plan(piece(*rows)), "slips inside").severity, "note")

    def test_an_empty_piece_says_what_to_do(self) -> None:
        self.assertEqual(self.remedies(plan(piece()), "empty")[0].action, "add row")

    def test_space_left_offers_to_spread_it_only_where_a_row_is_nested(self) -> None:
        labels = [remedy.label for remedy in self.remedies(plan(samples.five_rows()), "space left")]
        self.assertEqual(labels, ["Spread the slack", "Add a row"])
        fixed = plan(piece(row("a", 2.0, distance=at(20))))
        self.assertEqual([r.label for r in self.remedies(fixed, "space left")], ["Add a row"])

    def test_accepted_verdicts_stay_with_their_reason_and_stand_last(self) -> None:
        sample = piece(centre(), row("a", 4.6, distance=at(15)), row("b", 4.6, distance=at(16)))
        key = self.verdict(plan(sample), "touching").key
        accepted = sample.model_copy(update={"accepted": (Accepted(key=key, reason="meant so"),)})
        last = plan(accepted).verdicts[-1]
        self.assertEqual((last.key, last.accepted), (key, "meant so"))

    def test_the_gap_of_a_nested_row_counts_to_all_before_it(self) -> None:
        rows = (row("a", 3.0, distance=at(15)), row("b", 3.0, distance=Nested(), gap=2.0))
        self.assertNotIn("close", self.codes(plan(piece(*rows))))
