"""The halves of a blank, and the circles that guides set."""

from typing import Any

import numpy as np

from fernring.core.document.guides import Guides
from fernring.core.rows.halves import guide_walks, open_halves
from fernring.core.solved import Solved, solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import LINES, at, row, swipe, top, walk
from tests.samples import piece

TRACKS: dict[str, dict[str, Any]] = {
    "ring": {"distance": at(20)},
    "spiral": {"track": {"kind": "spiral", "inner": 8.0, "outer": 38.0, "turns": 2.0}},
    "path": {"track": {"kind": "path", "lines": [{"x": [3.0, 6.0, 3.0], "y": [-16.0, -24.0, -34.0]}], "every": 1}},
    "closed path": {
        "track": {"kind": "path", "lines": [{"x": [3.0, 9.0, 3.0], "y": [-16.0, -24.0, -30.0], "closed": True}]}
    },
    "arc": {"track": {"kind": "arc", "start": 16.0, "end": 30.0, "across": 0.5}},
    "line": {"track": {"kind": "line", "lines": 3, "spacing": 9.0, "angle": 20.0}},
    "inset": {"track": {"kind": "inset"}},
    "gaps": {"track": {"kind": "gaps", "least": 0.8}, "fit": None},
}
TWENTY = {"kind": "absolute", "repeats": 20}
ADDED: tuple[dict[str, Any], ...] = (
    {}, {"group": {"kind": "triangle"}}, {"trims": [walk(0.8, load="each", sides="right", count=2, trims=[top(0.4)])]},
    {"trims": [swipe(5, form="comma right", bend=60.0)]},
)  # fmt: skip


class HalvesTest(FernTestCase):
    def test_whatever_runs_on_the_back_looks_from_there_as_it_would_on_the_front(self) -> None:
        """Turned about the y axis: x and z change sign, for every track with groups, petals and swipes on it."""
        for name, more in TRACKS.items():
            for added in ADDED:
                with self.subTest(name, added=list(added)):
                    front, back = (self.solved(half, more, added) for half in ("front", "back"))
                    self.assertGreater(len(front.dots), 10)
                    for axis, sign in (("x", -1), ("y", 1), ("z", -1), ("radius", 1)):
                        one, other = (getattr(found.dots, axis) for found in (front, back))
                        np.testing.assert_allclose(other, sign * one, atol=1e-6, err_msg=axis)
                    for one, other in zip(front.marked, back.marked, strict=True):
                        np.testing.assert_allclose(other.mark.outline, one.mark.outline * [-1, 1], atol=1e-6)

    def solved(self, half: str, more: dict[str, Any], added: dict[str, Any]) -> Solved:
        """A ball with two rings and then the row, all on one half; a row without trims where gaps are filled."""
        around = [
            row("b", 5.7, half=half, distance=at(48), start={"kind": "angle", "degrees": 7.0}, count=TWENTY),
            row("c", 5.7, half=half, distance=at(57), start={"kind": "angle", "degrees": 17.0}, count=TWENTY),
        ]
        given = {"fit": "count", "start": LINES, "half": half, **more, **added}
        rows = [*around, row("a", 2.0, **given)]
        ball = patterns.piece("petals on a ball").model_dump(mode="json")
        return solve_piece(patterns.read({**ball, "rows": rows, "segments": 5}))

    def test_circles_by_their_names_and_in_steps(self) -> None:
        guides = Guides.model_validate({"circles": [{"id": "c", "walk": 17.0}], "steps": {"first": 10.0, "step": 12.5}})
        self.assertEqual(guide_walks(guides, 36), {"c": 17, "step-1": 10, "step-2": 22.5, "step-3": 35})
        self.assertEqual(guide_walks(guides, 35)["step-3"], 35)
        self.assertEqual(guide_walks(guides, 9), {"c": 17})
        fine = Guides.model_validate({"steps": {"first": 0.5, "step": 1.0}})
        self.assertEqual(len(guide_walks(fine, 900)), 200)

    def test_only_balls_and_eggs_have_a_back(self) -> None:
        flat = open_halves(piece())
        self.assertIsNone(flat.of("back"))
        self.assertIs(flat.of("front"), flat.front)
        ball = open_halves(patterns.piece("petals on a ball"))
        assert ball.back is not None
        self.assertTrue(ball.back.back)
        self.assertEqual(ball.back.surface.side, -1)

    def test_a_row_is_seen_on_the_half_it_lies_on(self) -> None:
        found = solve_piece(patterns.piece("petals on a ball"))
        assert found.halves.back is not None
        self.assertEqual([row.half for row in found.halves.front.placed], ["front", "front"])
        self.assertEqual([row.half for row in found.halves.back.placed], ["back", "back"])
