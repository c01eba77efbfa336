"""Pieces of paint on a sheet: parted, measured and meant, against discs and bars of known size."""

from math import pi, sqrt

import numpy as np

from fernring.core.marks import NUMBER_PLACES, SIDE
from fernring.core.practice.sheet import Block
from fernring.vision import sheet
from fernring.vision.dot_edges import Edge
from fernring.vision.flat import Flat
from fernring.vision.sheet import Seen
from tests.assertions import FernTestCase

PER_MM = 10.0
HIGH, WIDE = 300, 500
FLAT = Flat(np.zeros((HIGH, WIDE, 3), np.uint8), np.ones((HIGH, WIDE), bool), 0.0, 0.0, PER_MM, 0.0)
V, U = (np.mgrid[0:HIGH, 0:WIDE] + 0.5) / PER_MM  # mm


def dot(x: float, y: float, diameter: float) -> np.ndarray:
    """The share of each pixel that a round dot covers."""
    return np.asarray(np.clip((diameter / 2 - np.hypot(U - x, V - y)) * PER_MM + 0.5, 0, 1))


def bar(x: float, y: float, long: float, wide: float) -> np.ndarray:
    """A bar with round ends that begins at (x, y) and runs to the right."""
    away = np.hypot(np.maximum(np.maximum(x - U, U - x - long), 0), V - y)
    return np.asarray(np.clip((wide / 2 - away) * PER_MM + 0.5, 0, 1))


def block(technique: str, *places: tuple[float, float], dot: float = 2.0, ends: tuple[tuple[float, float], ...] = ()):  # type: ignore[no-untyped-def]
    return Block(tool=0, technique=technique, dot=dot, places=places, ends=ends)  # type: ignore[arg-type]


class PiecesTest(FernTestCase):
    def edges(self, *shares: np.ndarray, targets: tuple[Block, ...] = ()) -> list[Edge]:
        share = np.maximum.reduce(shares).astype(np.float32)
        return sorted(sheet._edges(share, share, FLAT, targets), key=lambda one: one.x)

    def test_each_dot_once_with_its_place_and_size(self) -> None:
        found = self.edges(dot(8, 9, 2.0), dot(20.3, 14.2, 4.5), dot(40, 20, 0.9))
        for one, (x, y, diameter) in zip(found, ((8, 9, 2.0), (20.3, 14.2, 4.5), (40, 20, 0.9)), strict=True):
            self.assertAlmostEqual(one.x, x, delta=0.03)
            self.assertAlmostEqual(one.y, y, delta=0.03)
            self.assertAlmostEqual(one.diameter, diameter, delta=0.09)
            self.assertGreater(one.roundness, 0.95)

    def test_specks_are_none(self) -> None:
        self.assertEqual(self.edges(dot(8, 9, 0.3), dot(20, 9, 0.2)), [])

    def test_two_that_run_together_are_parted_where_they_are_narrowest(self) -> None:
        found = self.edges(dot(20, 15, 3.0), dot(22.8, 15, 3.0))
        self.assertEqual(len(found), 2)
        self.assertAlmostEqual(found[0].x, 20, delta=0.2)
        self.assertAlmostEqual(found[1].x, 22.8, delta=0.2)
        self.assertEqual(len(self.edges(dot(20, 15, 3.0), dot(20.8, 15, 3.0))), 1)  # one lies on the other

    def test_a_swipe_stays_whole(self) -> None:
        swipe = block("swipe", (10.0, 15.0), ends=((18.0, 15.0),))
        both = bar(10, 15, 8, 1.2), dot(10, 15, 2.4)
        (one,) = self.edges(*both, targets=(swipe,))
        self.assertAlmostEqual(one.long, 8 + 1.2 + 0.6, delta=0.4)
        (slim,) = self.edges(bar(10, 15, 8, 1.2), targets=(swipe,))
        self.assertAlmostEqual(slim.long, 9.2, delta=0.25)
        self.assertAlmostEqual(slim.wide, 1.2, delta=0.25)
        self.assertLess(slim.roundness, 0.3)
        area = pi / 4 * slim.diameter**2
        self.assertAlmostEqual(area, 8 * 1.2 + pi * 0.36, delta=0.9)

    def test_how_much_of_it_paint_covers(self) -> None:
        (full,) = self.edges(dot(20, 15, 4.0))
        (thin,) = self.edges(0.7 * dot(20, 15, 4.0))
        self.assertGreater(full.covered, 0.93)
        self.assertAlmostEqual(thin.covered, 0.7 * full.covered, delta=0.06)


class MeantTest(FernTestCase):
    def test_the_least_of_all_distances_together(self) -> None:
        """A dot between two targets goes where the other does not: 0.9 + 1.0 is less than 0.1 + 2.0."""
        row = block("row", (10.0, 10.0), (12.0, 10.0), dot=2.5)
        found = sheet._meant([Seen(11.1, 10, 2.0, 1.0), Seen(12.1, 10, 2.0, 1.0)], [row])
        self.assertEqual([one.target for one in found], [0, 1])

    def test_swipes_are_meant_for_swipes_and_what_is_far_for_nothing(self) -> None:
        row = block("row", (10.0, 10.0))
        swipe = block("swipe", (10.0, 10.0), ends=((16.0, 10.0),))
        found = sheet._meant(
            [Seen(10.2, 10, 2.0, 1.0), Seen(13.4, 10, 1.2, 0.2, length=7.0), Seen(40.0, 10, 2.0, 1.0)], [row, swipe]
        )
        self.assertEqual([(one.block, one.target) for one in found], [(0, 0), (1, 0), (None, None)])
        self.assertEqual(sheet._meant([], [row]), [])

    def test_how_near_a_dot_has_to_be(self) -> None:
        small, large = block("row", (10.0, 10.0), dot=1.0), block("row", (10.0, 10.0), dot=6.0)
        for target, near, far in ((small, 1.55, 1.65), (large, 4.75, 4.85)):
            self.assertEqual(sheet._meant([Seen(10 + near, 10, 1.0, 1.0)], [target])[0].target, 0)
            self.assertIsNone(sheet._meant([Seen(10 + far, 10, 1.0, 1.0)], [target])[0].target)

    def test_smudges_and_swipes_by_their_shape(self) -> None:
        def seen(long: float, wide: float, roundness: float, covered: float) -> Seen:
            return sheet._seen(Edge(5.0, 6.0, sqrt(long * wide), long, wide, roundness, covered))

        self.assertEqual((seen(2.0, 2.0, 1.0, 1.0).smudged, seen(2.0, 2.0, 1.0, 1.0).length), (False, None))
        self.assertTrue(seen(2.4, 1.6, 0.67, 1.0).smudged)
        self.assertTrue(seen(2.0, 2.0, 1.0, 0.65).smudged)
        swipe = seen(6.0, 1.5, 0.2, 0.9)
        self.assertEqual((swipe.length, swipe.diameter, swipe.smudged), (6.0, 1.5, False))

    def test_a_mark_of_the_number_has_its_partner(self) -> None:
        (x, y), (u, v) = NUMBER_PLACES
        half = SIDE / 2
        square = np.array([[-half, -half], [half, -half], [half, half], [-half, half]])
        own, other = square + np.array([x, y]), square + np.array([u, v])
        self.assertTrue(sheet._has_partner(own, [(50, own), (150, other)]))
        self.assertTrue(sheet._has_partner(3 * own, [(50, 3 * own), (150, 3 * other)]))
        self.assertFalse(sheet._has_partner(own, [(50, own), (150, other + 40.0)]))
        self.assertFalse(sheet._has_partner(own, [(50, own)]))
