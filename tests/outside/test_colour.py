"""Colour against published pairs and reference libraries."""

import json
from pathlib import Path

import numpy as np
from coloraide import Color
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.colour import cielab, oklab, srgb
from fernring.core.colour.difference import ciede2000
from fernring.core.colour.ramp import ramp
from tests.assertions import FernTestCase

colours = st.integers(0, 0xFFFFFF).map(lambda value: f"#{value:06x}")
PAIRS = json.loads((Path(__file__).parent / "ciede2000_pairs.json").read_text())["pairs"]


class Ciede2000Test(FernTestCase):
    def test_the_34_published_pairs(self) -> None:
        """G. Sharma, W. Wu, E. N. Dalal (2005), table 1."""
        self.assertEqual(len(PAIRS), 34)
        for l1, a1, b1, l2, a2, b2, wanted in PAIRS:
            there = ciede2000(np.array([l1, a1, b1]), np.array([l2, a2, b2]))
            back = ciede2000(np.array([l2, a2, b2]), np.array([l1, a1, b1]))
            self.assertAlmostEqual(float(there), wanted, places=4)
            self.assertAlmostEqual(float(back), wanted, places=4)

    @given(colours, colours)
    def test_against_a_reference_library(self, one: str, other: str) -> None:
        """coloraide, method 2000 on D65 Lab."""
        lab = cielab.from_srgb(srgb.from_hex([one, other]))
        first, second = (Color("lab-d65", values.tolist()) for values in lab)
        self.assertAlmostEqual(float(ciede2000(lab[0], lab[1])), first.delta_e(second, method="2000"), places=6)

    def test_many_against_many(self) -> None:
        lab = cielab.from_srgb(srgb.from_hex(["#000000", "#ffffff", "#b5402e"]))
        table = ciede2000(lab[:, None], lab[None, :])
        self.assertEqual(table.shape, (3, 3))
        self.assertTrue(np.allclose(table, table.T))
        self.assertAlmostEqual(float(table[0, 1]), 100.0, places=4)


class SpacesTest(FernTestCase):
    @given(colours)
    def test_srgb_oklab_and_lab_against_a_reference_library(self, colour: str) -> None:
        """coloraide: IEC 61966-2-1 for sRGB, Ottosson's Oklab, CIE Lab under D65."""
        ours = srgb.from_hex([colour])
        theirs = Color(colour)
        self.assertTrue(np.allclose(srgb.linear(ours)[0], theirs.convert("srgb-linear").coords(), atol=1e-9))
        self.assertTrue(np.allclose(oklab.from_srgb(ours)[0], theirs.convert("oklab").coords(), atol=2e-6))
        self.assertTrue(np.allclose(cielab.from_srgb(ours)[0], theirs.convert("lab-d65").coords(), atol=2e-3))

    @given(colours)
    def test_there_and_back(self, colour: str) -> None:
        coded = srgb.from_hex([colour])
        self.assertEqual(srgb.to_hex(coded), [colour])
        self.assertEqual(srgb.to_hex(srgb.coded(srgb.linear(coded))), [colour])
        self.assertEqual(srgb.to_hex(oklab.to_srgb(oklab.from_srgb(coded))), [colour])

    def test_the_knee_of_the_srgb_curve(self) -> None:
        """IEC 61966-2-1: 0.04045 coded is 0.0031308 linear."""
        self.assertAlmostEqual(float(srgb.linear(np.array(0.04045))), 0.0031308, places=7)


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
