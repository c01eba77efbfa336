"""The touching check against brute force."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.dots.grid import close_pairs
from tests.assertions import FernTestCase


def brute(x: np.ndarray, y: np.ndarray, z: np.ndarray, r: np.ndarray, tolerance: float = 1e-6) -> set[tuple[int, int]]:
    i, j = np.triu_indices(len(x), 1)
    apart = np.sqrt((x[i] - x[j]) ** 2 + (y[i] - y[j]) ** 2 + (z[i] - z[j]) ** 2)
    close = apart < r[i] + r[j] - tolerance
    return set(zip(i[close].tolist(), j[close].tolist(), strict=True))


class ContactTest(FernTestCase):
    def found(self, x: np.ndarray, y: np.ndarray, z: np.ndarray, r: np.ndarray) -> set[tuple[int, int]]:
        i, j = close_pairs(x, y, z, r)
        self.assertTrue((i < j).all())
        return set(zip(i.tolist(), j.tolist(), strict=True))

    @given(st.integers(0, 2**32 - 1), st.integers(2, 160), st.sampled_from((0.0, 5.0, 40.0)), st.floats(5, 300))
    def test_finds_what_brute_force_finds(self, seed: int, n: int, height: float, side: float) -> None:
        rng = np.random.default_rng(seed)
        x, y, z = rng.uniform(0, side, n), rng.uniform(0, side, n), rng.uniform(0, height, n)
        r = rng.choice([0.2, 0.4, 0.5, 1.0, 2.0, 4.0, 7.5, 15.0], n)
        self.assertEqual(self.found(x, y, z, r), brute(x, y, z, r))

    def test_all_in_one_point_and_all_in_one_line(self) -> None:
        none = np.zeros(30)
        self.assertEqual(len(self.found(none, none, none, none + 1)), 30 * 29 // 2)
        line = np.arange(30.0)
        self.assertEqual(self.found(line, none, none, none + 0.6), {(k, k + 1) for k in range(29)})

    def test_one_giant_among_small_ones_far_away(self) -> None:
        x = np.array([0.0, 29.0, 31.0, 990.0])
        r = np.array([30.0, 0.4, 0.4, 0.4])
        none = np.zeros(4)
        self.assertEqual(self.found(x, none, none, r), {(0, 1)})

    def test_exact_contact_is_no_overlap(self) -> None:
        x, none = np.array([0.0, 2.0]), np.zeros(2)
        self.assertEqual(self.found(x, none, none, np.ones(2)), set())
        self.assertEqual(self.found(x, none, none, np.ones(2) + 1e-5), {(0, 1)})

    def test_fewer_than_two_dots(self) -> None:
        for n in (0, 1):
            self.assertEqual(self.found(*(np.zeros(n) for _ in range(4))), set())
