"""Rows on drawn paths."""

from typing import Any

import numpy as np

from fernring.core.plan import plan
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import only, points, row, with_rows


def path(*corners: tuple[float, float], closed: bool = False, **more: Any) -> dict[str, Any]:
    x, y = zip(*corners, strict=True)
    line = {"x": x, "y": y, "closed": closed}
    return {"kind": "path", "lines": [line], **more}


class PathTest(FernTestCase):
    def test_dots_are_even_with_one_on_either_end(self) -> None:
        one = row("p", 2.0, track=path((-20, 0), (20, 0)), count={"kind": "absolute", "repeats": 9})
        placed = only(one)
        np.testing.assert_allclose(placed.own_dots.x, np.linspace(-20, 20, 9), atol=1e-9)
        np.testing.assert_allclose(placed.own_dots.y, 0, atol=1e-12)

    def test_a_closed_path_has_no_dot_twice(self) -> None:
        square = path((-10, -10), (10, -10), (10, 10), (-10, 10), closed=True)
        placed = only(row("p", 2.0, track=square, count={"kind": "absolute", "repeats": 8}))
        self.assertEqual(len(placed.own_dots.x), 8)
        steps = np.hypot(*(np.roll(points(placed), -1, axis=0) - points(placed)).T)
        self.assertLess(float(np.ptp(steps)), 1e-6)

    def test_it_turns_with_the_first_spoke(self) -> None:
        one = row("p", 2.0, track=path((0, -10), (0, -30)), count={"kind": "absolute", "repeats": 3})
        placed = only(one, turn=90)
        np.testing.assert_allclose(placed.own_dots.x, (10, 20, 30), atol=1e-9)
        np.testing.assert_allclose(placed.own_dots.y, 0, atol=1e-9)

    def test_copies_are_turned_exactly(self) -> None:
        one = row("p", 1.5, track=path((3, -16), (6, -24), (3, -34), every=2), fit="count")
        placed = only(one, segments=8)
        n = len(placed.own_dots.x) // 4
        first, second = points(placed)[:n], points(placed)[n : 2 * n]
        np.testing.assert_allclose(second, np.stack((-first[:, 1], first[:, 0]), axis=1), atol=1e-9)

    def test_a_line_that_runs_off_the_blank(self) -> None:
        """It is drawn where it was asked for, and found fault with, dot by dot."""
        off = row("p", 2.0, track=path((0, 0), (0, -80)), count={"kind": "absolute", "repeats": 9})
        for name in ("petals", "petals on a dome"):
            rim = 50 if name == "petals" else 55
            found = plan(with_rows(off, blank=patterns.piece(name).blank.model_dump(mode="json")))
            verdict = self.verdict(found, "off the blank")
            self.assertEqual(verdict.severity, "serious")
            self.assertIn(f"at {sum(10 * k + 1 > rim for k in range(9))} places", verdict.text)
