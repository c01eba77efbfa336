"""Paint and paper in a photograph: against light mixed of known shares."""

import numpy as np

from fernring.core.colour import srgb
from fernring.vision.paint_on_paper import beside_paper, darkness, linear, paint_share
from tests.assertions import FernTestCase

PAINT = np.array([0.10, 0.25, 0.40])


def mixed(share: float, shade: float = 1.0) -> np.ndarray:
    """Light of a place that is paint in this share, the rest paper in that light."""
    return np.asarray(share * PAINT + (1 - share) * shade * np.ones(3))[None, None]


class PaperTest(FernTestCase):
    def test_linear_light_of_bytes(self) -> None:
        """Source: IEC 61966-2-1 through the core's own conversion, held against it elsewhere."""
        pixels = np.array([[[0, 128, 255]]], np.uint8)
        self.assertTrue(np.allclose(linear(pixels)[0, 0], srgb.linear(np.array([0, 128, 255]) / 255), atol=1e-6))

    def test_the_share_of_paint(self) -> None:
        for share in (0.0, 0.3, 0.5, 1.0):
            self.assertAlmostEqual(float(paint_share(mixed(share), PAINT)[0, 0]), share, places=5)

    def test_a_shadow_is_hardly_paint_of_a_clear_colour(self) -> None:
        red = np.array([0.45, 0.05, 0.04])
        shadow = mixed(0.0, 0.5)
        self.assertLess(float(paint_share(shadow, red)[0, 0]), 0.35)
        self.assertGreater(float(darkness(shadow, red)[0, 0]), 0.5)
        self.assertGreater(float(paint_share(shadow, np.full(3, 0.3))[0, 0]), 0.6)  # a grey one cannot be told from it

    def test_darkness_is_one_on_paint_and_none_on_paper(self) -> None:
        self.assertAlmostEqual(float(darkness(mixed(1.0), PAINT)[0, 0]), 1.0, places=5)
        self.assertAlmostEqual(float(darkness(mixed(0.0), PAINT)[0, 0]), 0.0, places=5)
        self.assertAlmostEqual(float(darkness(mixed(0.4), PAINT)[0, 0]), 0.4, places=5)

    def test_slow_light_is_taken_out_and_dots_stay(self) -> None:
        v, u = np.mgrid[0:400, 0:500]
        lamp = (0.5 + 0.3 * u / 500 - 0.1 * v / 400)[..., None]
        wet = (np.hypot(u % 100 - 50, v % 100 - 50) < 14)[..., None]
        shown = beside_paper((lamp * np.where(wet, PAINT, 1.0)).astype(np.float32), 5.0)
        self.assertLess(float(np.quantile(np.abs(shown[~wet[..., 0]] - 1), 0.95)), 0.09)
        self.assertLess(float(np.abs(shown[wet[..., 0]] - PAINT).max()), 0.05)
