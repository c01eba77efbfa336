"""Outlines by ruler that never overshoot what was measured."""

from math import pi

import numpy as np
from scipy.interpolate import CubicSpline, PchipInterpolator

from fernring.core.geometry.outline import shapes
from fernring.core.geometry.outline.spokes import smooth_radii, spokes_needed, worst_miss
from tests.assertions import FernTestCase

JUMPY = [40, 42, 55, 41, 38, 37, 39, 60, 44, 40]


def oval(n: int, a: float = 60.0, b: float = 40.0) -> list[float]:
    turn = np.arange(n) * 2 * pi / n
    return list(a * b / np.hypot(b * np.sin(turn), a * np.cos(turn)))


class SpokesTest(FernTestCase):
    def test_never_beyond_the_two_that_were_measured(self) -> None:
        random = np.random.default_rng(3)
        for _ in range(30):
            known = random.uniform(20, 90, int(random.integers(6, 40)))
            n = len(known)
            angles = np.linspace(0, 2 * pi, 50 * n, endpoint=False)
            found = smooth_radii(list(known), angles)
            at = np.floor(angles / (2 * pi / n) + 1e-9).astype(int) % n
            low, high = np.minimum(known[at], known[(at + 1) % n]), np.maximum(known[at], known[(at + 1) % n])
            self.assertTrue(((found >= low - 1e-9) & (found <= high + 1e-9)).all())

    def test_through_the_points_and_closed(self) -> None:
        n = len(JUMPY)
        self.assertTrue(np.allclose(smooth_radii(JUMPY, np.arange(n) * 2 * pi / n), JUMPY))
        self.assertTrue(np.allclose(smooth_radii(JUMPY, np.array([1e-9, 2 * pi - 1e-9])), JUMPY[0], atol=1e-6))
        line = shapes.spoked_smooth(JUMPY)
        self.assertTrue(np.allclose(line[0], (0, -JUMPY[0])))
        step = np.linalg.norm(np.diff(line, axis=0, append=line[:1]), axis=1)
        self.assertLess(float(step.max()), 3.0)

    def test_against_scipy(self) -> None:
        """Sources: scipy.interpolate.PchipInterpolator over three rounds; where nothing turns, near CubicSpline with
        periodic ends."""
        n = len(JUMPY)
        thrice = PchipInterpolator(np.arange(-n, 2 * n) * 2 * pi / n, JUMPY * 3)
        angles = np.linspace(0, 2 * pi, 500, endpoint=False)
        self.assertTrue(np.allclose(smooth_radii(JUMPY, angles), thrice(angles)))
        known = oval(24)
        spline = CubicSpline(np.arange(25) * 2 * pi / 24, [*known, known[0]], bc_type="periodic")
        self.assertLess(float(np.abs(smooth_radii(known, angles) - spline(angles)).max()), 0.35)

    def test_how_many_are_needed(self) -> None:
        """An oval 120 x 80 mm: as many as advised tell it to half a millimetre, half of them much worse."""
        needed = spokes_needed(oval(12))
        angles = np.linspace(0, 2 * pi, 2_000, endpoint=False)
        true = 60 * 40 / np.hypot(40 * np.sin(angles), 60 * np.cos(angles))
        off, half = (float(np.abs(smooth_radii(oval(n), angles) - true).max()) for n in (needed, needed // 2))
        self.assertLess(off, 0.55)
        self.assertGreater(half, 2 * off)
        self.assertEqual(spokes_needed([50.0] * 12), 6)
        self.assertEqual(spokes_needed([20.0, 160.0] * 6), 72)
        self.assertAlmostEqual(worst_miss([50.0] * 7), 0)
