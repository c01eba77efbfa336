"""CIEDE2000 against its published pairs and a reference library."""

import json
from pathlib import Path

import numpy as np
from coloraide import Color
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.colour import cielab, srgb
from fernring.core.colour.difference import ciede2000
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
