"""Seams: along them no empty circle is missed that the triangles do not show."""

import numpy as np

from fernring.core.dots.seams import followed, reached
from fernring.core.dots.touching import Field, close_triples, different, empty_circles
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
