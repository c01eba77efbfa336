"""Dots that touch or lie too close: what is said, and whether the remedies help."""

import re

from fernring.core.advice.touching import touching_verdicts
from fernring.core.document.changes import changed
from fernring.core.plan import Plan, plan
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


def at(walk: float) -> dict[str, object]:
    return {"kind": "walk", "walk": walk}


class TouchingTest(FernTestCase):
    def figures(self, text: str) -> list[float]:
        return [float(found) for found in re.findall(r"\{([\d.]+)\}", text)]

    def helped(self, found: Plan, code: str) -> None:
        offered = self.remedies(found, code)
        self.assertTrue(offered)
        for remedy in offered:
            again = plan(changed(found.solved.piece, remedy.changes))
            self.assertNotIn(code, self.codes(again), remedy.label)

    def test_the_worst_overlap_and_the_number_of_places(self) -> None:
        """Twelve dots of 4 mm at 20 mm and twelve of 3 at 22, all on the lines: each two overlap by 3.5 - 2 mm."""
        lines = {"start": {"kind": "on lines"}}
        found = plan(piece(row("a", 4.0, distance=at(20.0), **lines), row("b", 3.0, distance=at(22.0), **lines)))
        verdict = self.verdict(found, "touching")
        self.assertEqual(self.figures(verdict.text), [1.5])
        self.assertIn("at 12 places", verdict.text)
        self.assertEqual((verdict.severity, verdict.rows, len(verdict.dots)), ("serious", (0, 1), 24))
        self.helped(found, "touching")

    def test_too_close_but_not_touching(self) -> None:
        """A centre of 8.9 and a ring of 2 mm dots at 5.6: 5.6 - 4.45 - 1 = 0.15 mm between them."""
        three = row("a", 2.0, distance=at(5.6), count={"kind": "absolute", "repeats": 3})
        found = plan(piece(centre(8.9), three, segments=3, safe_gap=0.3))
        verdict = self.verdict(found, "close")
        self.assertEqual(self.figures(verdict.text), [0.15, 0.3])
        self.assertEqual(verdict.severity, "warning")
        self.helped(found, "close")

    def test_a_ring_that_does_not_close_can_take_fewer_smaller_or_go_out(self) -> None:
        found = plan(piece(row("a", 8.9, distance=at(12.0))))
        labels = [remedy.label for remedy in self.remedies(found, "does not close")]
        self.assertEqual(labels[0], "Set 6 repeats")
        self.assertIn("Move it out until it closes", labels)
        self.helped(found, "does not close")

    def test_swipes_and_petals_are_told_apart(self) -> None:
        swipe = {"kind": "swipe", "id": "s", "to": {"kind": "length", "mm": 12.0}}
        one = row("a", 3.0, distance=at(20.0), start={"kind": "on lines"}, trims=(swipe,))
        found = plan(piece(one, row("b", 3.0, distance=at(29.0), start={"kind": "on lines"}), segments=6))
        verdict = self.verdict(found, "swipe without room")
        self.assertIn("swipes and dots", verdict.text)
        self.helped(found, "swipe without room")

    def test_one_verdict_for_each_pair_of_rows(self) -> None:
        rows = [row(f"r{k}", 4.6, distance=at(20.0 + k), start={"kind": "on lines"}) for k in range(3)]
        found = list(touching_verdicts(solve_piece(piece(*rows))))
        self.assertEqual([verdict.rows for verdict in found], [(0, 1), (0, 2), (1, 2)])
