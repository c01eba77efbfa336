"""Rows that fill an area: where, with what, and what they keep clear of."""

from math import cos, pi, sin
from typing import Any

import numpy as np

from fernring.core.document.piece import Piece
from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.begun import track
from fernring.core.proposals.other_row import other_row
from fernring.core.regions.bare import region_of
from fernring.core.regions.forms import proportion
from fernring.core.solved import Solved, solve_piece
from tests import patterns
from tests.assertions import FernTestCase, between
from tests.work_cases import worked

# A star of five reaches 1 up and cos 36° down: its middle lies below that of its box.
LOW = (1 - cos(pi / 5)) / 2 / (2 * sin(2 * pi / 5))
FIGURE = {"kind": "form", "form": "star", "across": 40.0, "down": 40.0 * proportion("star", 5), "y": -40.0 * LOW}
STAR = {"id": "star", "name": "Star", "area": FIGURE}


def fill(*sizes: float, gap: float = 0.3, **track: Any) -> patterns.Document:
    return patterns.row("f", *sizes, gap=gap, track={"kind": "fill", **track})


def with_areas(*rows: patterns.Document, areas: tuple[Any, ...] = (STAR,), **more: Any) -> Piece:
    bare = worked(patterns.centre(3.0)).model_dump(mode="json")
    return patterns.read({**bare, "bare": areas, "rows": list(rows), **more})


