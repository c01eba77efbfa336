"""Turning about the centre."""

from math import pi

import numpy as np

from fernring.core.geometry.turn import turned_places
from tests.assertions import FernTestCase


class TurnTest(FernTestCase):
    def test_a_quarter_turn_clockwise_brings_twelve_to_three_o_clock(self) -> None:
        x, y = turned_places(np.array([0.0, 1.0]), np.array([-1.0, 0.0]), pi / 2)
        np.testing.assert_allclose(np.stack((x, y)), [[1, 0], [0, 1]], atol=1e-15)
