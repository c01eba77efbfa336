"""Spectra under daylight."""

import numpy as np

from fernring.core.colour.cielab import XYZ_OF_LIGHT
from fernring.core.colour.spectrum import light_of, observer
from tests.assertions import FernTestCase


class SpectrumTest(FernTestCase):
    def test_a_perfect_white_has_the_white_points_of_the_cie(self) -> None:
        """D65: 0.95047, 1, 1.08883; A: 1.09850, 1, 0.35585. Source: CIE 15, from memory; sums every 10 nm come near."""
        for light, wanted in (("D65", (0.95047, 1.0, 1.08883)), ("A", (1.0985, 1.0, 0.35585))):
            np.testing.assert_allclose(observer(light).sum(axis=0), wanted, atol=0.002)

    def test_white_and_grey_are_so_in_srgb(self) -> None:
        np.testing.assert_allclose(light_of(np.array([np.ones(36), np.full(36, 0.5)])), [[1.0] * 3, [0.5] * 3])

    def test_luminance_is_that_of_srgb(self) -> None:
        curve = np.linspace(0.1, 0.9, 36)[None]
        through = (light_of(curve) @ XYZ_OF_LIGHT.T)[0]
        np.testing.assert_allclose(through, (curve @ observer())[0], atol=0.003)
