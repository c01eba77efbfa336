"""Petals on curved blanks: the distances that count are straight lines in space."""

import numpy as np

from fernring.core.geometry.dome import ArcDome, ball
from fernring.core.geometry.egg import HalfEgg
from fernring.core.geometry.frames import beside, lifted
from fernring.core.geometry.plate import Plate
from fernring.core.geometry.surface import Plane, Surface
from fernring.core.plan import Plan, plan
from tests import patterns
from tests.assertions import FernTestCase

BLANKS = {
    "dome": patterns.DOME,
    "ball": patterns.BALL,
    "egg": {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "egg", "length": 120, "widest": 52}},
}
SURFACES: dict[str, Surface] = {
    "plane": Plane(60),
    "dome": ArcDome(55.0, 18),
    "ball": ball(90),
    "egg": HalfEgg(45, 60),
    "plate": Plate(100, 60, 14),
}


def petal(blank: str, walk: float) -> Plan:
    trim = patterns.walk(1.5, load="each", layers=2, gap=0.2)
    row = patterns.row("a", 6.8, distance=patterns.at(walk), trims=[trim], count={"kind": "absolute", "repeats": 4})
    given = patterns.piece("petals").model_dump(mode="json")
    given["blank"] = {**given["blank"], **BLANKS[blank]}
    return plan(patterns.read({**given, "rows": [row], "segments": 4}))


class ReliefPetalTest(FernTestCase):
    def test_no_two_dots_of_a_petal_are_closer_than_the_gap_in_space(self) -> None:
        for name in BLANKS:
            with self.subTest(name):
                dots = petal(name, 26).dots
                own = np.flatnonzero((dots.below == 0) | (np.arange(len(dots)) == 0))
                place = np.stack((dots.x[own], dots.y[own], dots.z[own]), axis=1)
                apart = np.linalg.norm(place[:, None] - place[None], axis=2)
                clear = apart - dots.radius[own, None] - dots.radius[own] + np.where(np.eye(len(own)), np.inf, 0)
                self.assertGreater(float(clear.min()), 0.2 - 5e-3)
                nearest = np.sort(clear, axis=1)[:, 0]
                self.assertLess(float(np.abs(nearest - 0.2).max()), 5e-3)

    def test_every_dot_lies_on_the_surface(self) -> None:
        radius = (55**2 + 18**2) / 36
        dots = petal("dome", 26).dots
        away = np.sqrt(dots.x**2 + dots.y**2 + (dots.z - (18 - radius)) ** 2)
        np.testing.assert_allclose(away, radius, atol=1e-9)

    def test_petals_are_alike_all_round(self) -> None:
        for name in BLANKS:
            self.assert_turns_onto_itself(petal(name, 26), 4)


class FrameTest(FernTestCase):
    def test_small_steps_are_as_long_as_told_on_every_surface(self) -> None:
        for name, surface in SURFACES.items():
            with self.subTest(name):
                walk, angle = np.array([30.0]), np.array([0.7])
                x, y, z = surface.points(walk, angle)
                for u, v in ((0.01, 0.0), (0.0, 0.01), (0.006, 0.008)):
                    (px, py, pz), _, _ = beside(surface, walk, angle, x, y, angle, np.array([u]), np.array([v]))
                    step = float(np.sqrt((px - x) ** 2 + (py - y) ** 2 + (pz - z) ** 2)[0])
                    self.assert_mm(step, float(np.hypot(u, v)), 2e-5)

    def test_round_the_pole_offsets_are_walks(self) -> None:
        for surface in SURFACES.values():
            zero = np.zeros(8)
            a = np.arange(8) * np.pi / 4
            _, walks, _ = beside(surface, zero, zero, zero, zero, zero, 5 * np.sin(a), 5 * np.cos(a))
            np.testing.assert_allclose(walks, 5.0, atol=1e-9)

    def test_lifting_keeps_the_plan(self) -> None:
        x, y = np.array([12.0, -5.0]), np.array([3.0, 20.0])
        for surface in SURFACES.values():
            (px, py, _), walk = lifted(surface, x, y)
            np.testing.assert_allclose((px, py), (x, y), atol=1e-7)
            self.assertTrue((walk >= np.hypot(x, y) - 1e-9).all())
