"""Colour against published pairs and reference libraries."""

import numpy as np
from coloraide import Color
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.colour import cielab, oklab, srgb
from tests.assertions import FernTestCase

colours = st.integers(0, 0xFFFFFF).map(lambda value: f"#{value:06x}")


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
