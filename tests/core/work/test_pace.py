"""Minutes of the hand: defaults, common practice, no source."""

import numpy as np

from fernring.core.work.pace import Pace, believed, dotting, drawing, factors, minutes, pulling
from fernring.core.work.work import work
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import QUICK, worked


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


class LearnedTest(FernTestCase):
    def test_steps_of_a_kind_take_what_they_took(self) -> None:
        """Slower than usual by half, again and again: the factor comes near, and other kinds are as they were."""
        piece = worked(patterns.centre(3.0), patterns.row("a", 3.0), **QUICK)
        usual = work(piece)
        paces = [Pace("dots", 4.0, 6.0)] * 40
        slow = work(piece, paces=paces)
        self.assertAlmostEqual(factors(paces)["dots"], 1.5, delta=0.03)
        before = {step.id: step.minutes.mean for step in usual.steps}
        for step, long in zip(slow.steps, slow.usual, strict=True):
            factor = factors(paces)["dots"] if step.kind == "dots" else 1.0
            self.assertAlmostEqual(step.minutes.mean, factor * before[step.id])
            self.assertAlmostEqual(long, before[step.id])

    def test_what_was_not_timed_teaches_nothing(self) -> None:
        for pace in (Pace("dots", 4.0, 0.05), Pace("dots", 4.0, 21.0), Pace("dots", 0.0, 1.0), Pace("dots", 4.0, 0.7)):
            self.assertFalse(believed(pace), pace)
            self.assertEqual(factors([pace]), {})
        self.assertTrue(believed(Pace("dots", 4.0, 0.8)) and believed(Pace("dots", 4.0, 20.0)))
