"""Dots along the strokes of a word."""

import numpy as np
import shapely

from fernring.core.lettering.strokes import strokes
from fernring.core.plan import plan
from fernring.core.regions.bare import visible
from fernring.core.regions.ground_left import polygons_of
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.core.rows.tracks.test_fill import with_areas

WORD = {"id": "w", "name": "Word", "area": {"kind": "word", "text": "Luna", "height": 16.0}, "rows": "go on"}


class StrokesTest(FernTestCase):
    def test_on_the_strokes_and_clear_of_each_other(self) -> None:
        row = patterns.row("s", 1.5, gap=0.3, track={"kind": "strokes", "areas": ["w"]})
        piece = with_areas(row, areas=(WORD,))
        found = solve_piece(piece)
        self.assertGreater(found.rows[0].n, 30)
        self.assertEqual([one.code for one in plan(piece).verdicts if one.severity == "serious"], [])
        body = polygons_of(visible(piece.bare[0], piece.bare, found.ground.sites[0]))
        lines = [shapely.LineString(one.at) for one in strokes(body) if len(one.at) > 1]
        away = shapely.distance(shapely.union_all(lines), shapely.points(found.dots.x, found.dots.y))
        self.assertLess(float(away.max()), 1e-6)

    def test_a_ring_has_dots_all_round(self) -> None:
        zero = {**WORD, "area": {**WORD["area"], "text": "0"}}  # type: ignore[dict-item]
        row = patterns.row("s", 1.0, gap=0.3, track={"kind": "strokes", "areas": ["w"]})
        dots = solve_piece(with_areas(row, areas=(zero,))).dots
        at = np.stack((dots.x, dots.y), axis=1)
        apart = np.hypot(*(at[:, None] - at[None]).transpose(2, 0, 1)) + 99.0 * np.eye(len(at))
        second = np.sort(apart, axis=1)[:, 1]
        self.assertLess(float(second.max()), 1.3 * 1.1, "each has a neighbour on either side")

    def test_without_an_area_it_says_so(self) -> None:
        row = patterns.row("s", 1.5, track={"kind": "strokes"})
        self.assertIn("no area is chosen", solve_piece(with_areas(row, areas=(WORD,))).rows[0].noroom)


class LinesTest(FernTestCase):
    def test_lines_across_an_area_stay_inside_it(self) -> None:
        heart = {"id": "h", "name": "Heart", "area": {"kind": "form", "form": "heart", "across": 50.0, "down": 48.0},
                 "rows": "go on"}  # fmt: skip
        track = {"kind": "line", "lines": 9, "spacing": 5.0, "angle": 40.0, "areas": ["h"]}
        piece = with_areas(patterns.row("l", 2.0, 1.0, gap=0.4, track=track), areas=(heart,))
        found = solve_piece(piece)
        body = polygons_of(visible(piece.bare[0], piece.bare, found.ground.sites[0]))
        dots = found.dots
        self.assertGreater(len(dots), 40)
        edge = shapely.distance(shapely.boundary(body), shapely.points(dots.x, dots.y))
        self.assertTrue(shapely.contains_xy(body, dots.x, dots.y).all())
        self.assertGreaterEqual(float((edge - dots.radius).min()), -1e-9)
        across = np.unique(np.round(dots.x * np.cos(np.radians(40)) + dots.y * np.sin(np.radians(40)), 6))
        np.testing.assert_allclose(np.diff(across), 5.0, atol=1e-6)
