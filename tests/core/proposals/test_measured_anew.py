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
        self.assertEqual((one.tool, one.old, one.measured), (self.tool.id, old, 12))
        self.assertTrue(one.low < one.new < one.high)
        self.assertAlmostEqual(one.new, 1.4 * old, delta=0.12 * old)
        after = changed(self.piece, one.changes)
        tool = next(tool for tool in after.tools if tool.id == self.tool.id)
        self.assertIn(one.new, tool.dots)
        self.assertGreater(len(one.rows), 0)
        for place, (row, before) in enumerate(zip(after.rows, self.piece.rows, strict=True)):
            for member, was in zip(row.pattern, before.pattern, strict=True):
                mine = was.tool == self.tool.id and was.diameter == old
                self.assertEqual(member.diameter, one.new if mine else was.diameter)
                self.assertTrue(not mine or place in one.rows)
        self.assertEqual(measured_anew(after, self.hand(1.4 * old)), [])

    def test_what_nobody_would_see_or_measured_is_not_offered(self) -> None:
        self.assertEqual(measured_anew(self.piece, self.hand(1.01 * self.tool.dots[0])), [])
        self.assertEqual(measured_anew(self.piece, Hand(self.piece.tools, ())), [])
        others = tuple(tool for tool in self.piece.tools if tool.id != self.tool.id)
        self.assertEqual(measured_anew(self.piece, self.hand(1.4 * self.tool.dots[0], others)), [])
