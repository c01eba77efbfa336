"""Fans of swipes."""

from math import degrees

import numpy as np

from fernring.core.geometry.swept import Swept, clear_between
from fernring.core.plan import plan
from fernring.core.rows.placed import PlacedRow
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import centre, fan, row

GAP = 0.3


def bodies(placed: PlacedRow) -> list[Swept]:
    return [Swept(np.column_stack((m.spine, m.rise)), m.girth) for m in placed.grown.marks]


def lengths(placed: PlacedRow) -> np.ndarray:
    return np.array([np.linalg.norm(np.diff(one.centres, axis=0), axis=1).sum() for one in bodies(placed)])


class FanTest(FernTestCase):
    def fan(self, head: float = 4.6, blank: dict[str, object] | None = None, **track: object) -> PlacedRow:
        ring = row("r", 4.6, fit="count", distance=patterns.at(30))
        given = {**patterns.piece("petals").model_dump(mode="json")}
        given["blank"] = {**given["blank"], **(blank or patterns.OVAL), "border": 3.0}
        return plan(patterns.read({**given, "rows": [centre(), ring, fan(head, **track)]})).solved.rows[2]

    def test_both_ends_begin_with_the_longest_and_keep_their_gap(self) -> None:
        placed = self.fan(most=7)
        self.assertEqual(placed.n, 14)
        self.assertEqual(placed.own_dots.slot.tolist(), [0, 1, 1, 2, 2, 3, 3] * 2)
        long = lengths(placed)[:7]
        self.assertTrue((np.diff(long[[0, 1, 3, 5]]) < 0).all() and (long[1:] <= 0.95 * long[0] + 1e-9).all())
        np.testing.assert_allclose(long[1::2], long[2::2], atol=1e-3)
        one = bodies(placed)[:7]
        apart = [clear_between(one[a], one[b]) for a, b in ((0, 1), (1, 3), (3, 5), (0, 2))]
        np.testing.assert_allclose(apart, GAP, atol=2e-6)
        self.assertGreaterEqual(min(apart), GAP - 1e-6)

    def test_heads_keep_their_gap_to_the_border_and_tails_run_to_one_point(self) -> None:
        placed = self.fan(most=5)
        own = placed.own_dots
        x, y = own.x / 67, own.y / 42
        self.assertTrue((x * x + y * y < 1).all())
        ways = np.stack((np.sin(own.out_rad), -np.cos(own.out_rad)), axis=1)[:5]
        at = np.stack((own.x, own.y), axis=1)[:5]
        # Two lines meet where x0 + s w0 = x1 + t w1; all of one fan meet in one point of its axis.
        for k in (1, 3):
            s, _ = np.linalg.solve(np.stack((ways[0], -ways[k]), axis=1), at[k] - at[0])
            self.assert_mm(abs(float((at[0] + s * ways[0])[1])), 0.0, 1e-6)

    def test_in_corners_the_first_pair_lies_astride_the_bisector(self) -> None:
        placed = self.fan(4.0, patterns.SQUARE, at="corners", middle="pair", most=6)
        self.assertEqual(placed.n % 8, 0)
        way = np.degrees(np.arctan2(placed.own_dots.x, -placed.own_dots.y)[:2])
        np.testing.assert_allclose(way.sum(), 90, atol=1e-6)
        first, second = bodies(placed)[:2]
        self.assertGreaterEqual(clear_between(first, second), GAP - 1e-6)

    def test_in_every_segment_alike_and_within_it(self) -> None:
        blank = {"outline": {"kind": "round", "diameter": 100}}
        placed = self.fan(3.0, blank, at="between", most=9, arc=42.0)
        n = plan(patterns.piece("petals")).solved.piece.segments
        self.assertEqual((placed.repeats, placed.n % n), (n, 0))
        np.testing.assert_allclose(placed.own_dots.walk, 42.0, atol=1e-6)
        beyond = max(
            degrees(abs(np.arctan2(c[0], -c[1]) - np.pi / n)) for c in bodies(placed)[placed.n // n - 1].centres
        )
        self.assertLess(beyond, 180 / n)

    def test_focus_sizes_and_least_length(self) -> None:
        given = self.fan(3.0, focus=45.0, most=1)
        self.assertEqual(given.n, 2)
        tips = np.abs(np.stack([one.centres[-1] for one in bodies(given)])[:, 0])
        self.assertTrue((tips >= 45 - 1e-6).all())
        shorter = self.fan(3.0, shorter=0.5, most=9)
        self.assertGreaterEqual(lengths(shorter).min(), 1.5 * 3.0 - 1e-6)

    def test_no_room_is_said(self) -> None:
        self.assertIn("no corners", self.fan(at="corners").noroom)
        self.assertIn("no room for a swipe", self.fan(9.0, focus=60.0).noroom)
        self.assertIn("no room for a swipe", self.fan(focus=90.0).noroom)

    def test_on_a_dome_and_on_the_back_of_a_ball(self) -> None:
        dome = self.fan(blank={**patterns.OVAL, "relief": {"kind": "dome", "rise": 15.0}}, most=5)
        one = bodies(dome)
        self.assertGreaterEqual(min(clear_between(one[0], other) for other in one[1:3]), GAP - 1e-6)
        ball = row("fan", 3.0, track={"kind": "fan", "at": "lines", "most": 3}, gap=GAP, half="back")
        blank = {**patterns.piece("petals").model_dump(mode="json")["blank"], **patterns.BALL}
        placed = plan(patterns.with_rows(centre(8.9, half="both"), ball, blank=blank)).solved.rows[1]
        self.assertTrue(placed.n and (placed.own_dots.z < 45).all())

    def test_heads_are_dots_and_carry_top_dots(self) -> None:
        with self.assertRaisesRegex(ValueError, "heads of a fan are dots"):
            patterns.with_rows(centre(), {**fan(3.0), "pattern": patterns.members(3.0, form="leaf")})
        solved = plan(patterns.with_rows(centre(), {**fan(3.0, at="lines"), "trims": [patterns.top(1.5)]})).solved
        row = solved.rows[1]
        self.assertEqual((row.total, row.marks), (2 * row.n, row.n))
        self.assertEqual(int(solved.domed.sum()), 1 + row.n)  # a head is one with its tail

    def test_a_bare_area_stays_bare(self) -> None:
        disc = {"kind": "disc", "x": 55, "y": 0, "diameter": 8}
        given = {**patterns.piece("fans in the ends of an oval").model_dump(mode="json")}
        solved = plan(patterns.read({**given, "bare": [{"id": "moon", "area": disc, "gap": 0.5}]})).solved
        for one in bodies(solved.rows[2]):
            self.assertGreaterEqual(float((np.hypot(one.centres[:, 0] - 55, one.centres[:, 1]) - one.girth).min()), 4.5)
