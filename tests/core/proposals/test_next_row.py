"""The next row."""

import re

from fernring.core.document.piece import Piece
from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.next_row import next_row
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import piece


class NextRowTest(FernTestCase):
    def test_after_a_line_it_is_as_large_as_after_the_dots_before_it(self) -> None:
        rows = [patterns.centre(), patterns.row("r", 4.6)]
        blank = {
            **patterns.piece("petals").blank.model_dump(mode="json"),
            "outline": {"kind": "round", "diameter": 120},
        }
        bare, lined = (
            next_row(patterns.with_rows(*rows, *more, blank=blank)) for more in ([], [patterns.line("l", 0.8)])
        )
        self.assertEqual(bare.pattern[0].diameter, lined.pattern[0].diameter)

    def test_in_a_motif_it_goes_on_round_the_same_centre(self) -> None:
        found = next_row(patterns.with_rows(*patterns.flower(), motifs=[patterns.motif(count=2)]))
        self.assertEqual((found.motif, found.count.repeats), ("flower", 1))

    def test_rows_can_be_added_until_the_blank_is_full(self) -> None:
        sample = piece(diameter=60)
        for _ in range(40):
            try:
                sample = sample.model_copy(update={"rows": (*sample.rows, next_row(sample))})
            except FitError as error:
                self.assertRegex(error.message, r"No further row fits: even dots of \{0.8\} would pass the border\. ")
                self.assert_made_room(sample, error.message)
                break
        else:
            self.fail("the blank never filled up")
        found = plan(sample)
        self.assertLess(found.totals.left, 1.5)
        self.assert_inside(found)
        self.assertFalse({"touching", "no room", "close"} & set(self.codes(found)))

    def assert_made_room(self, sample: Piece, words: str) -> None:
        """What the sentence says would make room does so."""
        narrower = re.search(r"a border narrower by \{([\d.]+)\}", words)
        self.assertTrue(narrower, words)
        assert narrower
        blank = sample.blank.model_copy(update={"border": sample.blank.border - float(narrower[1])})
        self.assertTrue(next_row(sample.model_copy(update={"blank": blank})))

    def test_the_first_row_is_the_centre(self) -> None:
        self.assertEqual(next_row(piece()).track.kind, "centre")

    def test_without_tools_it_says_so(self) -> None:
        with self.assertRaisesRegex(FitError, "no tools"):
            next_row(piece(tools=()))
