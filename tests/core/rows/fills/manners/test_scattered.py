"""Scattered fills: as many of each size as cover alike, apart from each other."""

from math import pi

import numpy as np
import shapely
from scipy.spatial import cKDTree

from fernring.core.rows.fills.manners import AIRY, MICRO, PACKED, SCATTERED
from tests.core.rows.fills.manners.cases import AREA, SIZES, MannerTestCase


class ScatteredTest(MannerTestCase):
    def test_every_size_covers_alike(self) -> None:
        _, found = self.filled(SCATTERED)
        counts = self.sizes(found)
        self.assertEqual(counts, sorted(counts))
        covered = [count * pi * size**2 / 4 / AREA.area for count, size in zip(counts, SIZES, strict=True)]
        for share in covered:
            self.assertAlmostEqual(share, 0.14 / 3, delta=0.02)

    def test_they_lie_apart_like_the_points_of_a_poisson_disc_sample(self) -> None:
        """The pair correlation of such a sample is zero below its distance, where that of points thrown at random is
        one (Lagae and Dutre 2008, from memory): here the nearest neighbours of one size are never near."""
        _, found = self.filled(SCATTERED)
        at = found.at[found.size == 2]
        near, _ = cKDTree(at).query(at, k=2)
        random = np.random.default_rng(5).uniform((-40, -25), (40, 25), (4 * len(at), 2))
        random = random[shapely.contains_xy(AREA, random[:, 0], random[:, 1])][: len(at)]
        thrown, _ = cKDTree(random).query(random, k=2)
        mean = (AREA.area / len(at)) ** 0.5
        self.assertGreater(float(near[:, 1].min()), 0.45 * mean)
        self.assertLess(float(thrown[:, 1].min()), 0.2 * mean)

    def test_as_many_as_are_asked_for(self) -> None:
        _, found = self.filled(SCATTERED, most=(2, None, 9))
        counts = self.sizes(found)
        self.assertEqual((counts[0], counts[2]), (2, 9))

    def test_alike_in_every_segment(self) -> None:
        _, found = self.filled(SCATTERED, order=2)
        turned = cKDTree(found.at).query(-found.at)[0]
        self.assertLess(float(turned.max()), 1e-9)


class OthersTest(MannerTestCase):
    def test_airy_has_room_between(self) -> None:
        of, found = self.filled(AIRY)
        radius = np.asarray(of.radii)[found.size]
        near, which = cKDTree(found.at).query(found.at, k=2)
        clear = near[:, 1] - radius - radius[which[:, 1]]
        self.assertGreater(float(clear.min()), 0.3 + 0.35 * 2 * of.radii[-1] - 1e-6)
        _, close = self.filled(PACKED)
        self.assertLess(found.covered(of.radii), 0.8 * close.covered(of.radii))

    def test_micro_takes_the_smallest_alone(self) -> None:
        _, found = self.filled(MICRO)
        self.assertEqual(self.sizes(found)[:2], [0, 0])
