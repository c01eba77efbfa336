"""Trims as they stand on the sheet: their numbers, their paths, their sizes, and the paint they cover the base with."""

from math import pi
from typing import Any

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.advice.trims import trim_path
from fernring.core.advice.whole import base_share
from fernring.core.document.piece import Piece
from fernring.core.regions.polygons import Polygons
from fernring.core.rows.trims import trim_kind
from fernring.core.rows.trims.kind import trims_of
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, row, swipe, top, walk


def sample(*trims: dict[str, Any], **more: Any) -> Piece:
    one = row("a", 8.9, distance=at(26), trims=list(trims), count={"kind": "absolute", "repeats": 6})
    return patterns.read({**patterns.piece("petals").model_dump(mode="json"), "rows": [one], **more})


NESTED = (swipe(6), walk(2.5, load="each", trims=[top(1.0), top(0.8)]), top(5.7, trims=[swipe(3), walk(1.0)]))


class SheetTest(FernTestCase):
    def test_every_number_leads_to_its_own_trim(self) -> None:
        piece = sample(*NESTED)
        solved, document = solve_piece(piece), piece.model_dump(mode="json")
        trims = list(trims_of(piece.rows[0].trims))
        self.assertEqual([trim.kind for trim in trims], ["swipe", "walk", "top", "top", "top", "swipe", "walk"])
        for number, trim in enumerate(trims):
            found: Any = document
            for step in trim_path(solved, 0, number):
                found = found[step]
            self.assertEqual(found, trim.model_dump(mode="json"))

    def test_grown_dots_bear_the_numbers_of_the_sheet(self) -> None:
        piece = sample(*NESTED)
        grown = solve_piece(piece).rows[0].grown
        for number, trim in enumerate(trims_of(piece.rows[0].trims)):
            mine = 2 * grown.dots.radius[grown.dots.trim == number]
            marks = [mark for mark in grown.marks if mark.trim == number]
            self.assertEqual(len(marks) > 0, trim.kind == "swipe")
            for diameter in np.unique(np.round(mine, 9)):
                self.assertLessEqual(diameter, max(size.diameter for _, size in trim_kind(trim).sizes(trim)) + 1e-9)

    def test_sizes_lie_where_their_path_says(self) -> None:
        for trim in trims_of(sample(top(5.7, 3.0, 1.5), walk(1.5), swipe()).rows[0].trims):
            for path, size in trim_kind(trim).sizes(trim):
                found: Any = trim.model_dump(mode="json")
                for step in path:
                    found = found[step]
                self.assertEqual(found["diameter"], size.diameter)


class BaseTest(FernTestCase):
    def test_what_the_dots_leave_of_a_disc(self) -> None:
        """Areas of circles; the outline's chords take less than a thousandth of the disc."""
        solved = solve_piece(sample(top(3.0)))
        inside = pi * 47**2
        self.assertAlmostEqual(base_share(solved), 1 - 6 * pi * 4.45**2 / inside, places=3)

    @given(st.floats(-9, 9), st.floats(-19, 19))
    def test_the_part_around_the_centre_counts(self, x: float, y: float) -> None:
        box = np.array([(-10.0, -20.0), (10, -20), (10, 20), (-10, 20)])
        region = Polygons((box + 100, box - [x, y]))
        self.assert_mm(region.whole, min(10 - abs(x), 20 - abs(y)))
        self.assertIsNone(Polygons((box + 100,)).home)
        self.assertEqual(Polygons((box + 100,)).whole, 0)
