"""Dots left out on bare areas and at blanks of a pattern."""

from typing import Any

import numpy as np
from shapely import Point, Polygon

from fernring.core.document.piece import Piece
from fernring.core.plan import Plan, plan
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import TWO, at, centre, row

STAR = ((0.0, -12.0), (3.0, -3.0), (12.0, 0.0), (3.0, 3.0), (0.0, 12.0), (-3.0, 3.0), (-12.0, 0.0), (-3.0, -3.0))


def rings(**area: Any) -> Plan:
    """Rings at 12 to 36 mm with one bare area among them."""
    rows = [row(f"r{k}", 2.5, count=TWO, distance=at(12 + 6 * k)) for k in range(5)]
    given = {**patterns.piece("petals").model_dump(mode="json"), "rows": rows}
    if area:
        given["bare"] = [{"id": "m", "name": "Moon", **area}]
    return plan(patterns.read(given))


def shape(x: float = 0.0, y: float = 0.0) -> dict[str, Any]:
    return {"kind": "shape", "lines": [{"x": [x + px for px, _ in STAR], "y": [y + py for _, py in STAR]}]}


class BareTest(FernTestCase):
    def test_no_whole_dot_reaches_over_the_edge(self) -> None:
        for area in ({"kind": "disc", "x": 20, "y": 5, "diameter": 20}, shape(22, 0)):
            with self.subTest(area["kind"]):
                found = rings(area=area, gap=0.5)
                form = Point(20, 5).buffer(10, 128) if area["kind"] == "disc" else Polygon(STAR)
                centre = (0, 0) if area["kind"] == "disc" else (22, 0)
                for x, y, r in zip(found.dots.x, found.dots.y, found.dots.radius, strict=True):
                    away = form.distance(Point(x - centre[0], y - centre[1]))
                    self.assertGreaterEqual(away - r, 0.5 - 2e-3)
                self.assertLess(len(found.dots), len(rings().dots))

    def test_without_whole_a_dot_stays_while_its_middle_is_outside(self) -> None:
        area = {"kind": "disc", "x": 20, "y": 5, "diameter": 20}
        whole, loose = rings(area=area), rings(area=area, whole=False)
        self.assertGreater(len(loose.dots), len(whole.dots))
        away = np.hypot(loose.dots.x - 20, loose.dots.y - 5)
        self.assertGreaterEqual(float(away.min()), 10 - 1e-6)
        self.assertLess(float((away - loose.dots.radius).min()), 10)

    def test_a_band_clears_whole_rings(self) -> None:
        found = rings(area={"kind": "band", "inner": 17, "outer": 25})
        self.assertEqual([len(placed.own_dots.x) > 0 for placed in found.solved.rows], [True, False, False, True, True])
        self.assertIn("every dot lies on a bare area", found.solved.rows[1].noroom)

    def test_places_keep_their_numbers_and_the_left_out_are_counted(self) -> None:
        placed = rings(area={"kind": "disc", "x": 20, "y": 0, "diameter": 14}).solved.rows[1]
        self.assertEqual(len(placed.own_dots.x) + placed.left_out, 24)
        assert placed.own_dots.place is not None
        self.assertEqual(len(set(placed.own_dots.place.tolist())), len(placed.own_dots.x))
        turn = np.degrees(np.arctan2(placed.own_dots.x, -placed.own_dots.y)) % 360
        np.testing.assert_allclose(
            turn, (turn[0] + 15 * (placed.own_dots.place - placed.own_dots.place[0])) % 360, atol=1e-6
        )

    def test_shades_go_on_as_if_nothing_were_left_out(self) -> None:
        names = ("pale", "red", "teal")
        one = row("r", 2.5, count=TWO, distance=at(20), shades=patterns.shades(*names))
        given = {**patterns.piece("petals").model_dump(mode="json"), "rows": [one]}
        full = plan(patterns.read(given)).dots
        disc = {"kind": "disc", "x": 20, "y": 0, "diameter": 10}
        cut = plan(Piece.model_validate({**given, "bare": [{"id": "m", "area": disc}]})).dots
        colours = {(round(x, 6), round(y, 6)): s for x, y, s in zip(full.x, full.y, full.shade, strict=True)}
        self.assertLess(len(cut), len(full))
        for x, y, s in zip(cut.x, cut.y, cut.shade, strict=True):
            self.assertEqual(colours[round(x, 6), round(y, 6)], s)

    def test_both_ends_stop_equally_short(self) -> None:
        disc = {"kind": "disc", "x": 22, "y": 9, "diameter": 15}
        found = rings(area=disc, rows="stop evenly")
        placed = found.solved.rows[2]
        middle = np.degrees(np.arctan2(22, -9))
        turn = (np.degrees(np.arctan2(placed.own_dots.x, -placed.own_dots.y)) - middle + 180) % 360 - 180
        self.assert_mm(float(turn[turn > 0].min()), float(-turn[turn < 0].max()), 0.3)
        np.testing.assert_allclose(np.hypot(placed.own_dots.x, placed.own_dots.y), 24, atol=1e-9)

    def test_two_areas_both_count(self) -> None:
        discs = [
            {"id": f"m{k}", "area": {"kind": "disc", "x": x, "y": 0, "diameter": 12}} for k, x in ((0, 24), (1, -24))
        ]
        rows = [centre(), row("r", 2.5, count=TWO, distance=at(24))]
        given = {**patterns.piece("petals").model_dump(mode="json"), "rows": rows, "bare": discs}
        placed = plan(patterns.read(given)).solved.rows[1]
        self.assertTrue((np.hypot(np.abs(placed.own_dots.x) - 24, placed.own_dots.y) > 6 + 1.25).all())
        self.assertEqual(len(placed.own_dots.x) % 2, 0)

    def test_blanks_of_a_pattern_leave_their_places_free(self) -> None:
        found = plan(patterns.piece("dot, blank, dot")).solved.rows[1]
        self.assertEqual(set(found.own_dots.member.tolist()), {0, 2})
        self.assertEqual(found.left_out * 2, len(found.own_dots.x))
