"""Swipes: spines, envelopes, families, lengths."""

from math import radians
from typing import Any

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.document.changes import changed
from fernring.core.dots.index import Index
from fernring.core.geometry.outline.polygon import area
from fernring.core.geometry.surface import Plane
from fernring.core.geometry.swept import envelope
from fernring.core.plan import Plan, plan
from fernring.core.rows.trims.host import Around, Host
from fernring.core.rows.trims.swipe import SwipeTrim, ToCircle, ToContact, ToLength, family, spine
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase, between
from tests.patterns import ONE, at, row, swipe

FORMS = ("straight", "teardrop", "comma left", "comma right")


HOST = Host(0.0, -20.0, 0.0, 20.0, 0.0, 0.0, 2.0, 1, 0, 0, 0)


def around(*discs: tuple[float, float, float]) -> Around:
    x, y, r = (np.array([d[k] for d in discs], float) for k in range(3))
    return Around(Plane(80), Index(x, y, np.zeros(len(x)), r), {}, {})


def pulled(**given: Any) -> SwipeTrim:
    return SwipeTrim(id="pull", **given)


class SpineTest(FernTestCase):
    @given(st.sampled_from(FORMS), st.floats(0.8, 4), st.floats(5, 25), st.floats(0, 90))
    def test_a_swipe_is_a_simple_shape_that_holds_its_discs(
        self, form: str, r: float, length: float, bend: float
    ) -> None:
        trim = pulled(form=form, bend=bend)
        centres, girth = spine(trim, r, max(length, 2.5 * r), 0.0, 1.0)
        outline = shapely.Polygon(envelope(centres, girth)).buffer(0.02)
        self.assertTrue(outline.is_valid)
        for (u, v), size in list(zip(centres.tolist(), girth.tolist(), strict=True))[:-1:5]:
            self.assertTrue(outline.covers(shapely.Point(u, v).buffer(size * 0.97, 16)), (form, u, v))

    @given(
        st.sampled_from(FORMS), st.floats(0.4, 5), st.floats(0.5, 40), st.floats(0, 120), st.floats(-1, 1),
    )  # fmt: skip
    def test_the_outline_is_the_body_that_is_checked(
        self, form: str, r: float, length: float, bend: float, lean: float
    ) -> None:
        """Head and tip included, and simple, however short the tail beside its head."""
        centres, girth = spine(pulled(form=form, bend=bend), r, length, lean, 1.0)
        outline = shapely.Polygon(envelope(centres, girth))
        self.assertTrue(outline.is_valid)
        body = shapely.union_all([shapely.Point(*at).buffer(size, 32) for at, size in zip(centres, girth, strict=True)])
        self.assertLess(body.difference(outline.buffer(0.012 * max(r, 1))).area, 1e-6)
        self.assertLess(outline.difference(body.buffer(length / 40 + 0.02 * r)).area, 1e-6)

    def test_the_girth_falls_from_head_to_tip(self) -> None:
        for form in FORMS:
            _, girth = spine(pulled(form=form), 2.0, 10.0, 0.0, 1.0)
            self.assertTrue((np.diff(girth) < 0).all())
            self.assert_mm(float(girth[0]), 2.0)
        thin, full = (spine(pulled(form=f), 2.0, 10.0, 0.0, 1.0)[1][20] for f in ("straight", "teardrop"))
        self.assertLess(thin, full)

    def test_directions_and_bends(self) -> None:
        ends = {
            name: spine(pulled(**given), 2.0, 10.0, 0.0, 1.0)[0][-1]
            for name, given in {
                "out": {},
                "in": {"direction": "inward"},
                "aside": {"angle": 90.0},
                "left": {"form": "comma left", "bend": 90.0},
                "right": {"form": "comma right", "bend": 90.0},
            }.items()
        }
        np.testing.assert_allclose(ends["out"], (0, 10), atol=1e-9)
        np.testing.assert_allclose(ends["in"], (0, -10), atol=1e-9)
        np.testing.assert_allclose(ends["aside"], (10, 0), atol=1e-9)
        np.testing.assert_allclose(ends["left"], ends["right"] * [-1, 1], atol=1e-9)
        self.assertGreater(ends["right"][0], 5)

    def test_the_area_of_a_square(self) -> None:
        self.assertEqual(area(np.array([(0, 0), (3, 0), (3, 3), (0, 3)], float)), 9)


