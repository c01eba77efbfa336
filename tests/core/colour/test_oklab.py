"""Oklab."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.colour import oklab
from tests.assertions import FernTestCase

parts = st.floats(0, 1)


class OklabTest(FernTestCase):
    @given(parts, parts, parts)
    def test_there_and_back(self, r: float, g: float, b: float) -> None:
        coded = np.array([[r, g, b]])
        np.testing.assert_allclose(oklab.to_srgb(oklab.from_srgb(coded)), coded, atol=1e-7)

    def test_the_primaries_as_its_author_gives_them(self) -> None:
        """Ottosson (2020), values of sRGB red, green and blue (from memory, three places)."""
        found = oklab.from_srgb(np.eye(3))
        wanted = [(0.628, 0.225, 0.126), (0.866, -0.234, 0.179), (0.452, -0.032, -0.312)]
        np.testing.assert_allclose(found, wanted, atol=1e-3)
        np.testing.assert_allclose(oklab.from_srgb(np.ones((1, 3))), [(1, 0, 0)], atol=1e-6)
