"""Practice sheets: their targets, and what is read off them."""

import math

from fernring.core.document.kit import Tool
from fernring.core.errors import FitError
from fernring.core.marks import SHEET, SHEET_MARKS, SIDE
from fernring.core.practice.reading import ReadDot, Reading, by_block, measured
from fernring.core.practice.sheet import PracticeSheet, Practised, blocks, labels, practised
from tests.assertions import FernTestCase

DAY = "2026-11-27"

# A practice sheet as it was first printed: technique, how many targets, the sums of their x and y (mm), and where the
# last swipe ends; then where its words stand and how large they are. Sheets on paper are read by later versions.
PRINTED = (
    (0, "row", 14, 715.4, 742.7),
    (0, "ring", 12, 492.6, 877.8),
    (0, "walk", 10, 818.0, 611.5),
    (0, "swipe", 4, 375.2, 277.0, 136.45, 69.25),
    (1, "row", 14, 862.4, 1547.7),
    (1, "ring", 12, 501.6, 1585.8),
    (1, "walk", 10, 908.0, 1201.5),
    (1, "swipe", 4, 393.2, 519.0, 143.2, 129.75),
    (2, "row", 14, 1293.6, 2373.0),
    (2, "ring", 8, 347.0, 1559.0),
    (2, "walk", 10, 1159.5, 1835.0),
    (2, "swipe", 4, 441.0, 790.0, 161.75, 197.5),
    (3, "row", 14, 588.0, 3117.1),
    (3, "ring", 12, 484.8, 2897.4),
    (3, "walk", 10, 740.0, 2294.5),
    (3, "swipe", 4, 359.6, 945.0, 130.6, 236.25),
)
WORDS = (
    (26.0, 27.0, 5.0),
    (26.0, 32.5, 2.8),
    (26.0, 36.5, 2.8),
    (26.0, 47.5, 3.2),
    (64.1, 58.3, 2.2),
    (64.1, 66.4, 2.2),
    (26.0, 104.25, 3.2),
    (65.6, 116.55, 2.2),
    (65.6, 126.15, 2.2),
    (26.0, 161.0, 3.2),
    (68.75, 177.7, 2.2),
    (68.75, 191.7, 2.2),
    (26.0, 217.75, 3.2),
    (62.8, 227.25, 2.2),
    (62.8, 234.05, 2.2),
)


def sheet(*dots: float) -> PracticeSheet:
    tools = tuple(Practised(tool=f"tool-{k}", name=f"Tool {k}", dot=dot) for k, dot in enumerate(dots))
    return PracticeSheet(number=7, tools=tools, day=DAY)


class TargetsTest(FernTestCase):
    def test_nothing_meets_and_all_lies_inside_the_marks(self) -> None:
        inner = max(place[0] for place in SHEET_MARKS.values() if place[0] < 20) + SIDE / 2
        for sizes in ((0.5,), (2.1, 3.6, 8.0, 0.8), (14.0, 14.0, 14.0, 14.0), (9.0, 1.2), (6.0,)):
            discs = [
                (x, y, block.dot / 2)
                for block in blocks(sheet(*sizes))
                for x, y in (*block.places, *(block.ends or ()))
            ]
            for x, y, r in discs:
                self.assertTrue(inner <= x - r and x + r <= SHEET[0] - inner, (sizes, x, r))
                self.assertTrue(y - r >= 40 and y + r <= SHEET[1] - inner, (sizes, y, r))
            for k, (x, y, r) in enumerate(discs):
                for u, v, s in discs[:k]:
                    self.assertGreater(math.hypot(x - u, y - v), r + s - 1e-9 if r > 1 else 0, sizes)

    def test_the_layout_stays_as_it_was_printed(self) -> None:
        made = sheet(2.1, 3.6, 8.0, 0.8)
        for block, (tool, technique, count, x, y, *end) in zip(blocks(made), PRINTED, strict=True):
            self.assertEqual((block.tool, block.technique, len(block.places)), (tool, technique, count))
            self.assertAlmostEqual(sum(place[0] for place in block.places), x, delta=0.011)
            self.assertAlmostEqual(sum(place[1] for place in block.places), y, delta=0.011)
            self.assertEqual([round(value, 2) for value in (block.ends[-1] if block.ends else ())], end)
        for label, (x, y, size) in zip(labels(made), WORDS, strict=True):
            self.assertAlmostEqual(label.x, x, delta=0.011)
            self.assertAlmostEqual(label.y, y, delta=0.011)
            self.assertEqual(label.size, size)

    def test_each_tool_has_every_technique_and_a_name(self) -> None:
        for sizes in ((2.0,), (2.1, 3.6, 8.0, 0.8)):
            made = sheet(*sizes)
            kinds = [(block.tool, block.technique) for block in blocks(made)]
            self.assertEqual(len(set(kinds)), 4 * len(sizes))
            words = " ".join(label.text for label in labels(made))
            for tool in made.tools:
                self.assertIn(f"{tool.name}, {tool.dot:g} mm", words)
            self.assertIn("Practice sheet 7", words)

    def test_tools_that_cannot_practise(self) -> None:
        ball = Tool(id="ball", name="Ball", dots=(2.0,))
        for tools, words in (
            ((), "between 1 and 4"),
            ((ball,) * 5, "between 1 and 4"),
            ((Tool(id="pin", name="Pin", kind="needle", dots=(0.8,)),), "Pin sets no dots"),
            ((Tool(id="disc", name="Disc", dots=(20.0,)),), "up to 14 mm; Disc makes 20"),
        ):
            with self.assertRaisesRegex(FitError, words):
                practised(tools)
        self.assertEqual(practised((ball,))[0].dot, 2.0)


class ReadingTest(FernTestCase):
    def test_fresh_loads_alone_are_measured(self) -> None:
        made = sheet(2.0, 4.0)
        every = blocks(made)
        dots = [
            ReadDot(block=k, target=t, x=block.places[t][0], y=block.places[t][1], diameter=block.dot + 0.1 * t)
            for k, block in enumerate(every)
            for t in (0, 1)
        ]
        beyond = ReadDot(block=40, target=0, x=1, y=1, diameter=1.0)
        past = ReadDot(block=0, target=len(every[0].places), x=1, y=1, diameter=1.0)  # one more than the sheet has
        read = Reading(id="a" * 32, sheet=7, day=DAY, dots=(*dots, beyond, past))
        found = measured(made, read, ["b" * 32, "c" * 32])
        self.assertEqual([one.tool for one in found], ["tool-0", "tool-1"])
        self.assertEqual(found[0].diameters, (2.0, 2.1, 2.0, 2.1))
        self.assertEqual({one.how for one in found}, {"photographed"})
        self.assertEqual([len(own) for _, own in by_block(made, read)], [2] * len(every))
        speck = ReadDot(block=0, target=0, x=1, y=1, diameter=0.1)
        self.assertEqual(measured(made, Reading(id="a" * 32, sheet=7, day=DAY, dots=(speck,)), ["b" * 32] * 2), [])
