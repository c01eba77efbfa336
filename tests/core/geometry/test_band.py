"""The outline of a line, against shapely's buffer."""

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.band import band
from tests.assertions import FernTestCase


class BandTest(FernTestCase):
    @given(st.floats(0.1, 1.0), st.floats(0.0, 4.0))
    def test_it_is_the_spine_grown_to_either_side(self, half: float, bend: float) -> None:
        t = np.linspace(0, 1, 41)
        spine = np.stack((10 * t, bend * np.sin(3 * t)), axis=1)
        found = shapely.Polygon(band(spine, half))
        wanted = shapely.LineString(spine).buffer(half, quad_segs=64)
        self.assertTrue(found.is_valid)
        self.assertLess(found.symmetric_difference(wanted).area, 0.01 * wanted.area + 0.02 * half**2)
