"""Surfaces: every one keeps the promises of the protocol, whatever its shape."""

from math import pi

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.dome import ArcDome, ball
from fernring.core.geometry.egg import HalfEgg
from fernring.core.geometry.flipped import Flipped
from fernring.core.geometry.outline.rays import Rim
from fernring.core.geometry.outline.shapes import oval
from fernring.core.geometry.plate import Plate
from fernring.core.geometry.surface import Plane, Surface
from tests.assertions import FernTestCase

SURFACES: dict[str, Surface] = {
    "plane": Plane(45),
    "dome": ArcDome(45.0, 14),
    "steep dome": ArcDome(30.0, 30),
    "ball": ball(80),
    "back of a ball": Flipped(ball(80)),
    "blunt half": HalfEgg(28, 30),
    "pointed half": HalfEgg(28, 46),
    "plate": Plate(100, 60, 18),
    "domed oval": ArcDome(Rim(oval(140, 90)), 20),
}


shares = st.floats(0.02, 0.98)


turns = st.floats(0, 2 * pi)


class SurfaceTest(FernTestCase):
    def each(self) -> list[tuple[str, Surface]]:
        return list(SURFACES.items())

    def test_reach_and_points_agree(self) -> None:
        walk, angle = np.meshgrid(np.linspace(0, 1, 23), np.linspace(0, 6, 17))
        for name, surface in self.each():
            with self.subTest(name):
                w = walk * surface.edge(angle)
                x, y, _ = surface.points(w, angle)
                self.assertLess(float(np.abs(np.hypot(x, y) - surface.reach(w, angle)).max()), 1e-9)

    def test_many_walks_at_once_are_those_one_by_one(self) -> None:
        """Rings ask for one walk, nesting for a few, guides for many; each way has its own code."""
        for name, surface in self.each():
            with self.subTest(name):
                walk = np.linspace(0.0, 1.0, 61) * float(surface.edge(np.zeros(1))[0])
                angle = np.full(61, 0.7)
                many = np.stack(surface.points(walk, angle))
                single = np.stack(
                    [np.stack(surface.points(walk[k : k + 1], angle[k : k + 1])) for k in range(61)], axis=1
                )
                np.testing.assert_allclose(many, single[:, :, 0], atol=1e-10)
                reach = surface.reach(walk, angle)
                few = np.concatenate([surface.walk_to(reach[k : k + 5], angle[k : k + 5]) for k in range(0, 60, 5)])
                np.testing.assert_allclose(surface.walk_to(reach, angle)[:60], few, atol=1e-10)
                far = np.linspace(0.5, 60, 61)
                contacts = surface.contact_walk(angle - 0.2, *many, far)
                each = [surface.contact_walk(angle[k] - 0.2, *many[:, k : k + 1], far[k]) for k in range(61)]
                np.testing.assert_allclose(contacts, np.concatenate(each), atol=1e-7)
                if surface.axisymmetric:
                    circles = [surface.circle(float(w)) for w in walk]
                    np.testing.assert_allclose([circle.reach for circle in circles], reach, atol=1e-10)
                    np.testing.assert_allclose([circle.z for circle in circles], many[2], atol=1e-10)

    def test_walk_undoes_reach(self) -> None:
        angle = np.linspace(0, 6, 40)
        for name, surface in self.each():
            with self.subTest(name):
                walk = np.linspace(0.01, 0.99, 40) * surface.edge(angle)
                again = surface.walk_to(surface.reach(walk, angle), angle)
                self.assertLess(float(np.abs(again - walk).max()), 1e-7)
                if surface.axisymmetric:
                    self.assert_mm(surface.walk(float(surface.reach(walk[:1], angle[:1])[0])), float(walk[0]), 1e-7)

    def test_a_walk_is_as_long_as_the_steps_along_it(self) -> None:
        """Summed straight steps along a meridian approach the walk from below."""
        for name, surface in self.each():
            with self.subTest(name):
                far = float(surface.edge(np.array([1.0]))[0])
                steps = np.diff(np.stack(surface.points(np.linspace(0, far, 20_001), np.ones(20_001)), axis=1), axis=0)
                self.assert_mm(float(np.linalg.norm(steps, axis=1).sum()), far, 2e-4)

    def test_normals_are_square_to_the_surface(self) -> None:
        walk, angle, h = np.linspace(5, 20, 9), np.linspace(0.2, 6, 9), 1e-5
        for name, surface in self.each():
            if name == "domed oval":
                continue
            with self.subTest(name):
                normal = np.stack(surface.normals(walk, angle))
                self.assertLess(float(np.abs((normal**2).sum(axis=0) - 1).max()), 1e-12)
                for dw, da in ((h, 0.0), (0.0, h)):
                    ahead = np.stack(surface.points(walk + dw, angle + da))
                    behind = np.stack(surface.points(walk - dw, angle - da))
                    lean = ((ahead - behind) / (2 * h) * normal).sum(axis=0)
                    self.assertLess(float(np.abs(lean).max()), 1e-5)

    @given(st.sampled_from(sorted(SURFACES)), shares, turns, shares, turns)
    def test_contact_is_exactly_as_far_as_asked(self, name: str, w: float, a: float, d: float, b: float) -> None:
        """And nothing further out along the spoke is."""
        surface = SURFACES[name]
        angle = np.array([a])
        point = surface.points(w * surface.edge(angle), angle)
        spoke, distance = np.array([a + (b - pi) / 12]), np.array([0.2 + 12 * d])
        found = surface.contact_walk(spoke, *point, distance)
        out = np.linspace(0, float(surface.edge(spoke)[0]), 4001)
        apart = np.linalg.norm(np.stack(surface.points(out, np.full(4001, spoke[0]))) - np.stack(point), axis=0)
        if np.isnan(found[0]):
            self.assertGreater(float(apart.min()), distance[0] - 1e-2)
            return
        if not 0 <= found[0] <= surface.edge(spoke)[0]:
            return
        there = np.stack(surface.points(found, spoke))
        self.assert_mm(float(np.linalg.norm(there - np.stack(point))), float(distance[0]), 1e-7)
        self.assertGreater(float(apart[out > found[0]].min(initial=np.inf)), distance[0] - 1e-6)

    def test_a_back_is_the_front_turned_over(self) -> None:
        front, back = SURFACES["ball"], SURFACES["back of a ball"]
        walk, angle = np.array([10.0, 30.0]), np.array([0.4, 2.0])
        for one, other, sign in zip(front.points(walk, angle), back.points(walk, angle), (-1, 1, -1), strict=True):
            np.testing.assert_allclose(other, sign * one)
