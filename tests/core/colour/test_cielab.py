"""CIE L*a*b*."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.colour import cielab
from tests.assertions import FernTestCase


class CielabTest(FernTestCase):
    @given(st.floats(0, 1))
    def test_greys_have_no_chroma_and_grow_lighter(self, grey: float) -> None:
        lab = cielab.from_srgb(np.array([[grey] * 3, [min(grey + 0.01, 1)] * 3]))
        self.assertLess(float(np.abs(lab[:, 1:]).max()), 1e-9)
        self.assertGreaterEqual(float(lab[1, 0]), float(lab[0, 0]))

    def test_black_white_and_middle_grey(self) -> None:
        """CIE 15: L* = 903.3 Y below the cut, 116 Y^(1/3) - 16 above; Y = 0.184187 gives 50 (definition of L*)."""
        lab = cielab.from_srgb(np.array([[0.0] * 3, [1.0] * 3]))
        np.testing.assert_allclose(lab, [(0, 0, 0), (100, 0, 0)], atol=1e-9)
        half = ((50 + 16) / 116) ** 3
        coded = 1.055 * half ** (1 / 2.4) - 0.055
        self.assertAlmostEqual(float(cielab.from_srgb(np.array([[coded] * 3]))[0, 0]), 50, places=9)
        dark = 0.005
        coded = 1.055 * dark ** (1 / 2.4) - 0.055
        self.assertAlmostEqual(float(cielab.from_srgb(np.array([[coded] * 3]))[0, 0]), 24389 / 27 * dark, places=6)
