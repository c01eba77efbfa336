"""Hugging swipes."""

from math import degrees

import numpy as np

from fernring.core.plan import plan
from fernring.core.rows.placed import PlacedRow
from fernring.core.rows.trims.grown import Mark
from fernring.core.rows.trims.hug import Hugged, HugTrim, ToAngle, rounded
from fernring.core.rows.trims.kind import Size
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, hug, row, walk

GAP = 0.2
NOBODY = np.empty((0, 3))


def trim(**more: object) -> HugTrim:
    return HugTrim.model_validate({"id": "t", "size": Size(diameter=2.0), **more})


class HuggedTest(FernTestCase):
    def test_every_disc_keeps_the_gap_to_a_dot_exactly_and_to_a_petal_at_least(self) -> None:
        """Each disc of the spine against every disc of the body, in 500 random cases."""
        random = np.random.default_rng(3)
        for case in range(500):
            host = np.array([[0.0, 0.0, random.uniform(1, 6)]])
            petal = np.column_stack(
                (random.normal(0, 4, (6, 2)) * (case % 2), np.full(6, 0.2 + case % 3))
            )  # every second case is a dot alone
            body = np.concatenate((host, petal)) if case % 2 else host
            radius, gap = random.uniform(0.3, 2.0), random.uniform(0, 1)
            hugged = Hugged(rounded(body, 5 * radius), NOBODY)
            begin = hugged.shoulder()
            centres, girth = hugged.spine(trim(gap=float(gap)), radius, begin, begin + random.uniform(0.2, 1.2))
            apart = np.linalg.norm(centres[:, None] - body[None, :, :2], axis=2) - girth[:, None] - body[:, 2]
            self.assertGreaterEqual(float(apart.min()), gap - 1e-6)
            if len(body) == 1:
                np.testing.assert_allclose(apart, gap, atol=1e-9)

    def test_the_shoulder_is_where_the_body_is_widest_across(self) -> None:
        self.assert_mm(degrees(Hugged(np.array([(0.0, 0, 4)]), NOBODY).shoulder()), 90)
        wide = Hugged(np.array([(0.0, 0, 4), (4.0, 3.0, 1)]), NOBODY)
        self.assert_mm(degrees(wide.shoulder()), degrees(np.arctan2(5, 3)))

    def test_notches_are_bridged(self) -> None:
        """Of two equal discs, a line that touches both lies one radius from both middles."""
        body = np.array([(3.0, 2.0, 1.0), (3.0, -2.0, 1.0), (0.0, 0.0, 1.0)])
        edge = rounded(body, 1000.0)[3:]
        level = edge[np.abs(edge[:, 1]) < 1.5]
        np.testing.assert_allclose(level[level[:, 0] > 0][:, 0], 4.0, atol=0.01)
        self.assertEqual(len(rounded(body[:1], 5.0)), 1)


class GrownTest(FernTestCase):
    def swipes(self, *trims: dict[str, object], **more: object) -> tuple[PlacedRow, list[Mark]]:
        rows = (centre(), row("a", 6.8, distance=at(28), start=patterns.LINES, trims=list(trims), **more))
        placed = plan(patterns.with_rows(*rows)).solved.rows[1]
        return placed, list(placed.grown.marks)

    def test_both_sides_are_mirror_images_and_meet_no_further_than_the_gap(self) -> None:
        placed, marks = self.swipes(hug(2.3))
        self.assertEqual(len(marks), 2 * placed.n)
        first = [mark for mark in marks if mark.host == 0]
        np.testing.assert_allclose(first[0].spine * [-1, 1], first[1].spine, atol=1e-9)
        right = np.abs(first[0].spine[:, 0]) - first[0].girth
        self.assertGreaterEqual(float(right.min()), GAP / 2 - 1e-6)
        self.assertLess(float(right.min()), GAP / 2 + 0.2)

    def test_to_an_angle_a_length_and_outward(self) -> None:
        _, marks = self.swipes(hug(2.3, sides="right", to={"kind": "angle", "degrees": 130.0}))
        host = np.array([0.0, -28.0])
        tip = marks[0].spine[-1] - host
        self.assert_mm(degrees(np.arctan2(tip[0], -tip[1])), 130, 1e-3)
        _, marks = self.swipes(hug(2.3, sides="left", to={"kind": "length", "mm": 4.0}))
        self.assert_mm(float(np.linalg.norm(np.diff(marks[0].spine, axis=0), axis=1).sum()), 4.0, 1e-3)
        self.assertLess(float(marks[0].spine[0, 0]), 0)
        _, marks = self.swipes(hug(2.3, towards="outward"))
        self.assertLess(float(marks[0].spine[-1, 1]), float(marks[0].spine[0, 1]))

    def test_round_a_petal_and_where_there_is_no_place(self) -> None:
        placed, marks = self.swipes(walk(1.3, load="each"), hug(2.0))
        petal = placed.grown.dots.take(placed.grown.dots.host == 0)
        for mark in marks[:2]:
            apart = np.hypot(mark.spine[:, :1] - petal.x, mark.spine[:, 1:] - petal.y)
            self.assertGreaterEqual(float((apart - mark.girth[:, None] - petal.radius).min()), GAP - 1e-6)
        crowded, none = self.swipes(hug(3.0), count={"kind": "absolute", "repeats": 20})
        self.assertEqual((len(none), [one.code for one in crowded.grown.findings]), (0, ["no place"]))

    def test_it_is_said(self) -> None:
        self.assertEqual(ToAngle(degrees=90.0).kind, "angle")
        solved = plan(patterns.piece("hugging swipes"))
        self.assertNotIn("serious", [verdict.severity for verdict in solved.verdicts])
