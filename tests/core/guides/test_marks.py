"""Marks of an outline's own shape."""

from math import atan2, hypot, pi

import numpy as np

from fernring.core.document.blank import Blank
from fernring.core.document.outline import Rectangle, Round
from fernring.core.geometry.outline.shapes import oval, rectangle
from fernring.core.geometry.surface import Plane
from fernring.core.guides.marks import MARK_MM, edge_marks, own_axes, rim_ticks, straight_edges
from tests.assertions import FernTestCase


class MarksTest(FernTestCase):
    def test_diagonals_of_a_rectangle_run_into_its_corners(self) -> None:
        blank = Blank(outline=Rectangle(length=80, width=60))
        midlines, diagonals = own_axes(blank, rectangle(80, 60, 0), 0.0)
        reach = [sorted(np.hypot(*line[[0, -1]].T)) for line in (*midlines, *diagonals)]
        np.testing.assert_allclose(reach, [(30, 30), (40, 40), (50, 50), (50, 50)], atol=1e-6)
        way = abs(atan2(diagonals[0][0, 0], -diagonals[0][0, 1]))
        self.assertAlmostEqual(min(way, pi - way), atan2(4, 3), places=6)

    def test_elsewhere_they_lie_halfway_between_the_midlines_and_turn_with_the_blank(self) -> None:
        blank = Blank(outline=Round(diameter=80))
        _, diagonals = own_axes(blank, oval(80, 80), 0.2)
        ends = np.array([line[0] for line in diagonals])
        ways = np.arctan2(ends[:, 0], -ends[:, 1])
        np.testing.assert_allclose(np.sort(ways % (pi / 2)), (0.2 + pi / 4,) * 2, atol=1e-6)

    def test_straight_edges_are_divided_ends_included(self) -> None:
        marks = edge_marks(rectangle(80, 60, 0), 4)
        self.assertEqual(len(marks), 4 * 5)
        lengths = [hypot(*(mark[1] - mark[0])) for mark in marks]
        np.testing.assert_allclose(lengths, MARK_MM)
        feet = sorted(tuple(mark[0]) for mark in marks if abs(mark[0][1] + 30) < 1e-9 and abs(mark[1][1] + 27) < 1e-9)
        np.testing.assert_allclose([x for x, _ in feet], (-40, -20, 0, 20, 40), atol=1e-9)
        self.assertEqual(straight_edges(oval(80, 60)), [])

    def test_ticks_are_longest_at_the_quarters(self) -> None:
        ticks = rim_ticks(Plane(40), 16, 0.0)
        lengths = [hypot(*(tick[1] - tick[0])[:2]) for tick in ticks]
        self.assertEqual(len(ticks), 16)
        self.assertEqual([k for k, long in enumerate(lengths) if long > MARK_MM * 1.1], [0, 4, 8, 12])
        np.testing.assert_allclose(ticks[4][1], (40, 0, 0), atol=1e-9)
