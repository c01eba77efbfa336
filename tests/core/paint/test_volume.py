"""Volumes."""

from math import pi

import numpy as np
from scipy.integrate import quad

from fernring.core.paint.volume import caps, marks
from fernring.core.rows.trims.grown import Mark
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase


class VolumeTest(FernTestCase):
    def test_a_cap_by_integration(self) -> None:
        """The cap of a sphere, disc by disc."""
        for radius, share in ((2.0, 0.16), (4.5, 0.32), (0.5, 0.5)):
            height = 2 * radius * share
            sphere = (radius**2 + height**2) / (2 * height)
            whole, _ = quad(lambda z, s=sphere: pi * (s**2 - z**2), sphere - height, sphere)
            self.assertAlmostEqual(float(caps(np.array([radius]), np.array([share]))[0]), whole / 1000, places=9)

    def test_half_a_ball(self) -> None:
        self.assertAlmostEqual(float(caps(np.array([3.0]), np.array([0.5]))[0]), 2 / 3 * pi * 27 / 1000)


class MarksTest(FernTestCase):
    def test_swipes_by_integration(self) -> None:
        """Round caps (paraboloids) side by side along the spine, the highest at each point, on a fine grid."""
        rows = [patterns.row("a", 6.0, count={"kind": "absolute", "repeats": 8}, distance=patterns.at(25),
                             trims=patterns.numbered((patterns.swipe(**form),)))
                for form in ({}, {"length": 14.0}, {"length": 4.0})]  # fmt: skip
        seen = 0
        for row in rows:
            for one in solve_piece(patterns.with_rows(row)).marked[:2]:
                seen += 1
                found = float(marks([one.mark], [0.24])[0])
                self.assertAlmostEqual(found / self.on_a_grid(one.mark, 0.24), 1, delta=0.03)
        self.assertGreater(seen, 4)

    def on_a_grid(self, mark: Mark, share: float) -> float:
        step = float(mark.girth.max()) / 40
        low, high = (mark.spine - mark.girth[:, None]).min(axis=0), (mark.spine + mark.girth[:, None]).max(axis=0)
        x, y = np.meshgrid(np.arange(low[0], high[0], step), np.arange(low[1], high[1], step))
        at, k = np.linspace(0, len(mark.girth) - 1, 300), np.arange(len(mark.girth))
        columns = (mark.spine[:, 0], mark.spine[:, 1], mark.girth)
        top = np.zeros_like(x)
        for cx, cy, r in zip(*(np.interp(at, k, column) for column in columns), strict=True):
            top = np.maximum(top, 2 * share * (r - ((x - cx) ** 2 + (y - cy) ** 2) / max(r, 1e-9)))
        return float(top.sum()) * step**2 / 1000

    def test_a_disc_is_one_cap(self) -> None:
        """A paraboloid: pi r^2 h / 2."""
        one = Mark(*(np.zeros(0),) * 2, np.zeros((1, 2)), *(np.zeros(1),) * 2, np.array([2.0]), 0, 0, 0, 4 * pi)
        self.assertAlmostEqual(float(marks([one], [0.25])[0]), pi * 4 * 1.0 / 2 / 1000, places=12)
