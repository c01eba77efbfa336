"""Fills on a lattice."""

import numpy as np
from scipy.spatial import cKDTree

from fernring.core.rows.fills.manners import SLANTED, SQUARE
from tests.core.rows.fills.manners.cases import MannerTestCase


class LaidTest(MannerTestCase):
    def test_as_many_neighbours_as_the_lattice_has(self) -> None:
        """Four on a square lattice, six on a slanted one: it is the hexagonal."""
        for manner, most in ((SQUARE, 4), (SLANTED, 6)):
            of, found = self.filled(manner, 0.3)
            large = found.at[found.size == 0]
            near = cKDTree(large).query_ball_point(large, 2 * of.radii[0] + of.gap + 1e-4)
            self.assertEqual(max(len(each) - 1 for each in near), most, manner.id)

    def test_the_lines_run_in_the_direction_asked(self) -> None:
        of, found = self.filled(SQUARE, np.pi / 6)
        large = found.at[found.size == 0]
        apart = 2 * of.radii[0] + of.gap
        turn = np.array([[np.cos(np.pi / 6), -np.sin(np.pi / 6)], [np.sin(np.pi / 6), np.cos(np.pi / 6)]])
        straight = (large @ turn) / apart
        off = straight - straight[0]
        np.testing.assert_allclose(off, np.round(off), atol=1e-3)

    def test_smaller_ones_go_between(self) -> None:
        _, found = self.filled(SQUARE)
        self.assertGreater(self.sizes(found)[2], self.sizes(found)[0])
