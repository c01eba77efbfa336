"""Fills along waves and arms."""

import numpy as np
from scipy.spatial import cKDTree

from fernring.core.rows.fills.manners import SWIRLING
from tests.core.rows.fills.manners.cases import MannerTestCase


class SwirlingTest(MannerTestCase):
    def test_another_direction_is_another_fill(self) -> None:
        _, one = self.filled(SWIRLING)
        _, other = self.filled(SWIRLING, np.pi / 2)
        self.assertGreater(float(cKDTree(one.at).query(other.at)[0].max()), 0.5)

    def test_arms_are_alike_in_every_segment(self) -> None:
        _, found = self.filled(SWIRLING, order=2)
        self.assertLess(float(cKDTree(found.at).query(-found.at)[0].max()), 1e-9)
