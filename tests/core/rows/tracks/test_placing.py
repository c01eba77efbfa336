"""Places of a track."""

from math import pi

import numpy as np

from fernring.core.geometry.even import Curve
from fernring.core.rows.halves import open_halves
from fernring.core.rows.tracks.placing import Places, copies, members, outward, pair_sums, row_on
from tests.assertions import FernTestCase
from tests.samples import piece, row

TWO = row("a", 2.0, 4.6)


class PlacingTest(FernTestCase):
    def test_members_take_turns_and_neighbours_share_the_sum_of_their_sizes(self) -> None:
        self.assertEqual(members(TWO, 5).tolist(), [0, 1, 0, 1, 0])
        np.testing.assert_allclose(pair_sums(TWO, 3), (3.3, 3.3, 2.0))

    def test_copies_are_turned_and_mirrored(self) -> None:
        x, y, out = np.array([3.0]), np.array([-10.0]), np.array([0.1])
        cx, cy, co = copies(x, y, out, 4, pi / 2, 0.0)
        found = {(round(a, 9) + 0, round(b, 9) + 0) for a, b in zip(cx.tolist(), cy.tolist(), strict=True)}
        self.assertEqual(found, {(3, -10), (-3, -10), (10, 3), (10, -3), (-3, 10), (3, 10), (-10, -3), (-10, 3)})
        self.assertEqual(len(copies(x, y, out, 4, pi / 2, None)[0]), 4)
        np.testing.assert_allclose(np.sort(co[:2]), (-0.1, 0.1))

    def test_outward_is_a_quarter_turn_from_the_way_a_line_runs(self) -> None:
        right = Curve(np.array([(-10.0, -5, 0), (10.0, -5, 0)]), False)
        self.assertAlmostEqual(float(outward(right, np.array([10.0]))[0]), 0)

    def test_places_that_coincide_are_one_dot(self) -> None:
        sample = piece(TWO)
        places = Places(np.array([0.0, 5.0, 5.0003]), np.zeros(3), np.zeros(3), np.array([0, 1, 0]), 1)
        placed = row_on(TWO, 0, open_halves(sample).front, places)
        self.assertEqual(placed.own_dots.x.tolist(), [0, 5])
        self.assertEqual(placed.own_dots.member.tolist(), [0, 1])
        self.assertEqual(placed.own_dots.place.tolist(), [0, 1])
        self.assert_mm(placed.walk, 2.5)

    def test_sizes_of_their_own(self) -> None:
        places = Places(np.array([0.0, 9.0]), np.zeros(2), np.zeros(2), np.zeros(2, int), 1, sizes=np.array([1.0, 3.0]))
        placed = row_on(TWO, 0, open_halves(piece(TWO)).front, places)
        self.assertEqual(placed.own_dots.radius.tolist(), [0.5, 1.5])
        self.assertEqual(placed.diameters, (3.0,))
