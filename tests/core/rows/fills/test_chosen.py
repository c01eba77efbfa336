"""Which places are taken."""

import numpy as np

from fernring.core.rows.fills.chosen import apart_from_copies, chosen, copies, in_one_sector
from tests.assertions import FernTestCase


class ChosenTest(FernTestCase):
    def test_the_least_key_first_none_too_near(self) -> None:
        places = np.array([[0.0, 0.0], [1.0, 0.0], [2.0, 0.0], [3.0, 0.0]])
        self.assertEqual(chosen(places, places[:, 0], 2.0, 1).tolist(), [0, 2])
        self.assertEqual(chosen(places, -places[:, 0], 2.0, 1).tolist(), [3, 1])

    def test_by_brute_force(self) -> None:
        random = np.random.default_rng(4)
        for order in (1, 5):
            places, key = random.uniform(-12, 12, (300, 2)), random.uniform(0, 1, 300)
            places = apart_from_copies(in_one_sector(places, order), 1.5, order)
            taken = chosen(places, key[: len(places)], 1.5, order)
            every = copies(places[taken], order)
            apart = np.hypot(*(every[:, None] - every[None, :]).transpose(2, 0, 1)) + 99 * np.eye(len(every))
            self.assertGreaterEqual(apart.min(), 1.5 - 1e-6)
            for k in sorted(set(range(len(places))) - set(taken.tolist())):
                self.assertLess(np.hypot(*(every - places[k]).T).min(), 1.5)

    def test_a_place_and_its_copies(self) -> None:
        found = copies(np.array([[0.0, 0.0], [3.0, 0.0]]), 3)
        self.assertEqual(len(found), 4)
        np.testing.assert_allclose(np.hypot(*found[1:].T), 3.0)
        folded = in_one_sector(found, 3)
        self.assertEqual(len(folded), 2)
        self.assertEqual(len(apart_from_copies(folded, 6.0, 3)), 1)  # three on 3 mm lie 5.2 mm apart
        self.assertEqual(len(apart_from_copies(folded, 5.0, 3)), 2)
