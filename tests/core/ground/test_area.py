"""Surfaces of blanks, against closed forms."""

from math import pi
from typing import Any

from fernring.core.ground.area import surface_area
from fernring.core.ground.ground import ground
from tests import samples
from tests.assertions import FernTestCase


class SurfaceAreaTest(FernTestCase):
    def area(self, outline: dict[str, Any], relief: dict[str, Any]) -> float:
        blank = samples.piece().blank.model_dump(mode="json") | {"outline": outline, "relief": relief, "border": 2.0}
        return surface_area(ground(type(samples.piece().blank).model_validate(blank)))

    def test_flat_ones_are_their_outline(self) -> None:
        flat = {"kind": "flat"}
        self.assertAlmostEqual(self.area({"kind": "round", "diameter": 100}, flat), pi * 2500, delta=5)
        self.assertAlmostEqual(self.area({"kind": "oval", "length": 120, "width": 80}, flat), pi * 2400, delta=5)
        self.assertAlmostEqual(self.area({"kind": "rectangle", "length": 120, "width": 80}, flat), 9600, delta=1e-6)

    def test_a_cap_and_a_ball(self) -> None:
        """Cap of a sphere: pi (a^2 + h^2). Ball: pi d^2."""
        round_ = {"kind": "round", "diameter": 100}
        cap = self.area(round_, {"kind": "dome", "rise": 20})
        self.assertAlmostEqual(cap / (pi * (2500 + 400)), 1, delta=0.002)
        self.assertAlmostEqual(
            self.area({"kind": "round", "diameter": 60}, {"kind": "ball"}) / (pi * 3600), 1, delta=0.002
        )

    def test_a_domed_oval(self) -> None:
        """It lies between that of a flat one and that of a dome as wide as it is long."""
        domed = self.area({"kind": "oval", "length": 120, "width": 80}, {"kind": "dome", "rise": 20})
        self.assertGreater(domed, 1.05 * pi * 2400)
        self.assertLess(domed, pi * 2400 * (3600 + 400) / 3600 * 1.3)
