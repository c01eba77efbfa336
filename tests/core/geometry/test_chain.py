"""Places along a closed curve with one gap common to all."""

from math import pi

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.chain import closed_chain
from tests.assertions import FernTestCase


class ChainTest(FernTestCase):
    @given(st.lists(st.floats(1, 3), min_size=6, max_size=16))
    def test_chords_differ_from_their_sums_by_one_gap(self, sums: list[float]) -> None:
        wanted = np.array(sums)
        radius = max(float(wanted.sum()), 12.0) / 4

        def curve(a: np.ndarray) -> np.ndarray:
            return np.stack((radius * 1.3 * np.sin(a), -radius * np.cos(a), np.sin(2 * a)), axis=1)

        start = np.arange(len(sums)) * 2 * pi / len(sums)
        t, gap, off = closed_chain(curve, start, wanted)
        self.assertLess(off, 1e-9)
        points = curve(np.concatenate((t, [t[0] + 2 * pi])))
        chords = np.linalg.norm(np.diff(points, axis=0), axis=1)
        np.testing.assert_allclose(chords - wanted, gap, atol=1e-8)
        self.assertEqual(float(t[0]), 0.0)
