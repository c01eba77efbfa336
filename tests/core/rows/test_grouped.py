"""Every place of a row turned into its group of dots."""

import numpy as np

from fernring.core.geometry.ring import clear_gap
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase
from tests.samples import piece, row

AT = {"distance": {"kind": "walk", "walk": 30.0}}


class GroupedTest(FernTestCase):
    def test_without_a_group_a_row_stays_a_bare_ring(self) -> None:
        placed = solve_piece(piece(row("a", 2.0, **AT))).rows[0]
        self.assertIsNotNone(placed.ring)

    def test_the_dots_of_a_pair_stand_side_by_side_at_their_gap(self) -> None:
        own = solve_piece(piece(row("a", 2.0, gap=0.4, group={"kind": "pair"}, **AT))).rows[0].own_dots
        self.assertEqual(len(own), 24)
        self.assertEqual(own.place.tolist(), np.repeat(np.arange(12), 2).tolist())
        apart = np.hypot(own.x[::2] - own.x[1::2], own.y[::2] - own.y[1::2])
        np.testing.assert_allclose(apart - 2.0, 0.4, atol=1e-9)
        np.testing.assert_allclose(own.x[:2], (-1.2, 1.2), atol=1e-9)

    def test_a_line_runs_straight_outward_from_every_place(self) -> None:
        line = {"kind": "line", "count": 3, "falls": 0.0}
        placed = solve_piece(piece(row("a", 2.0, gap=0.5, group=line, **AT))).rows[0]
        own = placed.own_dots
        reach = np.hypot(own.x, own.y).reshape(12, 3)
        np.testing.assert_allclose(np.diff(reach, axis=1), 2.5, atol=1e-9)
        self.assertFalse(placed.round)
        assert placed.ring_rad is not None
        self.assertEqual(len(placed.ring_rad), 12)
        self.assertGreater(clear_gap(30, 12, 2.0), 0)

    def test_every_dot_of_a_group_is_as_wide_as_its_place_asks(self) -> None:
        for group, each in (({"kind": "triangle"}, 3), ({"kind": "diamond"}, 4), ({"kind": "box"}, 4)):
            own = solve_piece(piece(row("a", 2.0, 3.0, gap=0.4, group=group, **AT))).rows[0].own_dots
            self.assertEqual(own.radius.tolist(), np.repeat([1.0, 1.5] * 12, each).tolist(), group)
            self.assertEqual(len(own), 24 * each)

    def test_a_line_falls_by_its_share(self) -> None:
        line = {"kind": "line", "count": 3, "falls": 0.2}
        own = solve_piece(piece(row("a", 2.0, gap=0.4, group=line, **AT))).rows[0].own_dots
        np.testing.assert_allclose(own.radius.reshape(12, 3), [[1.0, 0.8, 0.64]] * 12)
