"""Documents at their bounds end in a plan or in a sentence, within limits of time and memory."""

import subprocess
import sys

from fernring.core.document.reading import read_piece
from fernring.core.dots.grid import MOST_PAIRS
from fernring.core.errors import PlanError, SpentError
from fernring.core.plan import plan
from tests import worst
from tests.assertions import FernTestCase
from tests.server import ROOT

SEED, COUNT = 101, 6


class BoundsTest(FernTestCase):
    def test_drawn_at_the_bounds(self) -> None:
        command = [sys.executable, "-m", "tests.worst", str(SEED), str(COUNT)]
        done = subprocess.run(command, cwd=ROOT, capture_output=True, text=True)
        self.assertEqual(done.returncode, 0, done.stdout + done.stderr)
        self.assertEqual(done.stdout.count("in all:"), COUNT)

    def refused(self, name: str, words: str, field: str) -> None:
        with self.assertRaisesRegex(PlanError, words) as caught:
            plan(read_piece(worst.WORST[name]()))
        self.assertEqual(caught.exception.field, field)

    def test_more_dots_and_more_swipes_than_a_piece_holds_are_refused_while_they_grow(self) -> None:
        self.refused("walks on walks on walks", "at most 60000 dots", "rows.0")
        self.refused("a ring of 2,000 with swipes to contact", "at most 12000 swipes", "rows.0")
        self.refused("14,000 strokes", "at most 12000 swipes and small shapes", "rows.6.count")

    def test_the_row_that_asks_too_much_is_named_with_what_to_do(self) -> None:
        self.refused("gaps over 20 rings of 2,000", "Row 21 asks for more calculation.*Use fewer dots", "rows.20")
        with self.assertRaisesRegex(SpentError, "This piece asks for more calculation"):
            plan(read_piece(worst.WORST["200 mirrored arcs"]()))

    def test_more_touching_pairs_than_anybody_reads_are_counted_to_a_bound(self) -> None:
        found = plan(read_piece(worst.WORST["30 rings of 2,000 dots of 60 mm at one distance"]()))
        told = [verdict for verdict in found.verdicts if verdict.code in ("touching", "does not close")]
        self.assertTrue(told)
        self.assertIn("or more places", told[0].text)
        self.assertLess(sum(len(verdict.dots) for verdict in told), MOST_PAIRS)
