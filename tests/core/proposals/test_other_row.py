"""A row of another kind to add."""

import numpy as np

from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.other_row import other_row
from fernring.core.rows.counts import repeats
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import centre


class OtherRowTest(FernTestCase):
    def test_fans_suit_the_blank_and_bring_no_serious_finding(self) -> None:
        for blank, where in ((patterns.OVAL, "ends"), (patterns.SQUARE, "corners"), ({}, "between")):
            given = {**patterns.piece("petals").model_dump(mode="json")}
            sample = patterns.read({**given, "blank": {**given["blank"], **blank}})
            made = other_row(sample, "fan")
            self.assertEqual(made.track.at, where)  # type: ignore[attr-defined]
            found = plan(sample.model_copy(update={"rows": (*sample.rows, made)}))
            self.assertNotIn("serious", [verdict.severity for verdict in found.verdicts])
            self.assertGreaterEqual(found.solved.rows[-1].n, 3 * found.solved.rows[-1].repeats)

    def test_a_line_in_the_finest_point_and_ticks_by_halving(self) -> None:
        sample = patterns.with_rows(centre(), patterns.row("r", 3.5))
        for kind in ("drawn", "ticks"):
            found = plan(sample.model_copy(update={"rows": (*sample.rows, other_row(sample, kind))}))
            self.assertEqual([v.code for v in found.verdicts if v.severity != "note"], [])
        line, ticks = (other_row(sample, kind).pattern for kind in ("drawn", "ticks"))
        self.assertEqual([(one.form, one.diameter) for one in line], [("line", 0.8)])
        self.assertEqual([one.length for one in ticks], [4.0, 1.6, 2.4, 1.6])
        long = found.solved.rows[-1].own_dots.out_rad[::4]
        np.testing.assert_allclose(np.degrees(long) % 360, np.arange(12) * 30.0, atol=1e-9)

    def test_after_rows_of_a_motif_it_counts_in_the_segments_of_the_piece(self) -> None:
        sample = patterns.with_rows(centre(), *patterns.flower(), motifs=[patterns.motif()])
        made = other_row(sample, "ring")
        self.assertEqual((made.motif, repeats(made.count, sample.segments)), (None, sample.segments))

    def test_refusals_say_why(self) -> None:
        sample = patterns.with_rows(centre(50.0))
        for kind, words in (("centre", "No row begins"), ("path", "No row begins"), ("gaps", "there are no gaps")):
            with self.assertRaisesRegex(FitError, words):
                other_row(sample, kind)
