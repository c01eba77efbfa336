"""Places beside a dot."""

import numpy as np

from fernring.core.geometry.dome import ArcDome, ball
from fernring.core.geometry.egg import HalfEgg
from fernring.core.geometry.frames import beside, lifted
from fernring.core.geometry.plate import Plate
from fernring.core.geometry.surface import Plane, Surface
from tests.assertions import FernTestCase

SURFACES: dict[str, Surface] = {
    "plane": Plane(60),
    "dome": ArcDome(55.0, 18),
    "ball": ball(90),
    "egg": HalfEgg(45, 60),
    "plate": Plate(100, 60, 14),
}


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
