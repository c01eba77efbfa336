"""One fan solved."""

from math import pi

import numpy as np

from fernring.core.rows.tracks.fanned import NO_ROOM, Axis, FanRule, fan
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, row

AXIS = Axis(0.0, 0.0, pi / 2, (0.0, pi))


class FannedTest(FernTestCase):
    def setUp(self) -> None:
        blank = {**patterns.piece("petals").model_dump(mode="json")["blank"], **patterns.OVAL, "border": 3.0}
        ring = row("r", 4.0, distance=at(30), fit="count")
        self.context = solve_piece(patterns.with_rows(centre(), ring, blank=blank)).context

    def rule(self, head: float = 4.0, **more: object) -> FanRule:
        given = {"gap": 0.3, "most": 5, "pair": False, "shorter": 0.05, "thin": False, "arc": None, "focus": None}
        return FanRule((head,), **{**given, **more})  # type: ignore[arg-type]

    def test_middle_first_then_right_and_left_in_turn(self) -> None:
        found = fan(self.rule(), AXIS, self.context)
        assert not isinstance(found, str)
        self.assertEqual([one.step for one in found], [0, 1, 1, 2, 2])
        self.assertTrue(found[1].y > found[0].y > found[2].y)  # right of the axis, which points to the right, is below
        self.assert_mm(found[0].x, 67 - 2.0 - 0.3, 1e-3)  # the oval within its border ends at 67 mm

    def test_the_middle_reaches_to_its_gap_from_the_ring(self) -> None:
        """A tip 0.06 heads thick that keeps 0.3 mm to the edge of the ring at 32 mm."""
        found = fan(self.rule(), AXIS, self.context)
        assert not isinstance(found, str)
        self.assert_mm(found[0].spine[-1][0] - found[0].girth[-1], 32.3, 0.01)

    def test_a_pair_lies_astride_the_axis_and_the_heads_may_differ(self) -> None:
        found = fan(self.rule(pair=True, most=4), AXIS, self.context)
        assert not isinstance(found, str)
        self.assertEqual([one.step for one in found], [0, 0, 1, 1])
        self.assert_mm(found[0].y + found[1].y, 0.0, 1e-6)
        sizes = FanRule((4.0, 3.0), 0.3, 5, False, 0.05, False, None, None)
        mixed = fan(sizes, AXIS, self.context)
        assert not isinstance(mixed, str)
        self.assertEqual([one.radius for one in mixed], [2.0, 1.5, 1.5, 2.0, 2.0])

    def test_no_room(self) -> None:
        self.assertEqual(fan(self.rule(30.0), AXIS, self.context), NO_ROOM)
        np.testing.assert_array_equal(AXIS.bounds, (0.0, pi))
