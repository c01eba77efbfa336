"""Rows on arcs between two guide circles."""

from math import cos, hypot, pi, sin
from typing import Any

import numpy as np

from tests.assertions import FernTestCase
from tests.patterns import only, points, row


def arc(**track: Any) -> dict[str, Any]:
    given = {"kind": "arc", "start": 20, "end": 20, **track}
    return row("arc", 1.5, track=given, fit="count", start={"kind": "on lines"})


class ArcTest(FernTestCase):
    def test_ends_lie_on_their_circles_and_dots_on_one_round(self) -> None:
        """Three points fix a circle; all the others of the arc must lie on it (Euclid, Elements III)."""
        placed = only(arc(start=20, end=32, bulge=4), segments=8)
        n = len(placed.own_dots.x) // 8
        first = points(placed)[:n]
        self.assert_mm(hypot(*first[0]), 20, 1e-6)
        self.assert_mm(hypot(*first[-1]), 32, 1e-6)
        (x1, y1), (x2, y2), (x3, y3) = first[0], first[n // 2], first[-1]
        left = 2 * np.array([[x2 - x1, y2 - y1], [x3 - x1, y3 - y1]])
        right = np.array([x2**2 - x1**2 + y2**2 - y1**2, x3**2 - x1**2 + y3**2 - y1**2])
        middle = np.linalg.solve(left, right)
        away = np.hypot(*(first - middle).T)
        self.assertLess(float(np.ptp(away)), 2e-3)
        chord = hypot(x3 - x1, y3 - y1)
        self.assert_mm(float(away.mean()), (chord**2 / 4 + 16) / 8, 2e-3)

    def test_without_a_bulge_it_is_a_straight_line(self) -> None:
        placed = only(arc(start=14, end=40, across=0.5), segments=6)
        first = points(placed)[: len(placed.own_dots.x) // 6]
        ahead = first[-1] - first[0]
        off = (first - first[0]) @ np.array([-ahead[1], ahead[0]]) / hypot(*ahead)
        self.assertLess(float(np.abs(off).max()), 1e-9)

    def test_a_bulge_inward_bends_the_other_way(self) -> None:
        high, low = (only(arc(bulge=b), segments=6) for b in (4.0, -4.0))
        chord = 20 * cos(pi / 6)
        self.assertGreater(float(np.hypot(high.own_dots.x, high.own_dots.y).max()), chord + 3.9)
        self.assertLess(float(np.hypot(low.own_dots.x, low.own_dots.y).min()), chord - 3.9)

    def test_a_bulge_higher_than_half_its_chord_goes_the_long_way_round(self) -> None:
        """Over a chord of 20 mm: 14 mm high, so more than half a circle of (100 + 196)/28 mm."""
        radius = (10**2 + 14**2) / 28
        for bulge in (14.0, -14.0):
            placed = only(arc(bulge=bulge), segments=6)
            first = points(placed)[: len(placed.own_dots.x) // 6]
            out = np.array([sin(pi / 6), -cos(pi / 6)])
            middle = out * (20 * cos(pi / 6) + (1 if bulge > 0 else -1) * (14 - radius))
            away = np.hypot(*(first - middle).T)
            self.assertLess(float(np.abs(away - radius).max()), 5e-3)
            height = (first @ out - 20 * cos(pi / 6)) * (1 if bulge > 0 else -1)
            self.assertGreater(float(height.max()), 13.5)
            self.assertGreaterEqual(float(height.min()), -1e-6)

    def test_every_second_segment_and_its_mirror_image(self) -> None:
        each, second = (only(arc(every=n), segments=12) for n in (1, 2))
        self.assertEqual(len(second.own_dots.x) % 6, 0)
        shared = 12  # arcs that meet share the dot on the spoke between them
        self.assertEqual(len(each.own_dots.x), 2 * second.n - shared)
        lone = only(arc(start=14, end=34, across=0.5, every=6), segments=6)
        both = only(arc(start=14, end=34, across=0.5, every=6, mirrored=True), segments=6)
        self.assertGreater(len(both.own_dots.x), lone.n)
        axis = pi / 12
        c, s = cos(2 * axis), sin(2 * axis)
        mirrored = {(round(-c * x - s * y, 4) + 0, round(-s * x + c * y, 4) + 0) for x, y in points(both)}
        self.assertEqual(mirrored, {(round(x, 4) + 0, round(y, 4) + 0) for x, y in points(both)})

    def test_fitted_it_holds_as_many_dots_as_keep_the_gap(self) -> None:
        placed = only(arc(bulge=5), segments=4)
        n = len(placed.own_dots.x) // 4
        steps = np.hypot(*np.diff(points(placed)[:n], axis=0).T)
        self.assertGreater(float(steps.min()) - 1.5, 0.4 - 1e-3)
        self.assertLess(float(steps.mean()) * (n - 1) / n, 1.9)

    def test_circles_that_lie_off_the_blank_leave_no_row(self) -> None:
        placed = only(arc(start=20, end=70))
        self.assertEqual(len(placed.own_dots.x), 0)
        self.assertIn("do not lie on the blank", placed.noroom)
