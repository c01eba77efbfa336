"""Sizes that are offered for a dot of a row with their range, and what a piece keeps of them."""

from collections.abc import Sequence
from typing import Any
from unittest.mock import Mock

from fernring.core.colour.palette import Palette
from fernring.core.document.changes import changed
from fernring.core.document.kit import Kit, Loaded, SizeRange, Tool
from fernring.core.document.numbers import LEAST_DOT, MOST_DOT
from fernring.core.document.piece import Piece
from fernring.core.document.shelf import RampShade
from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.practice.measurement import Measurement
from fernring.core.practice.prediction import Hand, Prediction, Wanted
from fernring.core.proposals.foretold import Path, foretold
from fernring.core.proposals.offered_sizes import OfferedSize, offered_sizes
from fernring.core.proposals.painted import begun
from tests import samples
from tests.assertions import FernTestCase

NEW = Tool(id="new", name="New rod", kind="rod", tip=2.2, dots=(2.4,))
WANTED = Wanted("new", "medium", "canvas", "usual")
BARE = Tool(id="bare", name="Bare", kind="household", dots=(5.0,))
NEEDLE = Tool(id="needle", name="Needle", kind="needle", tip=1.0, dots=(1.0,))
KIT = Kit(tools=(*samples.tools()[4:7], NEW, BARE, NEEDLE))


def told(tool: str, *diameters: float, letter: str = "a", **more: object) -> Measurement:
    return Measurement(id=letter * 32, tool=tool, diameters=diameters, day="2026-11-20", **more)


def top(*sizes: dict[str, float], shades: Sequence[str] = ("amber",)) -> dict[str, Any]:
    return {"kind": "top", "id": "t", "sizes": list(sizes), "shades": [samples.paint(one) for one in shades]}


