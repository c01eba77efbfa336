"""Dots packed into areas: none too near, none left out, the same again."""

import numpy as np
import shapely

from fernring.core.rows.fills.pack import pack
from tests.assertions import FernTestCase
from tests.fill_cases import ellipse, holes, lettered, task, violations


class PackTest(FernTestCase):
    def test_nothing_is_too_near_and_no_room_is_left(self) -> None:
        of = task(lettered())
        found = pack(of)
        self.assertLess(violations(of, found), 1e-6)
        self.assertEqual(holes(of, found), 0)
        self.assertGreater(found.covered(of.radii) / of.area.area, 0.75)

    def test_the_same_task_gives_the_same_dots_and_another_seed_others(self) -> None:
        one, again, other = (pack(task(lettered(0.5), seed=seed)) for seed in (1, 1, 2))
        np.testing.assert_array_equal(one.at, again.at)
        self.assertFalse(np.array_equal(one.at, other.at))

    def test_what_lies_there_is_kept_clear_of(self) -> None:
        random = np.random.default_rng(3)
        lying, radius = random.uniform(-30, 30, (25, 2)), random.uniform(0.4, 5.0, 25)
        of = task(shapely.Polygon(ellipse(45, 40)), (4.0, 2.0, 1.0), lying=lying, lying_radius=radius)
        found = pack(of)
        self.assertLess(violations(of, found), 1e-6)
        self.assertEqual(holes(of, found), 0)

    def test_largest_first(self) -> None:
        """A smallest dot is set only where no larger one had room when its turn came."""
        of = task(lettered(0.6), (6.0, 3.0, 1.5))
        found = pack(of)
        for size in (0, 1):
            kept = found.size <= size
            large = task(of.area, tuple(2 * radius for radius in of.radii[: size + 1]))
            self.assertEqual(holes(large, type(found)(found.at[kept], found.size[kept]), 0.1), 0)

    def test_whole_orbits(self) -> None:
        """Turned by one of eight, every dot falls on one of its size; the centre stands alone."""
        of = task(shapely.Polygon(ellipse(40, 40, 800)), (5.0, 2.5, 1.2), order=8)
        found = pack(of)
        self.assertLess(violations(of, found), 2e-6)
        here, turn = found.at @ np.array([1, 1j]), np.exp(2j * np.pi / 8)
        for size in range(3):
            own = here[found.size == size]
            self.assertLess(np.abs((own * turn)[:, None] - own[None, :]).min(axis=1).max(), 1e-6)
        self.assertEqual(len(found.at) % 8, 1)

    def test_areas_in_which_nothing_fits(self) -> None:
        for area in (shapely.Polygon(), shapely.box(0, 0, 1, 50)):
            self.assertEqual(len(pack(task(area, (3.0, 2.0))).at), 0)
        thin = task(shapely.box(0, 0, 2.7, 50), (3.0, 2.0))
        found = pack(thin)
        self.assertEqual(set(found.size.tolist()), {1})
        self.assertLess(violations(thin, found), 1e-6)

    def test_a_wide_area_begins_with_a_lattice(self) -> None:
        of = task(shapely.Polygon(ellipse(90, 90, 600)), (6.0, 2.0))
        found = pack(of)
        self.assertGreater(found.covered(of.radii) / of.area.area, 0.77)
        self.assertLess(violations(of, found), 1e-6)
