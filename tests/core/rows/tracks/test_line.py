"""Rows in straight lines."""

from math import cos, radians, sin
from typing import Any

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.plan import plan
from fernring.core.rows.placed import PlacedRow
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import SQUARE, centre, only, points, row, with_rows


class LineTest(FernTestCase):
    def lines(self, start: str = "on lines", **track: Any) -> PlacedRow:
        one = row("l", 2.0, track={"kind": "line", **track}, gap=0.5, start={"kind": start})
        return only(one, blank={**patterns.piece("petals").model_dump(mode="json")["blank"], **SQUARE})

    @given(st.integers(1, 9), st.sampled_from((6.0, 8.0, 11.0)))
    def test_lines_lie_even_about_the_middle(self, lines: int, spacing: float) -> None:
        placed = self.lines(lines=lines, spacing=spacing)
        wanted = [(k - (lines - 1) / 2) * spacing for k in range(lines)]
        found = sorted(set(np.round(placed.own_dots.x, 6)))
        inside = [x for x in wanted if abs(x) + 1 <= 54 - 3]
        np.testing.assert_allclose(found, inside, atol=1e-6)

    def test_the_gap_is_kept_along_each_line_and_the_border_is_not_crossed(self) -> None:
        placed = self.lines(lines=3, spacing=12)
        middle = np.sort(placed.own_dots.y[np.abs(placed.own_dots.x) < 1e-9])
        np.testing.assert_allclose(np.diff(middle), 2.5, atol=1e-9)
        self.assertIn(0.0, middle)
        self.assertLessEqual(float(np.abs(placed.own_dots.y).max()) + 1, 51 + 1e-6)

    def test_in_the_dips_every_second_line_is_shifted_by_half(self) -> None:
        placed = self.lines("offset", lines=2, spacing=10)
        for x, near in ((-5, 0.0), (5, 1.25)):
            column = placed.own_dots.y[np.abs(placed.own_dots.x - x) < 1e-9]
            self.assert_mm(float(np.abs(column - near).min()), 0)

    def test_a_leaning_line_runs_the_way_it_says(self) -> None:
        placed = self.lines(lines=1, angle=30.0)
        way = np.array([sin(radians(30)), -cos(radians(30))])
        self.assertLess(float(np.abs(points(placed) @ np.array([-way[1], way[0]])).max()), 1e-9)

    def test_it_passes_under_what_is_there(self) -> None:
        line = row("l", 2.0, track={"kind": "line"}, gap=0.5)
        found = plan(with_rows(centre(11.0), line))
        self.assert_no_overlap(found.dots)
        self.assertGreaterEqual(float(np.abs(found.solved.rows[1].own_dots.y).min()), 5.5 + 1 + 0.5 - 1e-9)

    def test_lines_run_to_both_ends(self) -> None:
        """No dot more would fit between the last on either side and the border."""
        placed = self.lines(lines=3, spacing=12)
        for x in (-12.0, 0.0, 12.0):
            column = placed.own_dots.y[np.abs(placed.own_dots.x - x) < 1e-9]
            for end in (51 - float(column.max()), 51 + float(column.min())):
                self.assertGreaterEqual(end, 1 - 1e-6)
                self.assertLess(end, 1 + 2.5)