class FamilyTest(FernTestCase):
    def test_each_next_is_shorter_leans_more_and_lies_further_aside(self) -> None:
        trim = pulled(family=5, shorter=0.2, lean=20, gap=0.3, to=ToLength(mm=10.0))
        found = family(trim, HOST, around())
        self.assertEqual([round(pull.length, 3) for pull in found], [10, 8, 8, 6.4, 6.4])
        self.assertEqual([round(pull.lean_rad / radians(20)) for pull in found], [0, 1, -1, 2, -2])
        self.assertEqual([round(pull.aside, 3) for pull in found], [0, 4.3, -4.3, 8.6, -8.6])

    def test_outward_the_tails_spread_and_inward_they_run_together(self) -> None:
        for direction, wider in (("outward", True), ("inward", False)):
            trim = [swipe(6, family=3, direction=direction, lean=15.0)]
            found = solve_piece(patterns.with_rows(row("a", 3.0, distance=at(30), count=ONE, trims=trim))).rows[0]
            right, left = (mark.spine for mark in found.grown.marks[1:3])
            heads, tips = (float(np.hypot(*(right[k] - left[k]))) for k in (0, -1))
            self.assertEqual(tips > heads + 1.0, wider)
            self.assertEqual(tips < heads - 1.0, not wider)

    def test_lengths_to_a_circle(self) -> None:
        self.assert_mm(family(pulled(to=ToCircle(walk=31.5)), HOST, around())[0].length, 11.5)
        inward = pulled(direction="inward", to=ToCircle(walk=12.0))
        self.assert_mm(family(inward, HOST, around())[0].length, 8.0)

    def test_lengths_to_first_contact(self) -> None:
        trim = pulled(to=ToContact(), gap=0.5)
        tip = 0.06 * HOST.radius
        self.assert_mm(family(trim, HOST, around((0, -35, 3)))[0].length, 15 - 3.5 - tip, 1e-5)
        self.assert_mm(family(trim, HOST, around((9, -35, 3)))[0].length, 16 * 2.0)

    @given(
        st.sampled_from(FORMS), st.floats(-6, 6), st.floats(-44, -28), st.floats(0.5, 5), st.floats(0, 1),
        st.sampled_from(("outward", "inward")),
    )  # fmt: skip
    def test_the_whole_tail_keeps_its_gap_and_is_no_shorter_than_it_must_be(
        self, form: str, x: float, y: float, r: float, gap: float, direction: str
    ) -> None:
        trim = pulled(to=ToContact(), gap=gap, form=form, direction=direction)
        there = (x, y if direction == "outward" else -40 - y, r)
        near = around(there).near(HOST, 32)
        length = family(trim, HOST, around(there))[0].length

        def clear(long: float) -> float:
            centres, girth = spine(trim, HOST.radius, long, 0.0, 1.0)
            return float(min((np.hypot(*(centres - (u, v)).T) - girth - radius).min() for u, v, radius in near))

        if not near or clear(0.5) < gap:
            return
        self.assertGreaterEqual(clear(length), gap - 1e-6)
        if length < 16 * HOST.radius - 1e-3:
            self.assertLess(clear(length + 1e-3), gap)


