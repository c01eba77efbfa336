"""Lines drawn before painting."""

from typing import Any

import numpy as np

from fernring.core.geometry.outline.shapes import oval
from fernring.core.ground.ground import ground
from fernring.core.guides.lines import guide_lines, net
from fernring.core.plan import plan
from fernring.core.regions.ends import ends
from fernring.core.solved import solve_piece
from tests import samples
from tests.assertions import FernTestCase
from tests.blanks import bare


class GuideTest(FernTestCase):
    def lines(self, name: str, **guides: Any) -> dict[str, list[Any]]:
        piece = bare(name, rows=(samples.row("r", 3.0, distance={"kind": "walk", "walk": 30}),), guides=guides)
        solved = solve_piece(piece)
        found: dict[str, list[Any]] = {}
        for line in guide_lines(net(piece, solved.rows)):
            found.setdefault(line.what, []).append(line)
        return found

    def test_circles_in_steps_and_at_rows(self) -> None:
        """Common practice, no source: the first at 20 mm, then every 10 mm."""
        found = self.lines("dome", spokes="none", steps={"first": 20, "step": 10}, at_rows=["r"])
        self.assertEqual([line.label for line in found["circle"]], ["{20}", "{30}", "{40}", "{30.00}"])

    def test_midlines_and_diagonals_make_eight_spokes_on_a_square(self) -> None:
        """Common practice, no source."""
        found = self.lines("square", spokes="none", midlines=True, diagonals=True)
        ends = [tuple(np.sign(np.round(end[:2], 6))) for kind in found.values() for line in kind for end in line.points]
        self.assertEqual(len(set(ends) - {(0.0, 0.0)}), 8)

    def test_a_circle_in_an_oval_leaves_two_ends(self) -> None:
        """Common practice, no source: a circle of 82.5 mm on an oval of 140 x 90 mm; slivers beside it are no ends."""
        clear = ground(bare("oval").blank).clear
        two = ends(clear, 41.25)
        self.assertEqual(len(two), 2)
        self.assertLess(abs(float(two[0].edge()[:, 0].mean() + two[1].edge()[:, 0].mean())), 1e-3)
        both = sum(part.area for part in two)
        self.assertLess(abs(both - (np.pi * 67 * 42 - np.pi * 41.25**2)), 0.05 * both)
        self.assertEqual(len(ends((oval(139.7, 88.9),), 82.55 / 2)), 2)
        self.assertEqual(ends(clear, 20), [])

    def test_circles_are_cut_where_the_blank_ends(self) -> None:
        found = self.lines("square", spokes="none", circles=[{"id": "c", "walk": 60}])
        self.assertEqual(len(found["circle"]), 4)
        self.assertFalse(any(line.closed for line in found["circle"]))

    def test_the_ends_of_an_oval_beyond_its_circle(self) -> None:
        found = self.lines("narrow oval", spokes="none", boundary=82.55)
        self.assertEqual((len(found["boundary"]), len(found["end"])), (1, 2))
        self.assert_mm(found["boundary"][0].curve.length, np.pi * 82.55, 0.01)

    def test_edges_divided_and_the_rim_ticked_by_halving(self) -> None:
        self.assertEqual(len(self.lines("polygon", edge_parts=5)["edge mark"]), 6 * 6)
        self.assertEqual(len(self.lines("plate", rim_ticks=16)["tick"]), 16)

    def test_a_row_sits_on_a_stepped_circle(self) -> None:
        on = samples.row("r", 2.0, distance={"kind": "guide", "circle": "step-2"})
        piece = bare("dome", rows=(on,), guides={"steps": {"first": 20, "step": 7}})
        self.assert_mm(solve_piece(piece).rows[0].walk, 27)

    def test_a_guide_that_would_show_is_named_and_a_better_marker_offered(self) -> None:
        piece = bare("dome", rows=(), guides={"marker": "soft pencil"})
        found = plan(piece)
        self.assertIn("soft pencil does not come off", self.verdict(found, "guide shows").text)
        self.assertEqual(self.remedies(found, "guide shows")[0].changes[0].value, "chalk pencil")
        self.assertNotIn("guide shows", self.codes(plan(bare("dome", guides={"marker": "chalk pencil"}))))
