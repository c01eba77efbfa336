"""Further out until nothing is in the way."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.dots.table import Dots, table
from fernring.core.geometry.surface import Plane
from fernring.core.rows.motifs.clearing import clear_walk
from tests.assertions import FernTestCase

FLAT = Plane(100)


def there(*discs: tuple[float, float, float]) -> Dots:
    x, y, radius = np.array(discs, float).T
    return table(len(discs), x=x, y=y, radius=radius)


class ClearTest(FernTestCase):
    def test_with_nothing_in_the_way_it_stays(self) -> None:
        spokes = np.linspace(0, 2 * np.pi, 7)[:-1]
        found = clear_walk(FLAT, there((0, -40, 5)), spokes, np.full(6, 1.0), 0.5, 10.0)
        self.assertEqual(found, 10.0)

    def test_it_goes_past_what_is_in_the_way_and_not_past_what_is_beyond(self) -> None:
        """Up the spoke a disc at 12 is passed; the one at 30 leaves room before it."""
        found = clear_walk(FLAT, there((0, -12, 2), (0, -30, 2)), np.zeros(1), np.ones(1), 0.5, 10.0)
        self.assert_mm(found, 15.5)

    def test_one_disc_after_the_other(self) -> None:
        found = clear_walk(FLAT, there((0, -12, 2), (0, -18, 2)), np.zeros(1), np.ones(1), 0.5, 10.0)
        self.assert_mm(found, 21.5)

    @given(st.integers(0, 2**31 - 1))
    def test_it_is_the_first_free_walk_of_a_fine_search(self, seed: int) -> None:
        chance = np.random.default_rng(seed)
        x, y, radius = chance.uniform(-30, 30, 12), chance.uniform(-30, 30, 12), chance.uniform(0.5, 3, 12)
        spokes, own = np.array([0.3, 2.4, 4.5]), np.full(3, 1.2)
        found = clear_walk(FLAT, table(12, x=x, y=y, radius=radius), spokes, own, 0.4, 5.0)
        walks = np.arange(5.0, 60.0, 0.01)[:, None, None]
        px, py = walks * np.sin(spokes)[:, None], -walks * np.cos(spokes)[:, None]
        free = (np.hypot(px - x, py - y) >= radius + 1.2 + 0.4 - 1e-7).all(axis=(1, 2))
        first = walks[np.flatnonzero(free)[0], 0, 0]
        self.assertLessEqual(found, first + 1e-6)
        self.assertGreater(found, first - 0.01 - 1e-6)
