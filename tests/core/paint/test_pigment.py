"""What paints absorb and scatter."""

import numpy as np

from fernring.core.colour import srgb
from fernring.core.document.shelf import Paint, Swab
from fernring.core.paint.pigment import pigments, quotient, reflected
from fernring.standins.paints import drawn, painted, white
from tests.assertions import FernTestCase


class KubelkaMunkTest(FernTestCase):
    def test_the_equation_and_its_root(self) -> None:
        """K/S = (1 - R)^2 / 2R: 0.5 gives 0.25, and back. Source: Kubelka and Munk 1931."""
        self.assertAlmostEqual(float(quotient(np.array([0.5]))[0]), 0.25)
        below = np.linspace(0.01, 0.99, 50)
        np.testing.assert_allclose(reflected(quotient(below)), below, atol=1e-12)


class PigmentsTest(FernTestCase):
    def test_without_swabs_strength_goes_by_cover(self) -> None:
        found = pigments([Paint(id=c, name=c, colour="#b5402e", cover=c) for c in ("opaque", "half", "translucent")])  # type: ignore[arg-type]
        self.assertEqual([round(float(one.scatters[0]), 2) for one in found], [1.0, 0.5, 0.2])
        self.assertFalse(any(one.calibrated for one in found))
        ratios = [one.absorbs / one.scatters for one in found]
        np.testing.assert_allclose(ratios[0], ratios[2])

    def test_swabs_tell_how_strong_a_paint_is(self) -> None:
        """Of a made-up paint, half as strong as white or less, the tints are foretold better than by its cover."""
        random = np.random.default_rng(8)
        for _ in range(4):
            base, colour = white(), drawn(random)
            mixes = np.array([[0.0, 1.0], [1.0, 0.0], [1.0, 1.0], [4.0, 1.0], [2.0, 1.0]])
            pure, snow, one, four, two = srgb.to_hex(painted([base, colour], mixes))
            plain = Paint(id="colour", name="Colour", colour=pure)
            swabs = (Swab(white=1.0, colour=one), Swab(white=4.0, colour=four))
            pots = [Paint(id="white", name="White", colour=snow), plain]
            told = [pots[0], plain.model_copy(update={"swabs": swabs})]
            off = [self.off(paints, two) for paints in (told, pots)]
            self.assertLess(off[0], 1.5)
            self.assertLess(off[0], off[1] + 0.2)

    def off(self, paints: list[Paint], wanted: str) -> float:
        """Error (CIEDE2000) of what is foretold of two parts of white and one of the colour."""
        from fernring.core.colour import cielab
        from fernring.core.colour.difference import ciede2000
        from fernring.core.paint.mixing import mixed

        seen = np.clip(mixed(pigments(paints, "white"), np.array([[2.0, 1.0]])), 0, 1)
        return float(ciede2000(cielab.from_srgb(seen), cielab.from_srgb(srgb.from_hex([wanted])))[0])
