"""Painted dots as they were found: what comes later goes by them."""

import numpy as np

from fernring.core.document.changes import changed
from fernring.core.document.painted import Found
from fernring.core.document.piece import Piece
from fernring.core.errors import FitError
from fernring.core.plan import Plan, plan
from fernring.core.proposals.painted import begun, found
from fernring.core.rows.measured import lines_of
from fernring.core.solved import solve_piece
from tests import patterns, samples
from tests.assertions import FernTestCase, between

LIES = ("x", "y", "radius", "level", "tool", "shade", "row")


def all_begun(piece: Piece, trims: int | None = None) -> Piece:
    rows = {row.id: [trim.id for trim in row.trims[:trims]] for row in piece.rows}
    return changed(piece, begun(piece, rows))


def found_on(piece: Piece, index: int, dots: list[int], **what: float) -> Plan:
    return plan(changed(piece, found(piece, index, dots, Found(**what))))


class MeasuredTest(FernTestCase):
    def test_later_rows_nest_on_dots_as_they_are(self) -> None:
        piece = patterns.with_rows(patterns.centre(), patterns.row("a", 3.0), patterns.row("b", 3.0))
        painted = changed(piece, begun(piece, {"m": [], "a": []}))
        ring = solve_piece(piece).rows[1]
        after = found_on(painted, 1, list(range(ring.n)), diameter=4.0)
        self.assertEqual(after.solved.rows[1].repeats, ring.repeats)  # all of them alike: it still repeats
        self.assertGreater(after.solved.rows[2].walk, solve_piece(piece).rows[2].walk + 0.4)
        one, other = (after.dots.take(after.dots.row == k) for k in (1, 2))
        self.assert_mm(float(between(one, other).min()), 0.4, 1e-6)
        np.testing.assert_allclose(2 * after.dots.radius[after.dots.row == 1], 4.0)

    def test_one_wide_dot_takes_the_symmetry_and_petals_grow_round_it(self) -> None:
        trims = [patterns.walk(1.0, load="each", count=3)]
        piece = patterns.with_rows(
            patterns.centre(), patterns.row("a", 4.6, gap=3.0, trims=trims), patterns.row("b", 2.0)
        )
        painted = changed(piece, begun(piece, {"a": []}))
        after = found_on(painted, 1, [2], diameter=5.2)
        dots = after.dots
        self.assertEqual(after.solved.rows[1].order, 1)
        petal = (dots.row == 1) & (dots.layer == 1)
        self.assertEqual(np.bincount(dots.place[petal]).tolist(), [dots.place[petal].tolist().count(0)] * 12)
        for dot in np.flatnonzero(petal):
            host = int(dots.host[dot])
            apart = np.hypot(dots.x[dot] - dots.x[host], dots.y[dot] - dots.y[host])
            self.assertGreater(apart - dots.radius[dot] - dots.radius[host], -1e-6)

    def test_a_dot_beside_its_place(self) -> None:
        for name in ("petals", "ball", "dome"):
            piece = patterns.piece(name) if name in patterns.PIECES else samples.five_rows()
            painted = all_begun(piece)
            index = next(k for k, row in enumerate(solve_piece(piece).rows) if row.n > 3)
            before = solve_piece(painted)
            dot = before.first[index] + 1
            after = found_on(painted, index, [1], outward=0.6, right=-0.3).solved
            was, now = (np.array([s.dots.x[dot], s.dots.y[dot], s.dots.z[dot]]) for s in (before, after))
            self.assert_mm(float(np.linalg.norm(now - was)), float(np.hypot(0.6, 0.3)), 0.02)
            rest = np.arange(len(before.dots)) != dot
            np.testing.assert_allclose(after.dots.x[rest], before.dots.x[rest], atol=1e-9)

    def test_dots_of_a_motif_are_found_at_their_place(self) -> None:
        piece = next(patterns.piece(name) for name in patterns.PIECES if patterns.piece(name).motifs)
        painted = all_begun(piece)
        solved = solve_piece(painted)
        index = next(k for k, row in enumerate(solved.rows) if row.at and row.n > 3)
        for dot in (0, 3, solved.rows[index].total - 1):
            after = found_on(painted, index, [dot], diameter=0.77).solved
            here = solved.first[index] + dot
            other = np.arange(len(solved.dots)) != here
            self.assert_mm(2 * float(after.dots.radius[here]), 0.77)
            np.testing.assert_allclose(after.dots.radius[other], solved.dots.radius[other], atol=1e-9)
            np.testing.assert_allclose(after.dots.x, solved.dots.x, atol=1e-9)
        self.assertEqual(len(lines_of(solved.rows[index], range(solved.rows[index].total))), solved.rows[index].total)

    def test_only_what_is_painted_is_measured(self) -> None:
        piece = patterns.with_rows(patterns.row("a", 6.0, trims=[patterns.top(3.0)]))
        with self.assertRaisesRegex(FitError, "was not begun"):
            found(piece, 0, [0], Found(diameter=3.0))
        own = changed(piece, begun(piece, {"a": []}))
        with self.assertRaisesRegex(FitError, "was not begun"):
            found(own, 0, [solve_piece(own).rows[0].n], Found(diameter=3.0))
        with self.assertRaisesRegex(FitError, "not among them"):
            found(own, 0, [9999], Found(diameter=3.0))

    def test_the_gap_that_is_left_is_that_between_the_dots(self) -> None:
        """Two dots that were measured: their clear distance, however far apart they lie."""
        two = {"count": {"kind": "absolute", "repeats": 2}, "distance": patterns.at(4.0)}
        piece = patterns.with_rows(patterns.row("a", 2.0, **two))
        painted = changed(piece, begun(piece, {"a": []}))
        after = found_on(painted, 0, [0], diameter=3.0)
        self.assert_mm(after.solved.rows[0].clear, 8.0 - 1.0 - 1.5, 1e-9)
