"""The shelf."""

from fernring.core.document.shelf import HEIGHT
from tests.assertions import FernTestCase


class HeightTest(FernTestCase):
    def test_how_high_a_dried_dot_stands(self) -> None:
        """Common practice, no source: a sixth, a quarter and a third of its width, to a hundredth or so."""
        for body, share in (("fluid", 1 / 6), ("medium", 1 / 4), ("heavy", 1 / 3)):
            self.assertAlmostEqual(HEIGHT[body], share, delta=0.015)  # type: ignore[index]
