"""Petals, dips and fillings against closed forms of plane geometry, each named beside its check."""

from math import acos, asin, cos, hypot, pi, sin, sqrt

import numpy as np
import shapely

from fernring.core.geometry.apollonius import touching_three
from fernring.core.geometry.even import Curve, open_places
from fernring.core.geometry.swept import envelope
from fernring.core.rows.trims.roll import down_one_side, on_axis, sizes
from fernring.core.rows.trims.swipe import SwipeTrim, spine
from tests.assertions import FernTestCase


class DescartesTest(FernTestCase):
    def test_the_dot_in_the_dip_of_three(self) -> None:
        """Descartes (1643): k4 = k1 + k2 + k3 + 2 sqrt(k1 k2 + k2 k3 + k3 k1) for mutually touching circles."""
        for a, b, c in ((3.0, 3.0, 3.0), (5.0, 2.0, 3.0), (1.0, 4.0, 2.5)):
            x3 = (a * (a + b) + c * (a - b)) / (a + b)
            y3 = sqrt((a + c) ** 2 - x3 * x3)
            _, _, t = touching_three(np.array([[0, a + b, x3]]), np.array([[0, 0, y3]]), np.array([[a, b, c]]))
            k1, k2, k3 = 1 / a, 1 / b, 1 / c
            self.assert_mm(float(t[0]), 1 / (k1 + k2 + k3 + 2 * sqrt(k1 * k2 + k2 * k3 + k3 * k1)), 1e-9)

    def test_a_steiner_chain(self) -> None:
        """n circles between two concentric ones: R/r = (1 + sin(pi/n))/(1 - sin(pi/n)) (geometry handbooks)."""
        for n in (3, 6, 8, 12):
            inner = 10.0
            outer = inner * (1 + sin(pi / n)) / (1 - sin(pi / n))
            radius = (outer - inner) / 2
            dots = list(
                down_one_side([(0, 0, inner)], (0, inner + radius, radius), sizes(radius, 1.0, None), 0.0, [], 60)[0]
            )
            self.assertEqual(len(dots), n // 2 - (1 if n % 2 == 0 else 0))
            for k, (u, v, _) in enumerate(dots, 1):
                self.assert_mm(u, (inner + radius) * sin(2 * pi * k / n), 1e-9)
                self.assert_mm(v, (inner + radius) * cos(2 * pi * k / n), 1e-9)


class WalkTest(FernTestCase):
    def test_ring_angles_by_the_law_of_cosines(self) -> None:
        """Host R, dots r, gap g: neighbours are 2 asin((2r + g)/(2(R + r + g))) apart as seen from the host."""
        for host, radius, gap in ((4.0, 0.8, 0.15), (6.6, 1.25, 0.0), (3.0, 1.0, 0.4)):
            orbit = host + radius + gap
            step = 2 * asin((2 * radius + gap) / (2 * orbit))
            first = (0.0, on_axis([(0, 0, host)], radius, gap), radius)
            line, _ = down_one_side([(0, 0, host)], first, sizes(radius, 1.0, None), gap, [], 60)
            for k, (u, v, _) in enumerate(line, 1):
                self.assert_mm(u, orbit * sin(k * step), 1e-9)
                self.assert_mm(v, orbit * cos(k * step), 1e-9)

    def test_diminishing_dots_by_the_law_of_cosines(self) -> None:
        host, radius, ratio, gap = 5.0, 1.2, 0.9, 0.1
        first = (0.0, host + radius + gap, radius)
        line, _ = down_one_side([(0, 0, host)], first, iter([radius * ratio**k for k in range(1, 7)]), gap, [], 60)
        angle = 0.0
        for k, (u, v, r) in enumerate(line, 1):
            a, b = host + radius * ratio ** (k - 1) + gap, host + r + gap
            apart = radius * ratio ** (k - 1) + r + gap
            angle += acos((a * a + b * b - apart * apart) / (2 * a * b))
            self.assert_mm(u, b * sin(angle), 1e-9)
            self.assert_mm(v, b * cos(angle), 1e-9)

    def test_a_second_layer_sits_in_the_dips(self) -> None:
        """The dot in the dip of two equal ones: an isosceles triangle of sides r1 + r2 + g."""
        petal = [(0.0, 0.0, 4.0), (0.0, 5.0, 1.0), (1.96, 4.6, 1.0), (-1.96, 4.6, 1.0)]
        v = on_axis(petal, 0.8, 0.0)
        self.assert_mm(min(hypot(u, v - w) - r for u, w, r in petal), 0.8, 1e-9)


class SwipeTest(FernTestCase):
    def test_the_area_of_a_teardrop(self) -> None:
        """Convex hull of head and tip, by shapely; shoulders are the tangents of the head."""
        for radius, length in ((1.5, 8.0), (3.0, 15.0), (2.0, 5.0)):
            centres, girth = spine(SwipeTrim(id="s", form="teardrop"), radius, length, 0.0, 1.0)
            found = shapely.Polygon(envelope(centres, girth))
            head = shapely.Point(0, 0).buffer(radius, 256)
            hull = shapely.union(head, shapely.Point(0, length).buffer(girth[-1], 64)).convex_hull
            self.assertLess(abs(found.area / hull.area - 1), 0.01)
            self.assertLess(found.symmetric_difference(hull).area / hull.area, 0.02)

    def test_a_comma_is_as_long_as_its_arc(self) -> None:
        centres, _ = spine(SwipeTrim(id="s", form="comma right", bend=90.0), 2.0, 12.0, 0.0, 1.0)
        steps = np.linalg.norm(np.diff(centres, axis=0), axis=1)
        self.assert_mm(float(steps.sum()), 12.0, 0.01)


class EvenTest(FernTestCase):
    def test_places_on_an_arc_are_chords_of_it(self) -> None:
        """Equal chords of a circular arc: 2R sin(a/2(n - 1))."""
        a = np.linspace(0, 2.0, 4001)
        curve = Curve(np.stack((20 * np.sin(a), -20 * np.cos(a), 0 * a), axis=1), False)
        points = curve(open_places(curve, 9))
        chords = np.linalg.norm(np.diff(points, axis=0), axis=1)
        np.testing.assert_allclose(chords, 2 * 20 * sin(2.0 / 16), rtol=1e-6)


class TradeTest(FernTestCase):
    def test_common_counts(self) -> None:
        """Common practice, no source: nine or ten reloaded dots a side on a large dot."""
        host, radius = 5.5, 0.85
        first = (0.0, host + radius + 0.15, radius)
        line, end = down_one_side([(0, 0, host)], first, sizes(radius, 1.0, None), 0.15, [], 60)
        self.assertEqual(end, "foot")
        self.assertIn(len(line), (9, 10))
