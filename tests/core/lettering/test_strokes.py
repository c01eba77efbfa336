"""The middles of strokes."""

import numpy as np
import shapely

from fernring.core.lettering.layout import Set, straight
from fernring.core.lettering.strokes import Stroke, strokes
from fernring.core.regions.ground_left import polygons_of
from fernring.core.regions.shape import Shape
from tests.assertions import FernTestCase


def written(text: str, font: str = "round") -> list[Stroke]:
    return strokes(polygons_of(Shape(straight(Set(text, font, 20.0)), "non-zero")))


class StrokesTest(FernTestCase):
    def test_the_middle_of_a_bar(self) -> None:
        """A bar with round ends: its axis, as long as the bar less its width; half a width is lost at each end."""
        found = strokes(shapely.LineString([(-10, 0), (10, 0)]).buffer(1.5, quad_segs=32))
        self.assertEqual(len(found), 1)
        self.assertLess(float(np.abs(found[0].at[:, 1]).max()), 0.05)
        self.assertAlmostEqual(found[0].length, 20.0, delta=1.5)
        np.testing.assert_allclose(found[0].half, 1.5, atol=0.05)

    def test_a_ring_is_closed(self) -> None:
        ring = shapely.Point(0, 0).buffer(10, quad_segs=64).difference(shapely.Point(0, 0).buffer(7, quad_segs=64))
        (one,) = strokes(ring)
        self.assertTrue(one.closed)
        np.testing.assert_allclose(np.hypot(*one.at.T), 8.5, atol=0.05)

    def test_a_blob_is_one_place(self) -> None:
        (one,) = strokes(shapely.Point(3, 4).buffer(2, quad_segs=32))
        self.assertEqual(len(one.at), 1)
        np.testing.assert_allclose(one.at[0], (3, 4), atol=0.1)

    def test_letters_have_the_strokes_that_a_hand_would_make(self) -> None:
        for letter, count, closed in (
            ("L", 1, 0),
            ("O", 1, 1),
            ("i", 2, 0),
            ("T", 3, 0),
            ("A", 4, 0),
            ("t", 3, 0),
            ("f", 3, 0),
        ):
            found = written(letter)
            self.assertEqual((len(found), sum(one.closed for one in found)), (count, closed), letter)

    def test_what_is_shorter_than_the_stroke_is_wide_is_no_stroke(self) -> None:
        """The serifs of an r are left out but for the long one at its foot."""
        self.assertEqual(len(written("r", "serif")), 2)

    def test_nothing_has_none(self) -> None:
        self.assertEqual(strokes(shapely.Polygon()), [])
