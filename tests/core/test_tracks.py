"""Rows on arcs, paths, lines and corners: where their dots must lie, measured without the code that put them there."""

from math import cos, hypot, pi, radians, sin
from typing import Any

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.document.changes import changed
from fernring.core.document.piece import Piece
from fernring.core.geometry.outline.polygon import distance_to_edges
from fernring.core.plan import plan
from fernring.core.rows.placed import PlacedRow
from tests import patterns
from tests.assertions import FernTestCase, clearances
from tests.patterns import SQUARE, at, centre, row


def sample(*rows: dict[str, Any], **more: Any) -> Piece:
    return patterns.read({**patterns.piece("petals").model_dump(mode="json"), "rows": list(rows), **more})


def only(one: dict[str, Any], **more: Any) -> PlacedRow:
    return plan(sample(one, **more)).solved.rows[0]


def points(placed: PlacedRow) -> np.ndarray:
    return np.stack((placed.own_dots.x, placed.own_dots.y), axis=1)


def arc(**track: Any) -> dict[str, Any]:
    given = {"kind": "arc", "start": 20, "end": 20, **track}
    return row("arc", 1.5, track=given, fit="count", start={"kind": "on lines"})


def path(*corners: tuple[float, float], closed: bool = False, **more: Any) -> dict[str, Any]:
    x, y = zip(*corners, strict=True)
    line = {"x": x, "y": y, "closed": closed}
    return {"kind": "path", "lines": [line], **more}


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
            found = plan(sample(off, blank=patterns.piece(name).blank.model_dump(mode="json")))
            verdict = self.verdict(found, "off the blank")
            self.assertEqual(verdict.severity, "serious")
            self.assertIn(f"at {sum(10 * k + 1 > rim for k in range(9))} places", verdict.text)


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
        found = plan(sample(centre(11.0), line))
        self.assert_no_overlap(found.dots)
        self.assertGreaterEqual(float(np.abs(found.solved.rows[1].own_dots.y).min()), 5.5 + 1 + 0.5 - 1e-9)


class EdgeTest(FernTestCase):
    def test_a_row_at_a_fixed_depth_is_that_far_from_the_edge(self) -> None:
        one = row("e", 2.5, track={"kind": "inset"}, distance={"kind": "edge", "inward": 9}, fit="count")
        for name in ("along the edge, three deep", "a band with squared corners"):
            given = patterns.piece(name)
            found = plan(sample(one, blank=given.blank.model_dump(mode="json"))).solved
            away = distance_to_edges(found.ground.outline, found.rows[0].own_dots.x, found.rows[0].own_dots.y)
            self.assertLess(float(np.abs(away - 9).max()), 5e-3)
            self.assertGreater(float(clearances(plan(found.piece).dots).min()), 0.4 - 1e-3)

    def test_deeper_than_the_middle_leaves_no_line(self) -> None:
        one = row("e", 2.5, track={"kind": "inset"}, distance={"kind": "edge", "inward": 80}, fit="count")
        self.assertIn("leaves no line", only(one).noroom)

    def test_a_round_blank_has_no_corners(self) -> None:
        placed = only(row("c", 2.5, track={"kind": "corner", "inward": 8}))
        self.assertEqual((len(placed.own_dots.x), placed.noroom), (0, "this blank has no corners"))

    def test_corner_places_lie_on_the_bisectors_from_the_border(self) -> None:
        square = {"outline": {"kind": "square", "side": 100}, "border": 3, "base": {"name": "D", "colour": "#101417"}}
        placed = only(row("c", 2.5, track={"kind": "corner", "inward": 10}), blank=square)
        np.testing.assert_allclose(np.abs(placed.own_dots.x), 47 - 10 / 2**0.5, atol=0.05)
        np.testing.assert_allclose(np.abs(placed.own_dots.x), np.abs(placed.own_dots.y), atol=1e-6)


class GapTest(FernTestCase):
    def test_nothing_to_fill_is_said(self) -> None:
        placed = only(row("g", 2.0, track={"kind": "gaps"}))
        self.assertEqual(len(placed.own_dots.x), 0)
        self.assertTrue(placed.noroom)

    def test_dots_keep_their_gap_and_their_bounds(self) -> None:
        ring = row("a", 5.7, distance=at(17))
        for sizes in ("largest", "one size"):
            gaps = row("g", 2.5, track={"kind": "gaps", "least": 1.0, "sizes": sizes}, gap=0.3)
            found = plan(sample(centre(11.0), ring, gaps))
            filled = found.solved.rows[2]
            self.assertGreater(len(filled.own_dots.x), 10)
            self.assertGreaterEqual(float(filled.own_dots.radius.min()), 0.5)
            self.assertLessEqual(float(filled.own_dots.radius.max()), 1.25)
            self.assertGreater(float(clearances(found.dots).min()), 0.3 - 1e-6)
            if sizes == "one size":
                self.assertEqual(set(np.round(filled.own_dots.radius, 9)), {1.25})

    def test_open_ground_is_no_gap(self) -> None:
        gaps = row("g", 2.5, track={"kind": "gaps", "least": 1.0}, gap=0.3)
        found = plan(sample(centre(11.0), row("a", 5.7, distance=at(30)), gaps))
        self.assertIn("more than four times as wide", found.solved.rows[2].noroom)

    def test_without_room_a_smaller_dot_for_the_same_gaps_is_offered(self) -> None:
        rings = [row("a", 5.7, distance=at(22)), row("b", 5.7, distance=at(32), start={"kind": "offset"})]
        gaps = row("g", 11.0, track={"kind": "gaps", "rows": ["a", "b"], "sizes": "one size"}, gap=0.3)
        found = plan(sample(centre(11.0), *rings, gaps))
        remedy = self.verdict(found, "no room").remedies[0]
        self.assertRegex(remedy.label, "^Use .* mm dots")
        again = plan(changed(found.solved.piece, remedy.changes))
        self.assertNotIn("no room", self.codes(again))
        self.assertGreater(float(clearances(again.dots).min()), 0.3 - 1e-6)
