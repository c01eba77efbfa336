"""Fills from large to small."""

import numpy as np

from fernring.core.rows.fills.manners import GRADED
from tests.core.rows.fills.manners.cases import MannerTestCase


class GradedTest(MannerTestCase):
    def test_sizes_fall_along_the_direction(self) -> None:
        for way, along in ((0.0, np.array([0.0, -1.0])), (np.pi / 2, np.array([1.0, 0.0]))):
            _, found = self.filled(GRADED, way)
            middles = [float((found.at[found.size == k] @ along).mean()) for k in range(3)]
            self.assertEqual(middles, sorted(middles))
            self.assertGreater(float(np.ptp(middles)), 12.0)
            first, last = (found.at[found.size == k] @ along for k in (0, 2))
            self.assertLess(float(first.min()), float(last.min()), "nothing small where it begins")
            self.assertLess(float(first.max()), float(last.max()), "nothing large where it ends")
