"""Sizes that a planned piece may take over from what was measured since."""

from fernring.core.document.changes import changed
from fernring.core.document.kit import Tool
from fernring.core.practice.measurement import Measurement
from fernring.core.practice.prediction import Hand
from fernring.core.proposals.measured_anew import measured_anew
from tests import samples
from tests.assertions import FernTestCase

DAY = "2026-11-20"


class MeasuredAnewTest(FernTestCase):
    def setUp(self) -> None:
        self.piece = samples.five_rows()
        used = {member.tool for row in self.piece.rows for member in row.pattern if member.tool}
        self.tool = next(tool for tool in self.piece.tools if tool.id in used)

    def hand(self, wide: float, tools: tuple[Tool, ...] | None = None) -> Hand:
        told = Measurement(
            id="a" * 32, tool=self.tool.id, surface=self.piece.blank.material, day=DAY,
            body=self.piece.paints[0].body, diameters=(wide,) * 12,
        )  # fmt: skip
        return Hand(tools or self.piece.tools, (told,))

    def test_a_wider_dot_is_offered_and_taken_over_everywhere(self) -> None:
        old = self.tool.dots[0]
        (one,) = measured_anew(self.piece, self.hand(1.4 * old))
        self.assertEqual((one.tool, one.old, one.new.measured), (self.tool.id, old, 12))
        self.assertTrue(one.new.low < one.new.diameter < one.new.high)
        self.assertAlmostEqual(one.new.diameter, 1.4 * old, delta=0.12 * old)
        after = changed(self.piece, one.changes)
        tool = next(tool for tool in after.tools if tool.id == self.tool.id)
        self.assertEqual((tool.dots, tool.ranges), (self.tool.dots, (one.new,)))
        self.assertGreater(len(one.rows), 0)
        for place, (row, before) in enumerate(zip(after.rows, self.piece.rows, strict=True)):
            for member, was in zip(row.pattern, before.pattern, strict=True):
                mine = was.tool == self.tool.id and was.diameter == old
                self.assertEqual(member.diameter, one.new.diameter if mine else was.diameter)
                self.assertTrue(not mine or place in one.rows)
        self.assertEqual(measured_anew(after, self.hand(1.4 * old)), [])

    def test_a_size_chosen_with_its_range_is_held_against_its_own_paint_and_load(self) -> None:
        old = self.tool.dots[0]
        (first,) = measured_anew(self.piece, self.hand(1.4 * old))
        after = changed(self.piece, first.changes)
        (second,) = measured_anew(after, self.hand(2.0 * old))
        self.assertEqual((second.old, second.new.load), (first.new.diameter, "usual"))
        again = changed(after, second.changes)
        tool = next(tool for tool in again.tools if tool.id == self.tool.id)
        self.assertEqual(tool.ranges, (second.new,))  # the first is set nowhere any more
        full = tuple(
            tool.model_copy(update={"ranges": tuple(one.model_copy(update={"load": "full"}) for one in tool.ranges)})
            for tool in again.tools
        )
        (third,) = measured_anew(again.model_copy(update={"tools": full}), self.hand(2.0 * old))
        self.assertGreater(third.new.diameter, second.new.diameter)

    def test_a_size_that_is_surer_now_is_offered_too(self) -> None:
        old = self.tool.dots[0]
        (few,) = measured_anew(self.piece, self.hand(1.4 * old))
        after = changed(self.piece, few.changes)
        wider = few.new.model_copy(update={"low": 0.8 * few.new.diameter, "high": 1.25 * few.new.diameter})
        tools = tuple(one.model_copy(update={"ranges": (wider,) if one.ranges else ()}) for one in after.tools)
        (again,) = measured_anew(after.model_copy(update={"tools": tools}), self.hand(1.4 * old))
        self.assertEqual((again.old, again.new), (few.new.diameter, few.new))
        self.assertLess(again.new.high, wider.high)

    def test_other_sizes_of_a_tool_whose_usual_dot_was_taken_over_are_left(self) -> None:
        """Of two sizes by one tool the nearer to what it makes is offered; the other is its dot with another load."""
        tool = Tool(id="two", name="Two", tip=2.0, dots=(2.0, 2.8))
        by = {"tool": "two"}
        rows = [samples.row(name, size) for name, size in (("a", 2.0), ("b", 2.8))]
        rows = [row.model_copy(update={"pattern": (row.pattern[0].model_copy(update=by),)}) for row in rows]
        piece = samples.piece(*rows, tools=(tool,))
        told = Measurement(id="a" * 32, tool="two", surface=piece.blank.material, day=DAY, diameters=(2.3,) * 40)
        hand = Hand((tool,), (told,))
        (one,) = measured_anew(piece, hand)
        self.assertEqual((one.old, one.rows), (2.0, (0,)))
        self.assertEqual(measured_anew(changed(piece, one.changes), hand), [])

    def test_what_nobody_would_see_or_measured_is_not_offered(self) -> None:
        self.assertEqual(measured_anew(self.piece, self.hand(1.01 * self.tool.dots[0])), [])
        self.assertEqual(measured_anew(self.piece, Hand(self.piece.tools, ())), [])
        others = tuple(tool for tool in self.piece.tools if tool.id != self.tool.id)
        self.assertEqual(measured_anew(self.piece, self.hand(1.4 * self.tool.dots[0], others)), [])
