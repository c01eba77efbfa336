"""Reliefs as seen from places beside their axis."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.dome import ArcDome
from fernring.core.geometry.frame import frame_at
from fernring.core.geometry.sections import Sections
from fernring.core.geometry.surface import Surface
from tests.assertions import FernTestCase

ROUND = 50 * np.stack((np.sin(np.linspace(0, 6.28, 181)), np.cos(np.linspace(0, 6.28, 181))), axis=1)
DOME = ArcDome(50.0, 20.0)


def seen(x: float, y: float, home: Surface = DOME) -> Sections:
    return Sections(home, frame_at(x, y, 0.0, 0.0, 0.0, False), ROUND)


class SectionsTest(FernTestCase):
    def test_from_the_axis_it_is_the_relief_itself(self) -> None:
        found, angle = seen(0.0, 0.0), np.linspace(0, 6, 40)
        for walk in (0.0, 5.0, 20.0, 45.0):
            mine, theirs = (one.points(np.full(40, walk), angle) for one in (found, DOME))
            for a, b in zip(mine, theirs, strict=True):
                np.testing.assert_allclose(a, b, atol=2e-3)

    @given(st.floats(-25, 25), st.floats(-25, 25), st.floats(0, 6.2), st.floats(0.5, 18))
    def test_points_lie_on_the_relief_as_far_as_a_tape_would_say(
        self, x: float, y: float, way: float, walk: float
    ) -> None:
        found = seen(x, y)
        angle = np.array([way])
        px, py, z = found.frame.out(*found.points(np.array([walk]), angle))
        reach = np.hypot(px, py)
        on = DOME.points(DOME.walk_to(reach, np.arctan2(px, -py)), np.arctan2(px, -py))
        self.assert_mm(float(z[0]), float(on[2][0]), 1e-9)
        fine = np.linspace(0, walk, 400)
        line = np.stack(found.points(fine, np.full(400, way)), axis=1)
        self.assert_mm(float(np.linalg.norm(np.diff(line, axis=0), axis=1).sum()), walk, 0.01)

    @given(st.floats(-25, 25), st.floats(-25, 25), st.floats(0, 6.2), st.floats(0.5, 15))
    def test_walks_and_reaches_undo_each_other(self, x: float, y: float, way: float, walk: float) -> None:
        found, angle = seen(x, y), np.array([way])
        self.assert_mm(float(found.walk_to(found.reach(np.array([walk]), angle), angle)[0]), walk, 1e-9)

    @given(st.floats(-20, 20), st.floats(-20, 20), st.floats(0, 6.2), st.floats(1, 6))
    def test_a_contact_is_exactly_so_far_away_and_the_furthest(
        self, x: float, y: float, way: float, distance: float
    ) -> None:
        found = seen(x, y)
        there = found.points(np.array([8.0]), np.array([way + 0.1]))
        angle = np.array([way])
        walk = found.contact_walk(angle, *there, np.array([distance]))
        line = np.stack(found.points(np.linspace(0, 22, 4000), np.full(4000, way)), axis=1)
        apart = np.linalg.norm(line - np.ravel(there), axis=1)
        if np.isnan(walk[0]):
            self.assertGreater(float(apart.min()), distance)
            return
        at = np.ravel(found.points(walk, angle))
        self.assert_mm(float(np.linalg.norm(at - np.ravel(there))), distance, 1e-6)
        beyond = np.linspace(0, 22, 4000) > walk[0] + 0.01
        self.assertGreater(float(apart[beyond].min()), distance)

    def test_normals_are_perpendicular_to_the_surface(self) -> None:
        found, walk, angle = seen(15.0, -8.0), np.array([7.0]), np.array([1.0])
        normal = np.ravel(found.normals(walk, angle))
        x, y, z = found.frame.out(*found.points(walk, angle))
        centre = np.array([0.0, 0.0, DOME.rise - DOME.radius])
        wanted = (np.ravel((x, y, z)) - centre) / DOME.radius @ found.frame.axes
        np.testing.assert_allclose(normal, wanted, atol=1e-3)
