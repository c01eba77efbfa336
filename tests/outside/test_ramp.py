"""Ramps against a reference library."""

from itertools import pairwise

import numpy as np
from coloraide import Color
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.colour import oklab, srgb
from fernring.core.colour.ramp import ramp
from tests.assertions import FernTestCase

colours = st.integers(0, 0xFFFFFF).map(lambda value: f"#{value:06x}")


class RampTest(FernTestCase):
    @given(st.lists(colours, min_size=2, max_size=4), st.integers(2, 12))
    def test_ends_are_the_stops_and_steps_look_even(self, stops: list[str], steps: int) -> None:
        run = ramp(stops, steps)
        self.assertEqual(len(run), steps)
        self.assertEqual((run[0], run[-1]), (stops[0], stops[-1]))

    def test_two_stops_against_a_reference_library(self) -> None:
        """coloraide, steps in Oklab."""
        theirs = Color.steps(["#f4efe4", "#8a2f2a"], steps=6, space="oklab")
        for ours, other in zip(ramp(["#f4efe4", "#8a2f2a"], 6), theirs, strict=True):
            expected = srgb.from_hex([other.convert("srgb").to_string(hex=True)])
            self.assertTrue(np.allclose(srgb.from_hex([ours]), expected, atol=1.5 / 255))

    def test_steps_are_evenly_apart_in_oklab(self) -> None:
        lab = oklab.from_srgb(srgb.from_hex(ramp(["#ffffff", "#d9a24a", "#1c2430"], 9)))
        lengths = np.linalg.norm(np.diff(lab, axis=0), axis=1)
        self.assertLess(float(lengths.max() / lengths.min()), 1.25)

    def test_coinciding_stops_leave_one_colour(self) -> None:
        self.assertEqual(ramp(["#123456", "#123456"], 3), ["#123456"] * 3)

    def test_steps_that_are_told_apart_as_easily(self) -> None:
        """By coloraide's CIEDE2000: each step within a twentieth of the mean, as far as eight bits allow."""
        for stops in (["#fff8e8", "#c02030"], ["#f0e040", "#2a6fb0"], ["#ffffff", "#d9a24a", "#1c2430"]):
            run = [Color(colour) for colour in ramp(stops, 6, seen=True)]
            apart = np.array([one.delta_e(other, method="2000") for one, other in pairwise(run)])
            self.assertLess(float(np.abs(apart / apart.mean() - 1).max()), 0.05)
            plain = [Color(colour) for colour in ramp(stops, 6)]
            before = np.array([one.delta_e(other, method="2000") for one, other in pairwise(plain)])
            self.assertGreater(float(np.ptp(before)), 2 * float(np.ptp(apart)))
        self.assertEqual(ramp(["#123456", "#123456"], 3, seen=True), ["#123456"] * 3)
