"""What is painted together."""

import numpy as np

from fernring.core.solved import solve_piece
from fernring.core.work.groups import TIPS, Family, Group, groups
from tests import patterns
from tests.assertions import FernTestCase

SIX = {"count": {"kind": "absolute", "repeats": 6}, "start": patterns.LINES}


def grouped(*rows: patterns.Document, one_by_one: bool = False) -> list[Group]:
    return groups(solve_piece(patterns.with_rows(*rows)), one_by_one)


class GroupsTest(FernTestCase):
    def families(self, found: list[Group]) -> list[str]:
        return [group.key.family.name for group in found]

    def test_every_dot_and_mark_of_every_sample_is_in_one_group(self) -> None:
        for name in patterns.PIECES:
            with self.subTest(name):
                solved = solve_piece(patterns.piece(name))
                for one_by_one in (False, True):
                    found = groups(solved, one_by_one)
                    times = np.bincount(np.concatenate([group.dots for group in found]), minlength=len(solved.dots))
                    self.assertTrue((times == 1).all())
                    marks = sorted(mark for group in found for mark in group.marks)
                    self.assertEqual(marks, list(range(len(solved.marked))))

    def test_shades_in_turn_are_painted_one_after_the_other(self) -> None:
        found = grouped(patterns.row("a", 4.0, distance=patterns.at(20), shades=patterns.shades("pale", "red"), **SIX))
        self.assertEqual([len(group.dots) for group in found], [3, 3])
        self.assertEqual(len({group.key.shade for group in found}), 2)

    def test_left_sides_with_their_tips_come_before_right_ones(self) -> None:
        petal = patterns.walk(1.0, load="each", shades=patterns.shades("teal"))
        solved = solve_piece(patterns.with_rows(patterns.row("a", 5.0, distance=patterns.at(30), trims=[petal], **SIX)))
        host, left, right = groups(solved, False)
        self.assertEqual(host.key.family, Family.DOTS)
        self.assertEqual(set(solved.dots.side[left.dots].tolist()), {0, 2})
        self.assertEqual(set(solved.dots.side[right.dots].tolist()), {1})
        self.assertEqual(len(left.dots), len(right.dots) + 6)
        both = groups(solved, True)[1]
        self.assertEqual(len(both.dots), len(left.dots) + len(right.dots))

    def test_tails_go_with_their_heads_and_dots_on_dots_by_level(self) -> None:
        swiped = patterns.row("a", 4.0, distance=patterns.at(20), trims=[patterns.swipe(6.0)], **SIX)
        self.assertEqual(self.families(grouped(swiped)), ["DOTS", "PULLS"])
        stacked = patterns.row("a", 6.0, distance=patterns.at(20), trims=[patterns.top(3.0, 1.5)], **SIX)
        found = grouped(stacked)
        self.assertEqual(self.families(found), ["DOTS", "TOPS", "TOPS"])
        self.assertEqual([group.key.level for group in found], [0, 2, 3])

    def test_lines_shapes_and_crystals_are_no_dots(self) -> None:
        self.assertEqual(self.families(grouped(patterns.line("a", 0.8, distance=patterns.at(20)))), ["LINES"])
        found = grouped(patterns.shaped("a", 3.0, "oval", 6.0, distance=patterns.at(20), **SIX))
        self.assertEqual(self.families(found), ["STROKES"])
        self.assertEqual((len(found[0].dots), len(found[0].marks)), (6, 6))
        glued = patterns.shaped("a", 3.0, "crystal", distance=patterns.at(20), **SIX)
        self.assertEqual(self.families(grouped(glued)), ["STONES"])

    def test_what_a_mask_has_taken_is_in_none(self) -> None:
        """Own dots, the dots on those, and shapes; a row of dots never turns into strokes."""
        mask = {"id": "m", "name": "M", "area": {"kind": "disc", "diameter": 30.0, "x": 0.0, "y": -20.0},
                "rows": "mask"}  # fmt: skip
        rows = [
            patterns.row("a", 4.0, distance=patterns.at(20), trims=[patterns.top(1.3)], **SIX),
            patterns.shaped("b", 2.0, "oval", 4.0, distance=patterns.at(30), **SIX),
        ]
        solved = solve_piece(patterns.with_rows(*rows, bare=[mask]))
        found = groups(solved, False)
        self.assertEqual(self.families(found), ["DOTS", "TOPS", "STROKES"])
        self.assertEqual([len(group.dots) for group in found], [5, 5, 5])
        self.assertEqual(len(found[2].marks), 5)

    def test_marks_of_a_trim_are_made_with_its_own_tool(self) -> None:
        hug = {**patterns.hug(1.3), "size": {"diameter": 1.3, "tool": "fine"}}
        tools = [{"id": "fine", "name": "Fine", "tip": 1.0, "dots": [1.3]},
                 {"id": "rod", "name": "Rod", "tip": 5.0, "dots": [6.0]}]  # fmt: skip
        row = patterns.row("a", 6.0, distance=patterns.at(25), trims=[hug], **SIX)
        row["pattern"][0]["tool"] = "rod"
        solved = solve_piece(patterns.with_rows(row, tools=tools))
        self.assertEqual([group.key.tool for group in groups(solved, False)], [1, 0])

    def test_tips_are_set_first_where_petals_would_wait_for_each_other(self) -> None:
        """Petals in two shades that take turns from tip to side: each shade holds tips and sides of the others."""
        layer = {"shades": patterns.shades("teal", "red"), "change": 0.15}
        other = {"shades": patterns.shades("red", "teal"), "change": 0.15}
        rows = [patterns.row("a", 6.0, distance=patterns.at(25), trims=[patterns.walk(1.3, load="each", own=[layer])],
                             **SIX)]  # fmt: skip
        self.assertFalse(any(group.key.side == TIPS for group in grouped(*rows)), "one shade holds all tips")
        two = patterns.row("a", 6.0, 6.0, distance=patterns.at(25), **SIX)
        two["trims"] = [
            patterns.walk(1.3, load="each", own=[own], on=[member]) for own, member in ((layer, "m0"), (other, "m1"))
        ]
        self.assertFalse(any(group.key.side == TIPS for group in grouped(two)), "two trims are two steps anyway")

    def test_the_back_of_a_ball_is_apart(self) -> None:
        ball = {"blank": {**patterns.piece("petals").blank.model_dump(mode="json"), **patterns.BALL}}
        solved = solve_piece(
            patterns.with_rows(patterns.row("a", 4.0, distance=patterns.at(20), half="both", **SIX), **ball)
        )
        self.assertEqual(solved.back.tolist(), [0] * 6 + [1] * 6)
        self.assertEqual([group.key.half for group in groups(solved, False)], ["front", "back"])
