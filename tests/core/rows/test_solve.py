"""One row solved on the half or halves it belongs to."""

from fernring.core.plan import plan
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, row


def on(blank: str, *rows: dict[str, object]) -> object:
    return solve_piece(patterns.read({**patterns.piece(blank).model_dump(mode="json"), "rows": list(rows)}))


class SolveTest(FernTestCase):
    def test_a_flat_blank_has_no_other_half(self) -> None:
        back, both = (on("petals", row("a", 2.0, half=half, distance=at(20))).rows[0] for half in ("back", "both"))
        self.assertEqual((back.noroom, back.n), ("this blank has no other half", 0))
        self.assertEqual((both.noroom, both.n), ("this blank has no other half", 0))

    def test_both_halves_of_a_ball(self) -> None:
        placed = on("petals on a ball", row("a", 2.0, half="both", distance=at(20))).rows[0]
        assert placed.twin is not None
        self.assertEqual((placed.half, placed.twin.half, placed.total), ("front", "back", 24))
        self.assertLess(float(placed.twin.own_dots.z.max()), 0)

    def test_where_one_half_has_no_room_the_other_is_painted(self) -> None:
        """An egg with a short blunt half and a long pointed one."""
        relief = {"kind": "egg", "length": 100.0, "widest": 20.0}
        egg = {"outline": {"kind": "round", "diameter": 60.0}, "relief": relief, "border": 1.0}
        given = patterns.piece("petals").model_dump(mode="json")
        given |= {"blank": {**given["blank"], **egg}, "rows": [row("a", 2.0, half="both", distance=at(60))]}
        found = solve_piece(patterns.read(given))
        front, back = found.halves.front.surface.rim, found.halves.back.surface.rim if found.halves.back else 0
        self.assertLess(front, 60)
        self.assertGreater(back, 62)
        self.assertIn("beyond the widest circle", found.rows[0].noroom)

    def test_a_shaped_member_is_a_mark_and_no_dot(self) -> None:
        found = plan(patterns.piece("small shapes")).solved
        self.assertEqual(set(found.dots.level[found.dots.row > 0].tolist()), {0})
        self.assertEqual(len(found.marked), 60)
