"""sRGB, coded and linear."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.colour import srgb
from tests.assertions import FernTestCase


class SrgbTest(FernTestCase):
    def test_hex_and_levels(self) -> None:
        np.testing.assert_allclose(srgb.from_hex(["#ff8000", "#000000"]) * 255, [(255, 128, 0), (0, 0, 0)])
        self.assertEqual(srgb.from_hex([]).shape, (0, 3))
        self.assertEqual(srgb.to_hex(np.array([(1.2, -0.3, 0.5)])), ["#ff0080"])

    @given(st.floats(-1, 2))
    def test_coding_and_decoding_undo_each_other(self, light: float) -> None:
        if light >= 0:
            self.assertAlmostEqual(float(srgb.linear(srgb.coded(np.array(light)))), light, places=9)
        self.assertEqual(float(srgb.coded(np.array(-light))), -float(srgb.coded(np.array(light))))

    def test_the_curve_has_no_step_at_its_knee(self) -> None:
        """IEC 61966-2-1: 0.04045 coded, 0.0031308 linear; both pieces agree there to the standard's digits."""
        below, above = srgb.linear(np.array([0.04045, 0.0404501]))
        self.assertLess(abs(float(above - below)), 1e-7)
        below, above = srgb.coded(np.array([0.0031308, 0.00313081]))
        self.assertLess(abs(float(above - below)), 1e-6)
