"""Empty places at a circle around dots."""

from math import cos, pi, sin

import numpy as np

from fernring.core.dots.rim_holes import rim_holes
from fernring.core.plan import plan
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, row


class RimHolesTest(FernTestCase):
    def test_every_place_touches_the_circle_and_two_discs(self) -> None:
        random = np.random.default_rng(4)
        for _ in range(20):
            angle = np.sort(random.uniform(0, 2 * pi, 14))
            radius = random.uniform(1, 4, 14)
            x, y = (40 - radius) * np.sin(angle), -(40 - radius) * np.cos(angle)
            px, py, s = rim_holes(x, y, radius, 40.0, 2 * pi, 0.3, 12.0)
            self.assertGreater(len(s), 3)
            np.testing.assert_allclose(np.hypot(px, py) + s, 40.0)
            clear = np.sort(np.hypot(px[:, None] - x, py[:, None] - y) - radius - s[:, None], axis=1)
            small = s < 12 - 1e-6  # wider ones are cut off
            np.testing.assert_allclose(clear[small, :2], 0.0, atol=1e-6)

    def test_between_two_equal_discs_at_the_rim(self) -> None:
        """By the law of cosines in the triangle of both middles and the centre."""
        for n, r in ((6, 8.0), (12, 5.0)):
            turn = 2 * pi * np.arange(n) / n
            x, y, s = rim_holes(
                (40 - r) * np.sin(turn), -(40 - r) * np.cos(turn), np.full(n, r), 40.0, 2 * pi / n, 0.0, 9.0
            )
            self.assertEqual(len(s), 1)
            far, half = 40 - float(s[0]), pi / n
            apart2 = far**2 + (40 - r) ** 2 - 2 * far * (40 - r) * cos(half)
            self.assert_mm(apart2**0.5, r + float(s[0]), 1e-6)
            self.assert_mm(float(x[0]), far * sin(half), 1e-6)
            self.assert_mm(float(y[0]), -far * cos(half), 1e-6)

    def test_gap_dots_go_there_when_asked(self) -> None:
        ring = row("r", 8.9, count={"kind": "absolute", "repeats": 12}, distance=at(42.0))
        given = {"kind": "gaps", "sizes": "largest", "least": 1.0}
        counts = []
        for border in (False, True):
            fill = row("g", 4.6, track={**given, "border": border}, gap=0.3)
            solved = plan(patterns.with_rows(centre(), ring, fill)).solved
            counts.append(solved.rows[2].n)
            self.assertLessEqual(solved.rows[2].outer, solved.context.limit + 1e-6)
        self.assertGreaterEqual(counts[1], counts[0] + 12)
