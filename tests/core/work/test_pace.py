"""Minutes of the hand: defaults, common practice, no source."""

import numpy as np

from fernring.core.work.pace import dotting, drawing, minutes, pulling
from tests.assertions import FernTestCase


class PaceTest(FernTestCase):
    def test_a_stone_of_three_inches_takes_about_half_an_hour(self) -> None:
        """Three hundred dots in ten rows."""
        whole = sum(dotting(np.full(30, 2.5), 30).mean for _ in range(10))
        self.assertTrue(25 <= whole <= 45, whole)

    def test_larger_dots_more_loads_and_marks_take_longer(self) -> None:
        few, wide, loaded = dotting(np.full(6, 2.0), 1), dotting(np.full(6, 9.0), 1), dotting(np.full(6, 2.0), 6)
        self.assertAlmostEqual(few.mean, (30 + 6 * 3.5 + 2) / 60)
        self.assertAlmostEqual(wide.mean - few.mean, 6 * 7 * 0.25 / 60)
        self.assertAlmostEqual(loaded.mean - few.mean, 5 * 2 / 60)
        self.assertAlmostEqual(pulling(10).mean, 1.0)
        self.assertAlmostEqual(drawing(0).mean, 0.5)

    def test_a_quick_and_a_slow_hand(self) -> None:
        mean, low, high = minutes(600)
        self.assertEqual((mean, low, high), (10.0, 7.0, 16.0))