class OfferedTest(FernTestCase):
    def setUp(self) -> None:
        self.piece = samples.piece(samples.row("a", 2.0), samples.row("b", 2.0, 3.0))

    def offered(
        self, piece: Piece, *measured: Measurement, row: int = 0, at: Path = ("pattern", 0), load: Loaded = "usual"
    ) -> dict[str, OfferedSize]:
        hand = Hand(KIT.tools, measured)
        return {one.tool: one for one in offered_sizes(piece, KIT.tools, hand, row, at, load)}

    def take(self, piece: Piece, one: OfferedSize) -> Piece:
        return changed(piece, one.changes)

    def ranges(self, piece: Piece, tool: str) -> tuple[SizeRange, ...]:
        return next(one.ranges for one in piece.tools if one.id == tool)

    def test_every_tool_with_something_to_rest_on_the_smallest_first(self) -> None:
        found = list(self.offered(self.piece, told("t-4", 2.3, 2.35)).values())
        self.assertEqual({one.tool for one in found}, {"t-4", "t-5", "t-6", "new"})  # no tip, or pulls only
        self.assertEqual([one.size.diameter for one in found], sorted(one.size.diameter for one in found))
        with_bare = self.offered(self.piece, told("bare", 4.1))
        self.assertIn("bare", with_bare)

    def test_it_is_the_prediction_for_this_paint_material_and_load(self) -> None:
        one = self.offered(self.piece, told("t-4", 2.3, 2.35), load="full")["t-4"]
        hand = Hand(KIT.tools, (told("t-4", 2.3, 2.35),))
        same = hand.predicted(Wanted("t-4", "medium", self.piece.blank.material, "full"))
        self.assertAlmostEqual(one.size.diameter, same.diameter, delta=0.0051)
        self.assertAlmostEqual(one.size.low, same.low, delta=0.0051)
        self.assertAlmostEqual(one.size.high, same.high, delta=0.0051)
        self.assertEqual((one.size.load, one.size.measured, one.size.alike), ("full", 2, 0))

    def test_choosing_writes_number_range_and_what_it_rests_on(self) -> None:
        one = self.offered(self.piece, told("t-4", 2.3, 2.35))["t-4"]
        after = self.take(self.piece, one)
        member = after.rows[0].pattern[0]
        self.assertEqual((member.tool, member.diameter), ("t-4", one.size.diameter))
        self.assertEqual(self.ranges(after, "t-4"), (one.size,))
        self.assertEqual(after.rows[1], self.piece.rows[1])
        self.assertEqual(plan(after).solved.rows[0].diameters, (one.size.diameter,))
        dots = next(tool.dots for tool in after.tools if tool.id == "t-4")
        self.assertEqual(dots, self.piece.tools[4].dots)  # those of the kit stay

    def test_a_tool_that_the_piece_has_not_comes_with_it(self) -> None:
        after = self.take(self.piece, self.offered(self.piece)["new"])
        self.assertEqual(after.tools[-1].id, "new")
        self.assertEqual(len(after.tools), len(self.piece.tools) + 1)
        self.assertEqual(len(self.ranges(after, "new")), 1)

    def test_sizes_that_no_row_sets_any_more_are_not_kept(self) -> None:
        first = self.take(self.piece, self.offered(self.piece, told("t-4", 2.3))["t-4"])
        again = self.take(first, self.offered(first, told("t-4", 2.3), load="full")["t-4"])
        self.assertEqual([one.load for one in self.ranges(again, "t-4")], ["full"])
        other = self.take(again, self.offered(again, told("t-4", 2.3), row=1, load="light")["t-4"])
        self.assertEqual([one.load for one in self.ranges(other, "t-4")], ["full", "light"])
        rod = self.take(other, self.offered(other, told("t-4", 2.3))["t-5"])
        self.assertEqual([one.load for one in self.ranges(rod, "t-4")], ["light"])
        self.assertEqual(len(self.ranges(rod, "t-5")), 1)

    def test_a_fitted_size_is_fitted_no_more(self) -> None:
        fitted = samples.piece(samples.row("a", 2.0, fit="size", distance={"kind": "walk", "walk": 20.0}))
        self.assertIsNone(self.take(fitted, self.offered(fitted)["t-4"]).rows[0].fit)

    def test_the_paint_is_that_of_the_dot_itself(self) -> None:
        ramped = samples.ramped()
        fluid = samples.AMBER.model_copy(update={"body": "fluid"})
        paints = tuple(fluid if paint.id == "amber" else paint for paint in ramped.paints)
        piece = ramped.model_copy(update={"paints": paints})
        self.assertEqual(Palette(piece).body(samples.paint("amber")), "fluid")
        self.assertEqual(Palette(piece).body(samples.paint("pale")), "medium")
        ramp = piece.ramps[0]
        first = next(paint for paint in paints if paint.id == ramp.stops[0])
        self.assertEqual(Palette(piece).body(RampShade(ramp=ramp.id, step=2)), first.body)

    def test_sizes_that_no_dot_may_have_are_not_offered(self) -> None:
        hand = Mock()
        for diameter, possible in (
            (LEAST_DOT - 0.01, False),
            (LEAST_DOT, True),
            (MOST_DOT, True),
            (MOST_DOT + 1, False),
        ):
            hand.predicted.return_value = Prediction(diameter, 0.1, 70.0, 3, 3, True)
            self.assertEqual(foretold(hand, WANTED) is not None, possible, diameter)
        for low, known in ((0.004, True), (0.1, False)):
            hand.predicted.return_value = Prediction(2.0, low, 3.0, 3, 3, known)
            self.assertIsNone(foretold(hand, WANTED))

    def test_rows_and_dots_that_are_not_there_are_said(self) -> None:
        for row, at in ((7, ("pattern", 0)), (0, ("pattern", 1)), (0, ("trims", 0, "size")), (0, ("gap",)), (0, ())):
            with self.assertRaisesRegex(FitError, f"no dot of row {row + 1}"):
                self.offered(self.piece, row=row, at=at)
        crystal = samples.row("a", 4.0)
        glued = crystal.pattern[0].model_copy(update={"form": "crystal"})
        with self.assertRaisesRegex(FitError, "that a tool would set"):
            self.offered(samples.piece(crystal.model_copy(update={"pattern": (glued,)})))

    def test_a_dot_of_a_trim_takes_it_with_the_paint_of_its_level(self) -> None:
        """A share of the dot below gives way to it."""
        stack = top({"diameter": 3.0}, {"diameter": 1.0, "share": 0.5}, shades=["amber", "pale"])
        piece = samples.piece(samples.row("a", 6.0, trims=(stack,)))
        first, second = piece.rows[0].trims[0].sizes  # type: ignore[attr-defined]
        fluid = tuple(one.model_copy(update={"body": "fluid" if one.id == "pale" else "heavy"}) for one in piece.paints)
        piece = piece.model_copy(update={"paints": fluid})
        at = "trims", 0, "sizes", 1
        one = self.offered(piece, at=at)["t-4"]
        self.assertEqual(one.size.body, "fluid")
        self.assertEqual(self.offered(piece, at=(*at[:3], 0))["t-4"].size.body, "heavy")
        after = self.take(piece, one)
        (taken,) = after.rows[0].trims
        new = {"tool": "t-4", "diameter": one.size.diameter, "share": None}
        self.assertEqual(taken.sizes, (first, second.model_copy(update=new)))  # type: ignore[attr-defined]
        self.assertEqual(after.rows[0].pattern, piece.rows[0].pattern)
        self.assertEqual(self.ranges(after, "t-4"), (one.size,))

    def test_a_trim_that_is_not_begun_takes_it_on_a_row_that_is_painted(self) -> None:
        piece = samples.piece(samples.row("a", 6.0, trims=(top({"diameter": 1.0}),)))
        row, both = (changed(piece, begun(piece, {"a": trims})) for trims in ((), ("t",)))
        at = "trims", 0, "sizes", 0
        self.assertIn("t-4", self.offered(row, at=at))
        for painted, where in ((row, ("pattern", 0)), (both, ("pattern", 0)), (both, at)):
            with self.assertRaisesRegex(FitError, "on the piece"):
                self.offered(painted, at=where)

    def test_a_range_holds_its_dot(self) -> None:
        with self.assertRaisesRegex(ValueError, "is not between"):
            SizeRange(
                diameter=2.0, low=2.1, high=2.4, body="medium", surface="canvas", load="usual", measured=0, alike=0
            )
