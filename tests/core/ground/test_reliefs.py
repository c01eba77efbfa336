"""From the relief in the document to the surface."""

from typing import Any

import numpy as np
from scipy.optimize import brentq

from fernring.core.document.blank import Blank
from fernring.core.document.relief import TapedDome
from fernring.core.geometry.plate import Plate
from fernring.core.ground.ground import ground
from fernring.core.ground.reliefs import rise_of, surfaces
from tests.assertions import FernTestCase
from tests.blanks import bare


def blank(**given: Any) -> Blank:
    return Blank.model_validate({"base": {"name": "Dark", "colour": "#101417"}, **given})


class ReliefsTest(FernTestCase):
    def test_a_plate_is_flat_in_its_well_and_rises_to_its_rim(self) -> None:
        """A straight rim 40 mm wide in plan and 14 mm high is walked along its slope, by Pythagoras."""
        plate = blank(outline={"kind": "round", "diameter": 200}, relief={"kind": "plate", "well": 120, "rise": 14})
        surface, back = surfaces(plate, ground(plate).outline)
        self.assertIsInstance(surface, Plate)
        self.assertIsNone(back)
        self.assert_mm(float(surface.points(np.array([59.9]), np.array([0.0]))[2][0]), 0)
        slope = float(np.hypot(40, 14))
        self.assert_mm(surface.rim, 60 + slope)
        x, y, z = (float(one[0]) for one in surface.points(np.array([60 + slope]), np.array([0.0])))
        np.testing.assert_allclose((x, y, z), (0, -100, 14), atol=1e-9)

    def test_the_rim_of_a_flat_blank_is_its_furthest_point(self) -> None:
        flat = blank(outline={"kind": "square", "side": 100})
        surface, _ = surfaces(flat, ground(flat).outline)
        self.assert_mm(surface.rim, 50 * 2**0.5)

    def test_a_taped_dome_rises_as_its_tape_says(self) -> None:
        """A bow of 105 mm over a chord of 90: the half angle t solves sin t / t = 90/105, the rise is 45 tan(t/2)."""
        taped = bare("taped").blank
        half = brentq(lambda t: np.sin(t) / t - 90 / 105, 0.1, 3)
        assert isinstance(taped.relief, TapedDome)
        self.assert_mm(rise_of(taped.relief, ground(taped).outline), 45 * float(np.tan(half / 2)), 1e-6)
