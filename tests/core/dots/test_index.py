"""The spatial index against a look at every pair."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.dots.index import Index
from tests.assertions import FernTestCase

Set = tuple[np.ndarray, np.ndarray, np.ndarray, np.ndarray]


def discs(seed: int, n: int, height: float = 0.0) -> Set:
    rng = np.random.default_rng(seed)
    radius = rng.choice([0.3, 0.5, 1.0, 2.5, 9.0], n, p=[0.4, 0.3, 0.2, 0.08, 0.02])
    return (*rng.uniform(-60, 60, (2, n)), rng.uniform(0, 1, n) * height, radius)


def plain(index: Index, x: np.ndarray, y: np.ndarray, z: np.ndarray) -> np.ndarray:
    squares = (x[:, None] - index.x) ** 2 + (y[:, None] - index.y) ** 2 + (z[:, None] - index.z) ** 2
    return np.asarray(np.sqrt(squares) - index.radius)


class IndexTest(FernTestCase):
    """`few` go through one table of all pairs, `many` through the grids; both answer alike."""

    def each(self) -> list[tuple[Index, Set]]:
        return [
            (Index(*discs(1, few, height)), discs(2, points, height))
            for few, points in ((40, 30), (900, 400))
            for height in (0.0, 25.0)
        ]

    def test_within_finds_every_pair_in_reach_and_no_other(self) -> None:
        for index, (x, y, z, _) in self.each():
            points, found, clear = index.within(x, y, z, 3.0)
            all_clear = plain(index, x, y, z)
            wanted = np.argwhere(all_clear <= 3.0).tolist()
            self.assertEqual(sorted(np.stack((points, found), axis=1).tolist()), wanted)
            np.testing.assert_allclose(clear, all_clear[points, found], atol=1e-12)

    def test_nearest(self) -> None:
        for index, (x, y, z, _) in self.each():
            clear, disc = index.nearest(x, y, z)
            all_clear = plain(index, x, y, z)
            np.testing.assert_allclose(clear, all_clear.min(axis=1), atol=1e-12)
            np.testing.assert_allclose(all_clear[np.arange(len(x)), disc], clear, atol=1e-12)

    def test_nearest_of_points_far_outside_and_of_none(self) -> None:
        index = Index(*discs(1, 3000))
        x = np.array([5000.0, np.nan, 0.0])
        clear, disc = index.nearest(x.repeat(100), np.zeros(300), np.zeros(300))
        wanted = plain(index, x[:1], np.zeros(1), np.zeros(1))
        self.assert_mm(float(clear[0]), float(wanted.min()), 1e-9)
        self.assertEqual(int(disc[0]), int(wanted.argmin()))
        self.assertEqual(float(clear[150]), np.inf)
        nobody = Index(*(np.empty(0) for _ in range(4)))
        self.assertEqual(nobody.nearest(np.zeros(2), np.zeros(2), np.zeros(2))[0].tolist(), [np.inf, np.inf])
        self.assertEqual(nobody.closest(*(np.zeros(1) for _ in range(4))), (np.inf, 0, 0))

    def test_clear_of(self) -> None:
        for index, (x, y, z, reach) in self.each():
            found = index.clear_of(x, y, z, reach)
            self.assertEqual(found.tolist(), (plain(index, x, y, z).min(axis=1) >= reach).tolist())

    @given(st.integers(0, 10_000), st.sampled_from((3, 60, 700)), st.floats(0, 300))
    def test_closest(self, seed: int, n: int, aside: float) -> None:
        index = Index(*discs(seed, n))
        x, y, z, radius = discs(seed + 1, 500)
        clear, one, other = index.closest(x + aside, y, z, radius)
        all_clear = plain(index, x + aside, y, z) - radius[:, None]
        self.assert_mm(clear, float(all_clear.min()), 1e-9)
        self.assert_mm(float(all_clear[one, other]), clear, 1e-9)

    def test_the_search_ends_where_the_reach_is_rounded_down(self) -> None:
        """The clear distance found, plus the widest disc, less it again, comes out below itself here: the look that was
        to be the last was asked for again and again."""
        index, (x, y, z, radius) = Index(*discs(9817, 700)), discs(9818, 500)
        clear, one, other = index.closest(x + 134.0, y, z, radius)
        all_clear = plain(index, x + 134.0, y, z) - radius[:, None]
        self.assert_mm(clear, float(all_clear.min()), 1e-9)
        self.assert_mm(float(all_clear[one, other]), clear, 1e-9)

    def test_what_is_further_than_enough_need_not_be_found(self) -> None:
        index = Index(*discs(1, 2000))
        x, y, z, radius = discs(2, 2000)
        far = index.closest(x + 5000, y, z, radius, enough=1.0)[0]
        self.assertTrue(far == np.inf or far > 4000)
        self.assertLess(index.closest(x, y, z, radius, enough=1.0)[0], 1.0)
