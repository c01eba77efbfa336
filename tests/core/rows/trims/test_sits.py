"""Which dots a trim sits on, and shades by the shade below."""

from typing import Any

from fernring.core.document.piece import used
from fernring.core.plan import Plan, plan
from fernring.core.words.rows import sentences
from tests import patterns
from tests.assertions import FernTestCase


def planned(*trims: dict[str, Any], sizes: tuple[float, ...] = (5.0, 2.5), **more: Any) -> Plan:
    base = {"distance": patterns.at(30), "shades": patterns.shades("red", "pale"), **more}
    return plan(patterns.with_rows(patterns.row("a", *sizes, trims=patterns.numbered(trims), **base)))


class SitsTest(FernTestCase):
    def members(self, found: Plan, trim: int) -> list[int]:
        """Which members carry the trim of this number, and how many of each."""
        dots = found.dots.take(found.dots.trim == trim)
        return [int((found.dots.member[dots.host] == k).sum()) for k in range(3)]

    def test_on_all_on_some_and_on_the_largest(self) -> None:
        top = patterns.top(1.0)
        for on, counts in (([], [12, 0, 0]), (["m0", "m1"], [12, 12, 0]), (["m1"], [0, 12, 0])):
            self.assertEqual(self.members(planned({**top, "on": on}), 0), counts)

    def test_each_has_its_own(self) -> None:
        """Numbers are those of the sheet, whoever carries the trim."""
        found = planned({**patterns.walk(1.0, load="each"), "on": ["m0"]}, {**patterns.top(1.0), "on": ["m1"]},
                        patterns.top(2.0), sizes=(5.0, 2.5, 1.5))  # fmt: skip
        self.assertEqual(self.members(found, 0)[1:], [0, 0])
        self.assertGreater(self.members(found, 0)[0], 12)
        self.assertEqual((self.members(found, 1), self.members(found, 2)), ([0, 12, 0], [12, 0, 0]))

    def test_swipes_on_one_and_petals_on_another(self) -> None:
        found = planned({**patterns.swipe(6), "on": ["m1"]}, {**patterns.walk(1.0, load="each"), "on": ["m0"]})
        self.assertEqual({int(found.dots.member[mark.dot]) for mark in found.solved.marked}, {1})
        self.assertEqual(len(found.solved.marked), 12)

    def test_a_dot_that_is_not_there_is_refused(self) -> None:
        with self.assertRaisesRegex(ValueError, "a trim sits on the dot “gone”, which the pattern does not hold"):
            planned({**patterns.top(1.0), "on": ["gone"]})


class ShadeBelowTest(FernTestCase):
    def pairs(self, found: Plan) -> set[tuple[str, str]]:
        """(shade below, shade) of every trim dot and swipe."""
        names = [shade.name for shade in found.solved.palette.shades]
        dots = found.dots
        trims = {
            (names[dots.shade[dots.below[k]]], names[dots.shade[k]]) for k in range(len(dots)) if dots.trim[k] >= 0
        }
        return trims | {(names[dots.shade[mark.dot]], names[mark.shade]) for mark in found.solved.marked}

    def test_turns_that_skip_the_one_below(self) -> None:
        top = {**patterns.top(1.0), "on": ["m0", "m1"], "skips": True, "shades": patterns.shades("red", "teal")}
        self.assertEqual(self.pairs(planned(top)), {("Red", "Teal"), ("Pale", "Red")})
        alone = {**top, "shades": patterns.shades("red")}
        self.assertEqual(self.pairs(planned(alone)), {("Red", "Red"), ("Pale", "Red")})

    def test_a_table_of_shades(self) -> None:
        """On red: amber; on anything else its own."""
        (red,), (amber,) = patterns.shades("red"), patterns.shades("amber")
        top = {**patterns.top(1.0), "on": ["m0", "m1"], "table": [{"below": red, "shade": amber}]}
        found = planned({**top, "shades": patterns.shades("teal")})
        self.assertEqual(self.pairs(found), {("Red", "Amber"), ("Pale", "Teal")})
        self.assertLessEqual({"red", "amber", "teal"}, set(used(found.solved.piece)["paints"]))

    def test_for_swipes_and_for_stacks(self) -> None:
        (red,), (teal,) = patterns.shades("red"), patterns.shades("teal")
        swipe = {**patterns.swipe(6), "table": [{"below": red, "shade": teal}]}
        self.assertEqual(self.pairs(planned(swipe, sizes=(3.0,))), {("Red", "Teal"), ("Pale", "Pale")})
        stack = {**patterns.top(3.0, 1.5), "shades": patterns.shades("red", "pale"), "skips": True}
        self.assertEqual(self.pairs(planned(stack, sizes=(5.0,))), {("Red", "Pale"), ("Pale", "Red")})

    def test_it_is_said(self) -> None:
        (red,), (teal,) = patterns.shades("red"), patterns.shades("teal")
        found = planned({**patterns.top(1.0), "skips": True, "table": [{"below": red, "shade": teal}]})
        said = sentences(found.solved, 0)
        self.assertIn("On Red, Teal.", said)
        self.assertIn("Never the shade of the dot below: then the next.", said)
