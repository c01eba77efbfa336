"""Nearest discs by k-d trees against looking at all of them."""

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.core.dots.nearest import DiscTrees
from tests.assertions import FernTestCase


class NearestTest(FernTestCase):
    @settings(max_examples=60, deadline=None)
    @given(st.integers(0, 2**32 - 1), st.integers(3, 120), st.integers(1, 14), st.floats(0.2, 60))
    def test_as_near_as_brute_force_finds(self, seed: int, n: int, count: int, widest: float) -> None:
        rng = np.random.default_rng(seed)
        x, y = rng.uniform(-50, 50, n), rng.uniform(-50, 50, n)
        r = rng.uniform(0.1, widest, n)
        count, own = min(count, n - 1), rng.permutation(n)[: max(1, n // 2)]
        clear = np.hypot(x[own, None] - x, y[own, None] - y) - r
        clear[np.arange(len(own)), own] = np.inf
        found = DiscTrees(x, y, r).nearest(own, count)
        self.assertEqual(found.shape, (len(own), count))
        np.testing.assert_allclose(np.take_along_axis(clear, found, axis=1), np.sort(clear, axis=1)[:, :count])
        self.assertTrue(all(len(set(line)) == count for line in found.tolist()), "nobody twice, nor itself")
