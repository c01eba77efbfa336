"""The halves of a blank, and the circles that guides set."""

from fernring.core.document.guides import Guides
from fernring.core.rows.halves import guide_walks, open_halves
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import piece


class HalvesTest(FernTestCase):
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