class FillTest(FernTestCase):
    def filled(self, piece: Piece) -> Solved:
        found = solve_piece(piece)
        self.assertEqual(found.rows[-1].noroom, "")
        return found

    def to_edge(self, found: Solved, area: int = 0) -> Any:
        """How far the fill's painted edges lie inside the area (mm)."""
        own = found.dots.take(found.dots.row == len(found.rows) - 1)
        region = region_of(found.piece.bare[area].area, found.ground.sites[0])
        return -region.signed_distance(own.x, own.y) - own.radius

    def test_inside_an_area_and_round_it(self) -> None:
        inside = self.filled(with_areas(fill(4.0, 2.0, 1.0, where="inside", areas=["star"])))
        self.assertGreaterEqual(self.to_edge(inside).min(), 0.3 - 1e-6)
        self.assertEqual(sorted(set(np.round(2 * inside.dots.radius, 6).tolist())), [1.0, 2.0, 4.0])
        round_it = self.filled(with_areas(fill(4.0, 2.0, where="round", areas=["star"])))
        own = round_it.dots
        region = region_of(round_it.piece.bare[0].area, round_it.ground.sites[0])
        self.assertGreaterEqual((region.signed_distance(own.x, own.y) - own.radius).min(), 0.3 - 1e-6)
        self.assertGreater(float(np.hypot(own.x, own.y).max()), 35.0)
        self.assertEqual([v.code for v in plan(round_it.piece).verdicts if v.severity == "serious"], [])

    def test_members_are_the_sizes_whatever_their_order(self) -> None:
        found = self.filled(with_areas(fill(1.0, 4.0, 2.0, where="inside", areas=["star"]))).dots
        np.testing.assert_allclose(2 * found.radius, np.array([1.0, 4.0, 2.0])[found.member])

    def test_it_looks_alike_in_every_segment_where_the_area_does(self) -> None:
        five = self.filled(with_areas(fill(3.0, 1.5, where="inside", areas=["star"]), segments=5))
        self.assertEqual(five.rows[0].repeats, 5)
        self.assert_turns_onto_itself(plan(five.piece), 5)
        free = self.filled(with_areas(fill(3.0, 1.5, where="inside", areas=["star"], free=True), segments=5))
        self.assertEqual(free.rows[0].repeats, 1)
        self.assertEqual(
            self.filled(with_areas(fill(3.0, where="inside", areas=["star"]), segments=6)).rows[0].repeats, 1
        )

    def test_rows_that_are_there_are_kept_clear_of(self) -> None:
        ring = patterns.row("a", 3.0, distance=patterns.at(30), trims=[patterns.walk(1.0, load="each")])
        found = self.filled(with_areas(ring, fill(4.0, 2.0, 1.0), areas=()))
        one, other = (found.dots.take(found.dots.row == k) for k in (0, 1))
        self.assertGreaterEqual(float(between(one, other).min()), 0.3 - 1e-6)

    def test_other_bare_areas_stay_bare_unless_rows_go_on_over_them(self) -> None:
        disc = {"id": "d", "name": "Disc", "area": {"kind": "disc", "x": 25.0, "diameter": 15.0}}
        for rows, bare in (("pass under", True), ("go on", False)):
            found = self.filled(
                with_areas(fill(3.0, 1.5, where="round", areas=["star"]), areas=(STAR, {**disc, "rows": rows}))
            )
            own = found.dots
            away = np.hypot(own.x - 25.0, own.y) - own.radius
            self.assertEqual(bool(away.min() >= 7.5 + 0.3 - 1e-6), bare, rows)

    def test_a_ring_goes_on_over_an_area_that_is_only_there_to_be_filled(self) -> None:
        ring = patterns.row("a", 3.0, distance=patterns.at(15))
        for rows, whole in (("pass under", False), ("go on", True)):
            found = solve_piece(with_areas(ring, areas=({**STAR, "rows": rows},)))
            self.assertEqual(found.rows[0].left_out == 0, whole)

    def test_four_shades_from_a_figure_to_the_edge(self) -> None:
        """Light beside it and dark at the edge, each shade one closed area."""
        shades = patterns.shades("pale", "amber", "red", "teal")
        row = {**fill(3.0, 1.5, where="round", areas=["star"], shading="from what lies in it"), "shades": shades}
        found = self.filled(with_areas(row))
        own, region = found.dots, region_of(found.piece.bare[0].area, found.ground.sites[0])
        away = region.signed_distance(own.x, own.y)
        turn = [found.palette.index(shade) for shade in found.piece.rows[0].shades]
        means = [float(away[own.shade == k].mean()) for k in turn]
        self.assertEqual(means, sorted(means))
        self.assertEqual(len(set(own.shade.tolist())), 4)

    def test_another_seed_gives_another_fill(self) -> None:
        one, other = (self.filled(with_areas(fill(3.0, 1.5, seed=seed, free=True))).dots for seed in (1, 2))
        self.assertFalse(len(one) == len(other) and np.allclose(one.x, other.x))

    def test_areas_that_cannot_be_filled_say_why(self) -> None:
        small = {**STAR, "area": {**STAR["area"], "across": 2.0, "down": 2.0}}
        for piece, words in (
            (with_areas(fill(3.0, where="inside", areas=["star"]), areas=(small,)), "no dot of {3"),
            (with_areas(fill(0.2)), "more than 12000 dots of {0.2"),
        ):
            self.assertIn(words, solve_piece(piece).rows[0].noroom)
        with self.assertRaisesRegex(ValueError, "names the area “gone”, which the piece does not have"):
            with_areas(fill(3.0, areas=["gone"]))

    def test_one_begins_with_several_sizes_of_the_kit(self) -> None:
        row = other_row(with_areas(patterns.centre(3.0), areas=()), "fill")
        sizes = [member.diameter for member in row.pattern]
        self.assertEqual(len(sizes), 4)
        self.assertEqual(sizes, sorted(sizes, reverse=True))
        self.assertTrue(all(member.tool for member in row.pattern))

    def test_rows_about_areas_begin_with_the_last_one(self) -> None:
        piece = with_areas(patterns.centre(3.0))
        for kind in ("edge", "fill"):
            row = other_row(piece, kind)
            self.assertEqual(row.track.areas, ("star",))
            self.assertEqual(track(piece, 0, kind)["track"]["areas"], ["star"])

    def test_a_begun_edge_without_an_area_finds_no_room(self) -> None:
        with self.assertRaisesRegex(FitError, "no area is chosen"):
            other_row(with_areas(patterns.centre(3.0), areas=()), "edge")
