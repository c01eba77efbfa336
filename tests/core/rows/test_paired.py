"""Places set twice about each line, the second the mirror image of the first."""

from math import pi
from typing import Any

import numpy as np

from fernring.core.dots.table import Dots
from fernring.core.plan import Plan, plan
from tests import patterns
from tests.assertions import FernTestCase

ANGLE = {"kind": "angle", "degrees": 6.0}


def planned(*sizes: float, mirrored: dict[str, Any] | None = None, walk: float = 30.0, **more: Any) -> Plan:
    base = {"distance": patterns.at(walk), "start": patterns.LINES, **more}
    return plan(patterns.with_rows(patterns.row("a", *(sizes or (3.0,)), mirrored=mirrored or ANGLE, **base)))


def angles(dots: Dots) -> np.ndarray:
    return np.arctan2(dots.x, -dots.y)


def image(dots: Dots, segments: int = 12) -> np.ndarray:
    """Places folded into one segment and mirrored in its line: x, y, radius, sorted."""
    turn = np.round(angles(dots) / (2 * pi / segments)) * 2 * pi / segments
    x = dots.x * np.cos(turn) + dots.y * np.sin(turn)
    y = dots.y * np.cos(turn) - dots.x * np.sin(turn)
    return np.stack((x, y, dots.radius), axis=1)


def sorted_rows(rows: np.ndarray) -> np.ndarray:
    return rows[np.lexsort(np.round(rows, 5).T)]


