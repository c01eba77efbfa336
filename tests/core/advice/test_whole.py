"""Verdicts on the piece as a whole."""

from math import pi

import numpy as np

from fernring.core.advice.whole import base_share
from fernring.core.document.changes import changed
from fernring.core.plan import plan
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


def at(walk: float) -> dict[str, object]:
    return {"kind": "walk", "walk": walk}


class WholeTest(FernTestCase):
    def test_the_share_of_the_base_in_closed_form(self) -> None:
        """Twelve dots of 4 mm inside a border of 42 mm: 1 - 12 * 4 / 42²."""
        found = solve_piece(piece(row("a", 4.0, distance=at(30.0)), border=3))
        self.assertAlmostEqual(base_share(found), 1 - 12 * 4 / 42**2, places=4)

    def test_on_a_ball_only_what_faces_counts_and_as_much_as_it_is_seen(self) -> None:
        found = solve_piece(patterns.piece("petals on a ball"))
        dots = found.dots
        assert found.normal is not None
        front = (dots.z >= -1e-6) & (dots.level == 1)
        painted = float((pi * dots.radius[front] ** 2 * np.abs(found.normal[front, 2])).sum())
        inside = 1 - painted / (pi * found.ground.outline.max() ** 2)
        self.assertLess(abs(base_share(found) - inside), 0.03)

    def test_base_shows_when_more_than_chosen(self) -> None:
        for most, wanted in ((80.0, True), (99.9, False), (None, False)):
            found = plan(piece(row("a", 4.0, distance=at(30.0)), most_base=most))
            self.assertEqual("base shows" in self.codes(found), wanted, most)

    def test_a_bare_ring_is_three_gaps_wide_at_least_and_can_be_meant(self) -> None:
        for walk, wanted in ((24.0, False), (26.4, False), (26.6, True)):
            rows = (row("a", 2.0, distance=at(23.0)), row("b", 2.0, distance=at(walk)))
            self.assertEqual("bare ring" in self.codes(plan(piece(*rows))), wanted, walk)
        band = {"id": "b", "area": {"kind": "band", "inner": 26.0, "outer": 33.0}}
        rows = (row("a", 2.0, distance=at(23.0)), row("b", 2.0, distance=at(36.0)))
        self.assertNotIn("bare ring", self.codes(plan(piece(*rows, bare=(band,)))))
        found = plan(piece(*rows))
        remedy = self.remedies(found, "bare ring")[0]
        self.assertNotIn("bare ring", self.codes(plan(changed(found.solved.piece, remedy.changes))))

    def test_a_bare_area_across_the_border(self) -> None:
        for x, said in ((20.0, False), (40.0, True)):
            disc = {"id": "m", "name": "Moon", "area": {"kind": "disc", "x": x, "y": 0.0, "diameter": 10.0}}
            found = plan(piece(centre(), bare=(disc,), border=3))
            self.assertEqual("bare area cut" in self.codes(found), said)
            if said:
                text = self.verdict(found, "bare area cut").text
                self.assertIn("Moon is cut by the border: it reaches {3} past it", text)
        ends = {"id": "e", "name": "Corners", "area": {"kind": "ends", "beyond": 80.0}}
        square = piece(centre(), bare=(ends,), border=3).model_dump(mode="json")
        square["blank"]["outline"] = {"kind": "square", "side": 80.0}
        self.assertNotIn("bare area cut", self.codes(plan(patterns.read(square))))

    def test_segments_that_differ_say_by_how_much(self) -> None:
        disc = {"id": "m", "area": {"kind": "disc", "x": 26.0, "y": 0.0, "diameter": 8.0}}
        two = {"kind": "per_segment", "repeats": 2}
        one = row("a", 2.0, count=two, distance=at(26.0), start={"kind": "angle", "degrees": 7.5})
        found = plan(piece(one, bare=(disc,)))
        verdict = self.verdict(found, "segments differ")
        row_one = found.solved.rows[0]
        self.assertRegex(verdict.text, rf"has between \d and 2 dots in a segment; {row_one.left_out} were left out")
