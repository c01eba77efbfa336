"""A row with its rule solved."""

from math import inf, pi

import numpy as np

from fernring.core.dots.rings import EvenRing, dots_at
from fernring.core.geometry.surface import Circle, Plane
from fernring.core.rows.placed import PlacedRow, no_room
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


def ring(n: int, *sizes: float, first: float = 0.0, walk: float = 20.0) -> PlacedRow:
    own = EvenRing(Circle(walk, 0.0), walk, first, n, sizes)
    return PlacedRow(0, n // len(sizes), sizes, walk, 1.0, own, round=True)


class PlacedTest(FernTestCase):
    def test_edges_of_a_ring(self) -> None:
        row = ring(12, 4.0, 2.0)
        self.assertEqual((row.inner, row.outer, row.thickest, row.n, row.count), (18, 22, 2, 12, 12))
        looked_at = PlacedRow(0, 6, (4.0, 2.0), 20.0, 1.0, row.own_dots, round=True)
        self.assertEqual((looked_at.inner, looked_at.outer, looked_at.thickest), (18, 22, 2))
        self.assertIsNone(looked_at.ring)

    def test_the_first_dip_lies_between_painted_edges(self) -> None:
        """Between equal dots half a pitch on; between unequal ones further from the larger, by their radii."""
        self.assertAlmostEqual(ring(12, 4.0, first=0.3).dip_rad, 0.3 + pi / 12)
        dip = ring(12, 4.0, 2.0).dip_rad
        self.assertAlmostEqual(dip, pi / 12 + (4 - 2) / 80)
        alone = PlacedRow(0, 1, (4.0,), 20.0, inf, dots_at(Plane(40), 20.0, (4.0,), np.array([0.7])), round=True)
        self.assertAlmostEqual(alone.dip_rad, 0.7)
        once = ring(1, 4.0, first=0.7)
        self.assertAlmostEqual(once.dip_rad, 0.7)

    def test_how_often_a_row_repeats(self) -> None:
        self.assertEqual(ring(12, 4.0, 2.0).order, 6)
        found = solve_piece(piece(centre()))
        self.assertEqual(found.rows[0].order, 0)
        trimmed = solve_piece(patterns.piece("top dots")).rows[0]
        self.assertEqual(trimmed.order, 0)
        cut = PlacedRow(0, 6, (4.0,), 20.0, 1.0, ring(12, 4.0).own_dots, round=True, left_out=1)
        self.assertEqual(cut.order, 1)

    def test_a_row_without_room_holds_nothing_and_says_why(self) -> None:
        row = no_room(3, 0, [2.0], 0.0, "too wide")
        self.assertEqual((row.n, row.count, row.total, row.noroom, row.clear), (0, 0, 0, "too wide", inf))
        self.assertEqual(row.both, (row,))

    def test_petals_count_among_the_dots_and_the_bodies(self) -> None:
        row = solve_piece(patterns.piece("trims on trims")).rows[1]
        self.assertEqual(row.count, len(row.dots))
        self.assertEqual(row.dots.dot.tolist(), list(range(row.count)))
        self.assertEqual(len(row.bodies), int((row.dots.level == 1).sum()))
        self.assertGreater(row.outer, row.walk + max(row.diameters) / 2)
        self.assertEqual(len(row.seen_from_above), len(row.bodies))

    def test_the_dip_of_a_grouped_row_lies_half_a_pitch_from_its_places(self) -> None:
        for turn in (0.0, 20.0):
            grouped = row("a", 2.0, group={"kind": "triangle"}, distance={"kind": "walk", "walk": 25.0})
            above = row("b", 2.0, start={"kind": "offset"})
            rows = solve_piece(piece(grouped, above, turn=turn)).rows
            middle = np.deg2rad(turn) + np.pi / 12
            first = np.arctan2(rows[1].own_dots.x, -rows[1].own_dots.y)[0]
            self.assert_mm(float(np.cos(12 * (first - middle))), 1, 1e-9)

    def test_the_dips_of_unequal_dots_lie_between_their_edges_turned_too(self) -> None:
        """Between 5 and 2 mm at 25 mm: half the difference of radii off the middle, towards the smaller."""
        for turn in (0.0, 20.0):
            unequal = row("a", 5.0, 2.0, distance={"kind": "walk", "walk": 25.0}, start={"kind": "on lines"})
            above = row("b", 1.3, start={"kind": "offset"}, count={"kind": "per_segment", "repeats": 1})
            rows = solve_piece(piece(unequal, above, turn=turn)).rows
            first = float(np.arctan2(rows[1].own_dots.x, -rows[1].own_dots.y)[0]) - np.deg2rad(turn)
            self.assert_mm(first % (np.pi / 6), np.pi / 24 + (2.5 - 1.0) / 2 / 25, 1e-9)
