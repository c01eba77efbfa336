"""Rows along the edge of an area."""

from typing import Any

import numpy as np

from fernring.core.document.piece import Piece
from fernring.core.regions.bare import region_of
from fernring.core.solved import Solved, solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.core.rows.tracks.test_fill import STAR, with_areas


def edge(*sizes: float, **track: Any) -> patterns.Document:
    given = {"kind": "edge", "areas": ["star"], **track}
    return patterns.row("e", *sizes, gap=0.3, track=given, fit="count")


class EdgeTest(FernTestCase):
    def away(self, piece: Piece) -> tuple[Solved, np.ndarray]:
        """Signed distances of the middles from the edge (mm), negative inside."""
        found = solve_piece(piece)
        self.assertEqual(found.rows[0].noroom, "")
        region = region_of(piece.bare[0].area, found.ground.sites[0])
        return found, region.signed_distance(found.dots.x, found.dots.y)

    def test_on_the_line_with_a_dot_on_every_corner(self) -> None:
        found, away = self.away(with_areas(edge(1.5, side="on")))
        self.assertLess(np.abs(away).max(), 0.02)
        corners = region_of(found.piece.bare[0].area, found.ground.sites[0]).edge()
        self.assertEqual(len(corners), 10)
        for x, y in corners.tolist():
            self.assertLess(float(np.hypot(found.dots.x - x, found.dots.y - y).min()), 0.02)

    def test_outside_and_inside_off_the_edge(self) -> None:
        for side, sign in (("outside", 1.0), ("inside", -1.0)):
            for off in (0.0, 1.0):
                _, away = self.away(with_areas(edge(1.5, side=side, off=off)))
                self.assertAlmostEqual(float((sign * away).min()), 0.75 + off, delta=0.02)
                self.assertTrue((sign * away > 0).all())

    def test_neighbours_keep_the_gap(self) -> None:
        found, _ = self.away(with_areas(edge(1.5, side="outside")))
        apart = np.hypot(found.dots.x[:, None] - found.dots.x, found.dots.y[:, None] - found.dots.y)
        self.assertGreaterEqual((apart + 99 * np.eye(len(apart))).min() - 1.5, 0.3 - 1e-3)

    def test_every_line_of_every_area_for_itself(self) -> None:
        loop = {
            "id": "star",
            "name": "Loop",
            "area": {"kind": "form", "form": "ribbon loop", "across": 30.0, "down": 40.0},
        }
        disc = {"id": "d", "name": "Disc", "area": {"kind": "disc", "x": 30.0, "diameter": 12.0}}
        piece = with_areas(edge(1.0, side="on", areas=["star", "d"]), areas=(loop, disc))
        found = solve_piece(piece)
        for area in piece.bare:
            for line in region_of(area.area, found.ground.sites[0]).outlines():
                middle = line[:: max(len(line) // 8, 1)]
                near = np.hypot(*(np.stack((found.dots.x, found.dots.y), 1)[:, None] - middle).transpose(2, 0, 1))
                self.assertLess(near.min(axis=0).max(), 1.5)

    def test_where_there_is_no_room(self) -> None:
        tiny = {**STAR, "area": {**STAR["area"], "across": 6.0, "down": 6.0}}
        for piece, words in (
            (with_areas(edge(3.0, side="inside"), areas=(tiny,)), "too narrow"),
            (with_areas(edge(1.0, areas=[])), "no area is chosen"),
        ):
            self.assertIn(words, solve_piece(piece).rows[0].noroom)
