"""Empty places among discs, against a search that tries every three."""

from itertools import combinations
from math import pi, sqrt

import numpy as np

from fernring.core.dots.holes import holes
from fernring.core.geometry.apollonius import touching_three
from tests.assertions import FernTestCase

Discs = tuple[np.ndarray, np.ndarray, np.ndarray]


def every_hole(x: np.ndarray, y: np.ndarray, r: np.ndarray, smallest: float) -> set[tuple[float, float]]:
    """Every empty circle that touches three discs: all triples, and all discs looked at for each."""
    triples = np.array(list(combinations(range(len(x)), 3)))
    cx, cy, t = touching_three(x[triples], y[triples], r[triples])
    wide = np.flatnonzero(np.isfinite(t) & (t >= smallest) & (np.hypot(cx, cy) <= 1e4))
    away = np.hypot(cx[wide, None] - x, cy[wide, None] - y) - r - t[wide, None]
    empty = wide[(away > -1e-6).all(axis=1) & (np.sort(away, axis=1)[:, 2] < 1e-6)]
    return {(round(float(cx[k]), 2) + 0, round(float(cy[k]), 2) + 0) for k in empty}


class HolesTest(FernTestCase):
    def test_between_three_touching_discs(self) -> None:
        """Descartes (1643): three circles of radius r leave one of r (2/sqrt(3) - 1)."""
        angle = np.arange(3) * 2 * pi / 3
        far = 2 * 5 / sqrt(3)
        x, y, t = holes(far * np.sin(angle), -far * np.cos(angle), np.full(3, 5.0), 2 * pi, 0.0)
        self.assertEqual(len(t), 1)
        self.assert_mm(float(t[0]), 5 * (2 / sqrt(3) - 1), 1e-9)
        self.assert_mm(float(np.hypot(x, y)[0]), 0, 1e-6)

    def test_a_square_lattice_has_one_in_every_cell(self) -> None:
        """Discs of 1 mm radius, 3 mm apart: 3/sqrt(2) - 1 in the middle of each four."""
        x, y = (part.ravel() * 3.0 for part in np.meshgrid(np.arange(5), np.arange(5)))
        found = holes(x + 100, y + 100, np.ones(25), 2 * pi, 0.0)
        inner = [t for cx, cy, t in zip(*found, strict=True) if 100 < cx < 112 and 100 < cy < 112]
        self.assertEqual(len(inner), 16)
        np.testing.assert_allclose(inner, 3 / sqrt(2) - 1, atol=1e-9)

    def test_none_is_missed_that_lies_among_close_neighbours(self) -> None:
        """Random discs that keep apart; places among discs that are all near are those of trying every three."""
        rng = np.random.default_rng(12)
        kept: list[tuple[float, float, float]] = []
        while len(kept) < 40:
            a, b, r = rng.uniform(-20, 20), rng.uniform(-20, 20), float(rng.choice([0.5, 1.0, 2.0, 4.0]))
            if all(np.hypot(a - u, b - v) > r + s + 0.1 for u, v, s in kept):
                kept.append((a, b, r))
        x, y, r = np.array(kept).T
        found = holes(x, y, r, 2 * pi, 0.0, 0.3)
        ours = {(round(float(a), 2) + 0, round(float(b), 2) + 0) for a, b, _ in zip(*found, strict=True)}
        self.assertEqual(ours, every_hole(x, y, r, 0.3))

    def test_a_sector_holds_its_share(self) -> None:
        angle = np.arange(12) * 2 * pi / 12
        x = np.concatenate((20 * np.sin(angle), 26 * np.sin(angle)))
        y = np.concatenate((-20 * np.cos(angle), -26 * np.cos(angle)))
        whole = holes(x, y, np.full(24, 2.0), 2 * pi, 0.0, furthest=30)
        part = holes(x, y, np.full(24, 2.0), 2 * pi / 12, 0.0, furthest=30)
        for found, wanted in ((whole, 12), (part, 1)):
            away = np.hypot(found[0], found[1])
            self.assertEqual(int(((away > 20) & (away < 26)).sum()), wanted)

    def test_discs_in_one_line_leave_none_between_them(self) -> None:
        x = np.arange(6) * 4.0
        self.assertEqual(len(holes(x, np.zeros(6), np.ones(6), 2 * pi, 0.0, furthest=40)[0]), 0)
