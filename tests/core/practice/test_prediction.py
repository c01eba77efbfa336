"""The dot a tool will make."""

from itertools import count
from math import exp, log
from typing import Any

import numpy as np

from fernring.core.document.kit import Tool
from fernring.core.errors import FitError
from fernring.core.practice.measurement import Measurement
from fernring.core.practice.prediction import MOST_DOTS, Hand, Wanted
from fernring.core.tables import table
from tests.assertions import FernTestCase

BALL = Tool(id="ball", name="Ball", kind="ball stylus", tip=2.0, dots=(2.5,))
ROD = Tool(id="rod", name="Rod", kind="rod", tip=5.0, dots=(5.5,))
BARE = Tool(id="bare", name="Bare", kind="household", dots=(3.0,), sizes="typical")
NUMBERS = count()


def measured(tool: str, *diameters: float, **more: Any) -> Measurement:
    return Measurement(id=f"{next(NUMBERS):032x}", tool=tool, diameters=diameters, day="2026-11-01", **more)


class HandTest(FernTestCase):
    def test_before_anything_was_measured_it_is_the_priors(self) -> None:
        """The median is the tip times the kind's default; the range is wider than the hand alone."""
        told = Hand([BALL, BARE], []).predicted(Wanted("ball"))
        self.assertAlmostEqual(told.diameter, 2.0 * exp(table("dot_sizes.json")["kind"]["ball stylus"]), places=6)
        self.assertTrue(told.low < told.diameter < told.high)
        self.assertGreater(log(told.high / told.low), 4 * table("dot_sizes.json")["hand"])
        self.assertEqual((told.of_tool, told.of_all, told.offered), (0, 0, True))
        bare = Hand([BALL, BARE], []).predicted(Wanted("bare"))
        self.assertFalse(bare.offered)
        self.assertGreater(bare.high / bare.low, 10)

    def test_one_width_against_a_general_solver(self) -> None:
        """numpy's least squares, each prior as one more equation."""
        hand = Hand([BALL, ROD, BARE], [
            measured("ball", 2.9, 3.0, 3.1), measured("rod", 5.6, 5.5, body="fluid", surface="glazed tile"),
            measured("bare", 3.3, load="full"), measured("gone", 4.0, 4.1),
        ])  # fmt: skip
        mean, spread = hand._priors()
        noise = table("dot_sizes.json")["hand"]
        lines = np.vstack((hand.design[hand.of] / noise, np.diag(1 / spread)))
        aims = np.concatenate((hand.seen / noise, mean / spread))
        theirs, *_ = np.linalg.lstsq(lines, aims, rcond=None)
        _, ours, cov = hand._solved(1.0)
        np.testing.assert_allclose(ours, theirs, atol=1e-9)
        np.testing.assert_allclose(cov, np.linalg.inv(lines.T @ lines), atol=1e-9)

    def test_many_dots_of_one_kind_settle_it(self) -> None:
        dots = [3.0 * exp(0.05 * x) for x in np.linspace(-1.5, 1.5, 60)]
        told = Hand([BALL, ROD], [measured("ball", *dots)]).predicted(Wanted("ball"))
        self.assertAlmostEqual(told.diameter, 3.0, delta=0.03)
        self.assertAlmostEqual(log(told.high / told.low), 2 * 1.96 * 0.05, delta=0.02)
        self.assertEqual((told.of_tool, told.of_all), (60, 60))

    def test_what_one_tool_tells_of_paint_goes_to_another(self) -> None:
        plain = [measured("ball", 2.6, 2.6, 2.6), measured("rod", 5.4, 5.4, 5.4)]
        fluid = measured("ball", *(2.6 * 1.2,) * 6, body="fluid")
        before = Hand([BALL, ROD], plain).predicted(Wanted("rod", body="fluid"))
        after = Hand([BALL, ROD], [*plain, fluid]).predicted(Wanted("rod", body="fluid"))
        self.assertGreater(after.diameter, 1.03 * before.diameter)
        self.assertEqual((after.of_tool, after.of_all), (3, 0))

    def test_without_a_tip_one_measurement_is_enough_to_offer(self) -> None:
        told = Hand([BARE], [measured("bare", 3.3, 3.4)]).predicted(Wanted("bare"))
        self.assertTrue(told.offered)
        self.assertAlmostEqual(told.diameter, 3.35, delta=0.1)

    def test_a_dot_that_does_not_fit_is_kept_and_counts_little(self) -> None:
        """One of 25 mm among six of about 2.5 (a slip of the point) is told, and moves the rest by a hundredth."""
        fits = (2.5, 2.55, 2.45, 2.5, 2.6, 2.5)
        plain = Hand([BALL], [measured("ball", *fits)]).predicted(Wanted("ball"))
        slipped = Hand([BALL, ROD], [measured("ball", *fits, 25.0)])
        told = slipped.predicted(Wanted("ball"))
        self.assertEqual((plain.doubted, told.doubted, told.of_tool), ((), (25.0,), 7))
        self.assertAlmostEqual(told.diameter, plain.diameter, delta=0.02 * plain.diameter)
        self.assertAlmostEqual(told.high / told.low, plain.high / plain.low, delta=0.02)
        self.assertEqual(slipped.predicted(Wanted("rod")).doubted, ())

    def test_what_a_hand_may_do_is_not_doubted(self) -> None:
        rng = np.random.default_rng(4)
        dots = (2.6 * np.exp(rng.normal(0.0, 0.05, 180))).round(2).tolist()
        hand = Hand([BALL], [measured("ball", *dots)])
        self.assertLessEqual(len(hand.predicted(Wanted("ball")).doubted), 1)
        self.assertGreater(float(hand.weights.min()), 0.7)

    def test_two_that_contradict_each_other_are_not_met_in_the_middle(self) -> None:
        """Of 2 and 4 mm by a ball of 2 mm the nearer to what is usual stands, and the other is told."""
        told = Hand([BALL], [measured("ball", 2.0, 4.0)]).predicted(Wanted("ball"))
        self.assertEqual(told.doubted, (4.0,))
        self.assertLess(told.diameter, 2.5)

    def test_refusals(self) -> None:
        with self.assertRaisesRegex(FitError, "no such tool"):
            Hand([BALL], []).predicted(Wanted("rod"))
        many = [measured("ball", *(2.5,) * 200) for _ in range(MOST_DOTS // 200 + 1)]
        with self.assertRaisesRegex(FitError, "At most 4,000 measured dots"):
            Hand([BALL], many)
