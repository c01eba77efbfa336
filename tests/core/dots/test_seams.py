"""Seams: along them no empty circle is missed that the triangles do not show."""

import numpy as np

from fernring.core.dots.seams import _across, _contact, _open_seams, followed, reached
from fernring.core.dots.touching import Circles, Field, close_triples, different, empty_circles
from tests.assertions import FernTestCase

TURN = 2 * np.pi


def wheel() -> Field:
    """A ring of small discs about a wide one: their circles follow each other round it."""
    angle = np.arange(20) * TURN / 20
    x, y = np.append(14 * np.sin(angle), 0.0), np.append(-14 * np.cos(angle), 0.0)
    return Field((x, y, np.append(np.full(20, 1.5), 9.0)), TURN, 0.0, 30.0)


class SeamsTest(FernTestCase):
    def test_from_one_circle_all_round_the_wheel(self) -> None:
        field = wheel()
        first = empty_circles(field, np.array([(0, 1, 20)]))
        self.assertEqual(len(first.t), 1)
        found = followed(field, first)
        round_it = found.touched[(found.touched == 20).any(axis=1)]
        wanted = {(*sorted((k, (k + 1) % 20)), 20) for k in range(20)}
        self.assertEqual({tuple(three) for three in round_it.tolist()}, wanted)

    def test_only_what_seams_lead_to_is_reached(self) -> None:
        field = wheel()
        every = empty_circles(field, different(close_triples(field), 21))
        start = np.zeros(len(every.t), bool)
        start[0] = True
        met = reached(field, every, start)
        self.assertGreaterEqual(len(met.t), 20)
        nobody = reached(field, every, np.zeros(len(every.t), bool))
        self.assertEqual(len(nobody.t), 0)

    def test_two_heaps_far_apart_are_not_joined_when_only_one_is_asked_for(self) -> None:
        three = np.array([(0.0, 0.0), (3.0, 0.0), (1.5, 2.6)])
        x, y = np.concatenate((three, three + 500)).T
        field = Field((x, y, np.ones(6)), TURN, 0.0, 1e4)
        both = empty_circles(field, np.array([(0, 1, 2), (3, 4, 5)]))
        self.assertEqual(len(both.t), 2)
        self.assertEqual(len(reached(field, both, np.array([True, False])).t), 1)

    def test_only_discs_on_the_open_side_are_asked_about(self) -> None:
        """A pair in a line, small discs above and below it; open below, only the lower one is tried with the pair."""
        x, y = np.array([(0, 0), (10, 0), (5, -6), (5, 6), (-4, 7)], float).T
        field = Field((x, y, np.full(5, 0.5)), TURN, 0.0, 1e3)
        pair = np.array([(0, 1)])
        for side, wanted in ((1.0, {3, 4}), (-1.0, {2}), (0.0, {2, 3, 4})):
            found = _across(field, pair, np.array([side]), 5)
            self.assertEqual(set(found[:, 2].tolist()), wanted, side)
            self.assertTrue((found[:, :2] == (0, 1)).all())

    def test_a_seam_is_open_on_the_side_that_no_circle_closes(self) -> None:
        """One circle between three discs: each two of them are open away from the third."""
        x, y = np.array([(0, 0), (10, 0), (5, -8)], float).T
        field = Field((x, y, np.array([1.0, 3.0, 1.0])), TURN, 0.0, 1e3)
        found = empty_circles(field, np.array([(0, 1, 2)]))
        seams, sides = _open_seams(field, found)
        told = {tuple(pair): side for pair, side in zip(seams.tolist(), sides.tolist(), strict=True)}
        self.assertEqual(told, {(0, 1): 1.0, (0, 2): -1.0, (1, 2): 1.0})

    def test_circles_touch_discs_between_their_middles(self) -> None:
        field = Field((np.array([0.0, 9.0]), np.zeros(2), np.array([2.0, 3.0])), TURN, 0.0, 1e3)
        circle = Circles(np.array([4.0]), np.zeros(1), np.array([2.0]), np.array([[0, 1, 1]]))
        for disc, wanted in ((0, 2.0), (1, 6.0)):
            x, y = _contact(field, circle, np.array([disc]))
            self.assert_mm(float(x[0]), wanted)
            self.assert_mm(float(y[0]), 0)