class PairedTest(FernTestCase):
    def assert_mirrored(self, found: Plan) -> None:
        """Every dot has its mirror image about the lines."""
        folded = image(found.dots)
        np.testing.assert_allclose(sorted_rows(folded), sorted_rows(folded * [-1, 1, 1]), atol=1e-5)

    def test_by_an_angle(self) -> None:
        found = planned().dots
        wanted = np.deg2rad([(30 * k + side * 6) for k in range(12) for side in (-1, 1)])
        np.testing.assert_allclose(np.sort(angles(found) % (2 * pi)), np.sort(wanted % (2 * pi)), atol=1e-9)
        np.testing.assert_allclose(np.hypot(found.x, found.y), 30, atol=1e-9)

    def test_by_a_distance_off_the_line(self) -> None:
        found = planned(mirrored={"kind": "distance", "mm": 4.0}).dots
        np.testing.assert_allclose(np.abs(image(found)[:, 0]), 4.0, atol=1e-9)

    def test_no_distance_is_one_dot(self) -> None:
        for rule in ({"kind": "angle", "degrees": 0.0}, {"kind": "distance", "mm": 0.0}):
            self.assertEqual(len(planned(mirrored=rule).dots), 12)

    def test_the_clear_distance_is_that_of_the_nearer_neighbours(self) -> None:
        """Chords 2 w sin(6) within a pair and 2 w sin(9) between pairs, degrees; less the diameter."""
        self.assert_mm(planned().solved.rows[0].clear, 60 * float(np.sin(np.deg2rad(6))) - 3.0, 1e-9)
        wide = planned(mirrored={"kind": "angle", "degrees": 12.0})
        self.assert_mm(wide.solved.rows[0].clear, 60 * float(np.sin(np.deg2rad(3))) - 3.0, 1e-9)

    def test_size_and_distance_are_fitted_to_it(self) -> None:
        grown = planned(3.0, fit="size", gap=0.4).solved.rows[0]
        self.assert_mm(grown.diameters[0], 60 * float(np.sin(np.deg2rad(6))) - 0.4, 1e-6)
        closing = planned(3.0, fit="distance", gap=0.4).solved.rows[0]
        self.assert_mm(closing.walk, 3.4 / (2 * float(np.sin(np.deg2rad(6)))), 1e-6)

    def test_most_pairs(self) -> None:
        """Pairs 4 degrees off their lines at 30 mm: with 24 of them 7 degrees are left between two, 36 leave 2."""
        found = planned(1.5, mirrored={"kind": "angle", "degrees": 4.0}, fit="count", gap=0.3).solved.rows[0]
        self.assertEqual((found.repeats, found.n), (24, 48))

    def test_nested_pairs_touch_what_is_there(self) -> None:
        inner = patterns.row("a", 4.6, distance=patterns.at(20), start=patterns.LINES)
        pair = patterns.row("b", 3.0, start=patterns.LINES, mirrored=ANGLE, gap=0.3)
        found = plan(patterns.with_rows(inner, pair))
        own, there = (found.dots.take(found.dots.row == k) for k in (1, 0))
        apart = np.hypot(own.x[:, None] - there.x, own.y[:, None] - there.y) - own.radius[:, None] - there.radius
        np.testing.assert_allclose(apart.min(axis=1), 0.3, atol=1e-6)

    def test_trims_are_mirror_images(self) -> None:
        for trim in (
            patterns.walk(1.0, load="each", sides="right"),
            patterns.walk(1.0, load="each", lead=1, trims=[patterns.top(0.5, towards="left", shift=1.0)]),
        ):
            found = planned(4.0, mirrored={"kind": "angle", "degrees": 8.0}, trims=patterns.numbered([trim]), walk=40.0)
            self.assertGreater(len(found.dots), 24 * 3)
            self.assert_mirrored(found)
        sides = planned(4.0, trims=patterns.numbered([patterns.walk(1.0, load="each", sides="right")]), walk=40.0).dots
        for place in (0, 1):
            own = sides.take((sides.side > 0) & (sides.place == place))
            self.assertEqual(set(own.side.tolist()), {1 + place})

    def test_commas_bend_towards_each_other(self) -> None:
        comma = patterns.swipe(8, form="comma right", bend=70)
        found = planned(3.0, mirrored={"kind": "angle", "degrees": 7.0}, trims=patterns.numbered([comma]), walk=40.0)
        tips = np.array([mark.mark.spine[-1] for mark in found.solved.marked])
        heads = np.array([mark.mark.spine[0] for mark in found.solved.marked])
        self.assertEqual(len(tips), 24)
        bends = np.sort(np.hypot(*(tips[0::2] - tips[1::2]).T))
        self.assertLess(float(np.ptp(bends)), 1e-9)
        self.assertNotAlmostEqual(float(bends[0]), float(np.hypot(*(heads[0] - heads[1]))), places=2)

    def test_both_of_a_pair_take_one_shade(self) -> None:
        found = planned(shades=patterns.shades("red", "pale"))
        names = [found.solved.palette.shades[k].name for k in found.dots.shade]
        self.assertEqual(names, [name for k in range(12) for name in [("Red", "Pale")[k % 2]] * 2])

    def test_members_and_groups(self) -> None:
        two = planned(3.0, 1.5, mirrored={"kind": "angle", "degrees": 3.5}, walk=40.0)
        self.assertEqual((2 * two.dots.radius).tolist(), [3.0, 3.0, 1.5, 1.5] * 12)
        groups = planned(1.5, group={"kind": "triangle"}, mirrored={"kind": "angle", "degrees": 7.0}, walk=40.0)
        self.assertEqual(len(groups.dots), 72)
        self.assert_mirrored(groups)

    def test_at_the_ends_of_an_oval(self) -> None:
        blank = {**patterns.piece("petals").model_dump(mode="json")["blank"], **patterns.OVAL}
        ends = {"count": {"kind": "absolute", "repeats": 2}, "start": {"kind": "angle", "degrees": 90.0}}
        one = patterns.row("a", 3.0, distance=patterns.at(55), mirrored={"kind": "distance", "mm": 6.0}, **ends)
        found = plan(patterns.with_rows(one, blank=blank)).dots
        self.assertEqual(sorted(zip(np.sign(found.x), np.round(found.y, 6), strict=True)),
                         [(-1, -6), (-1, 6), (1, -6), (1, 6)])  # fmt: skip

    def test_on_other_tracks_it_is_refused(self) -> None:
        with self.assertRaisesRegex(ValueError, "only rows round the centre are set twice"):
            patterns.with_rows(patterns.row("l", 2.0, track={"kind": "line"}, mirrored=ANGLE))
