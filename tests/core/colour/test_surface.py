"""Light at the surface."""

import numpy as np

from fernring.core.colour.seen import as_seen
from fernring.core.colour.surface import ROUGH, inside, outside
from tests.assertions import FernTestCase


class SurfaceTest(FernTestCase):
    def test_the_surface_takes_away_and_gives_back(self) -> None:
        """Saunderson 1942, k1 0.04 and k2 0.6, without the mirror image: a perfect white stays 0.96 of itself."""
        below = np.linspace(0.0, 1.0, 30)
        for inner in ((), (ROUGH,)):
            self.assertAlmostEqual(float(outside(np.array([1.0]), *inner)[0]), 0.96)
            np.testing.assert_allclose(inside(outside(below, *inner), *inner), below, atol=1e-12)

    def test_a_smooth_surface_keeps_more_of_the_light_below(self) -> None:
        """A middle grey of 0.5, seen through a matte surface, by hand: R = 0.5/(0.96 * 0.5 + 0.25) = 0.6849, and
        0.96 * 0.4 R/(1 - 0.6 R) = 0.4465."""
        self.assertAlmostEqual(float(outside(inside(np.array([0.5]), ROUGH))[0]), 0.4465, places=4)
        dry, gloss = "#808080", as_seen(("#808080",), "gloss")[0]
        self.assertLess(gloss, dry)
