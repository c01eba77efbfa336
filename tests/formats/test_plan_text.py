"""A plan as a table of plain text."""

from fernring.core.plan import plan
from fernring.formats.plan_text import plan_text
from tests import patterns, samples
from tests.assertions import FernTestCase


class PlanTextTest(FernTestCase):
    def test_rows_with_their_numbers_then_what_is_said_and_the_sums(self) -> None:
        found = plan(samples.five_rows())
        lines = plan_text(found).splitlines()
        self.assertEqual(lines[0], "Sample")
        self.assertEqual(lines[2].split()[:5], ["row", "id", "track", "repeats", "dots"])
        self.assertEqual(lines[3].split(), ["C", "centre", "centre", "1", "1", "8.9", "0.000"])
        row = found.solved.rows[2]
        self.assertEqual(lines[5].split()[-3:-1], [f"{row.walk:.3f}", f"{row.clear:.3f}"])
        self.assertIn("note: ", lines[-2])
        self.assertEqual(lines[-1].split(",")[:2], ["5 rows", f" {len(found.dots)} dots"])
        self.assertFalse([line for line in lines if line != line.rstrip()])

    def test_trims_are_counted_and_rows_without_room_say_why(self) -> None:
        self.assertIn("trim dots", plan_text(plan(patterns.piece("petals"))))
        crowded = samples.piece(samples.row("a", 13.2, count={"kind": "absolute", "repeats": 24}))
        self.assertIn("would pass the border", plan_text(plan(crowded)))
