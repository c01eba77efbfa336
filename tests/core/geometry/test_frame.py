"""Frames at places of a surface."""

from math import pi

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.dome import ball
from fernring.core.geometry.frame import frame_at
from fernring.core.geometry.surface import Plane
from tests.assertions import FernTestCase

ZERO = np.zeros(1)
PLACES = st.floats(-40, 40)


def point(x: float, y: float, z: float = 0.0) -> tuple[np.ndarray, ...]:
    return tuple(np.array([value]) for value in (x, y, z))


class FlatTest(FernTestCase):
    def test_up_is_away_from_the_centre_and_right_is_right_of_that(self) -> None:
        frame = frame_at(30.0, 0.0, 0.0, 0.0, 0.0, False)
        np.testing.assert_allclose(np.ravel(frame.out(*point(0, -5))), [35, 0, 0], atol=1e-12)
        np.testing.assert_allclose(np.ravel(frame.out(*point(2, 0))), [30, 2, 0], atol=1e-12)

    def test_in_the_centre_it_is_the_pieces_own(self) -> None:
        frame = frame_at(0.0, 0.0, 0.0, 0.0, 0.0, False)
        np.testing.assert_allclose(np.ravel(frame.out(*point(3, -4))), [3, -4, 0], atol=1e-12)

    def test_mirrored_right_becomes_left_and_turned_it_turns_clockwise(self) -> None:
        mirrored = frame_at(0.0, -10.0, 0.0, 0.0, 0.0, True)
        np.testing.assert_allclose(np.ravel(mirrored.out(*point(2, -1))), [-2, -11, 0], atol=1e-12)
        turned = frame_at(0.0, -10.0, 0.0, 0.0, pi / 2, False)
        np.testing.assert_allclose(np.ravel(turned.out(*point(0, -3))), [3, -10, 0], atol=1e-12)

    def test_directions_turn_with_it(self) -> None:
        flat, walk = Plane(50), np.array([4.0])
        turned = frame_at(20.0, 0.0, 0.0, 0.0, 0.3, False).turned_rad(flat, flat, walk, ZERO, np.array([0.2]))
        self.assert_mm(float(turned[0]) % (2 * pi), pi / 2 + 0.5, 1e-6)
        mirrored = frame_at(20.0, 0.0, 0.0, 0.0, 0.3, True).turned_rad(flat, flat, walk, ZERO, np.array([0.2]))
        self.assert_mm(float(mirrored[0]) % (2 * pi), pi / 2 + 0.1, 1e-6)

    @given(PLACES, PLACES, st.floats(-3, 3), st.booleans())
    def test_into_undoes_out(self, x: float, y: float, turn: float, mirrored: bool) -> None:
        frame = frame_at(x, y, 0.0, 0.0, turn, mirrored)
        np.testing.assert_allclose(np.ravel(frame.into(*frame.out(*point(1, 2, 3)))), [1, 2, 3], atol=1e-9)


class BallTest(FernTestCase):
    @given(st.floats(0.0, 1.5), st.floats(-3, 3), st.booleans())
    def test_every_point_stays_on_the_ball_and_the_pole_comes_to_the_place(
        self, lean: float, turn: float, mirrored: bool
    ) -> None:
        surface = ball(90)
        x, y = 45 * np.sin(lean), 0.0
        frame = frame_at(float(x), y, lean, surface.rise - surface.radius, turn, mirrored)
        out = frame.out(*surface.points(np.linspace(0, 60, 20), np.linspace(0, 6, 20)))
        np.testing.assert_allclose(np.hypot(np.hypot(out[0], out[1]), out[2]), 45, atol=1e-9)
        np.testing.assert_allclose(np.ravel(frame.out(*point(0, 0, 45))), [x, 0, 45 * np.cos(lean)], atol=1e-9)

    def test_a_step_outward_from_the_place_leads_away_from_the_piece_too(self) -> None:
        surface, walk = ball(90), np.array([5.0])
        frame = frame_at(0.0, -45 * float(np.sin(0.6)), 0.6, 0.0, 0.0, False)
        ahead = frame.turned_rad(surface, surface, walk, ZERO, ZERO)
        self.assert_mm(float(ahead[0]), 0.0, 1e-6)
        right = frame.turned_rad(surface, surface, walk, ZERO, np.array([pi / 2]))
        self.assert_mm(float(right[0]), pi / 2, 1e-4)