class ReliefTest(FernTestCase):
    """A swipe follows the surface: what is checked and nested on lies as high as it is painted."""

    def on(self, relief: dict[str, Any] | None, *rows: dict[str, Any]) -> Plan:
        blank = {
            "outline": {"kind": "round", "diameter": 110.0},
            "border": 1.0,
            **({"relief": relief} if relief else {}),
        }
        given = patterns.piece("petals").model_dump(mode="json")
        return plan(patterns.read({**given, "blank": {**given["blank"], **blank}, "rows": list(rows), "segments": 6}))

    def test_an_overlap_with_its_tail_is_said_on_a_dome_as_on_a_plane(self) -> None:
        swept = patterns.row("a", 3.0, distance=patterns.at(30), start=patterns.LINES, trims=[patterns.swipe(14)])
        there = patterns.row("b", 3.0, distance=patterns.at(44.5), start=patterns.LINES)
        for relief in (None, {"kind": "dome", "rise": 10.0}, {"kind": "dome", "rise": 30.0}):
            verdict = self.verdict(self.on(relief, there, swept), "swipe without room")
            self.assertRegex(verdict.text, "overlap by {(0.9|1.0|1.1|1.2)")

    def test_a_row_nests_behind_the_tail_whatever_the_relief(self) -> None:
        """Behind a swipe of 14 mm from 30 on: on a flat blank at 45.99, over a dome a little further along it."""
        swept = patterns.row("a", 3.0, distance=patterns.at(30), start=patterns.LINES, trims=[patterns.swipe(14)])
        nested = patterns.row("c", 3.0, start=patterns.LINES)
        walks = []
        for relief in (None, {"kind": "dome", "rise": 10.0}, {"kind": "dome", "rise": 30.0}):
            found = self.on(relief, swept, nested)
            walks.append(found.solved.rows[1].walk)
            discs, dots = found.solved.rows[0].grown.mark_discs, found.solved.rows[1].own_dots
            self.assert_mm(float(between(discs, dots).min()), 0.4, 1e-3)
        self.assertLess(max(walks) - min(walks), 0.3)


class TogetherTest(FernTestCase):
    """A petal and a swipe on one dot: the later sees the earlier."""

    def planned(self, *trims: dict[str, Any]) -> Plan:
        one = patterns.row("a", 4.6, distance=patterns.at(20), trims=patterns.numbered(trims))
        return plan(patterns.with_rows(one))

    def test_a_petal_grows_round_the_swipe(self) -> None:
        """By shapely: every walked dot keeps its gap to the outline of the swipe."""
        found = self.planned(patterns.swipe(9), patterns.walk(1.1, load="each", gap=0.2))
        body = shapely.Polygon(found.solved.marked[0].mark.outline)
        dots = found.dots.take((found.dots.host == found.solved.marked[0].dot) & (found.dots.trim == 1))
        self.assertGreater(len(dots), 15)
        clear = [body.distance(shapely.Point(x, y)) - r for x, y, r in zip(dots.x, dots.y, dots.radius, strict=True)]
        self.assertGreater(min(clear), 0.2 - 0.02)
        self.assertNotIn("no place", self.codes(found))

    def test_a_swipe_over_a_petal_is_left_out_and_said(self) -> None:
        found = self.planned(patterns.walk(1.1, load="each"), patterns.swipe(9))
        self.assertEqual(len(found.solved.marked), 0)
        self.assertIn("a swipe is left out at every dot", self.verdict(found, "no place").text)
        (first,) = self.remedies(found, "no place")
        again = plan(changed(found.solved.piece, first.changes))
        self.assertEqual(len(again.solved.marked), 12)
        self.assertEqual([trim.kind for trim in again.solved.piece.rows[0].trims], ["swipe", "walk"])

    def test_of_a_family_those_with_room_are_pulled(self) -> None:
        """A petal on the right leaves room for what leans to the left."""
        right = patterns.walk(1.1, load="each", sides="right", count=4)
        found = self.planned(right, patterns.swipe(7, family=3, lean=40, angle=-60))
        self.assertEqual(len(found.solved.marked), 12)
        self.assertIn("two swipes are left out", self.verdict(found, "no place").text)
