"""Lines of text in mm."""

import numpy as np

from fernring.core.lettering.layout import Set, along, circle, letters, straight
from fernring.core.regions.shape import Shape
from tests.assertions import FernTestCase


class StraightTest(FernTestCase):
    def test_capitals_are_as_high_as_asked_and_the_whole_is_about_its_middle(self) -> None:
        for font in ("round", "serif", "narrow", "plain"):
            lines = np.concatenate(straight(Set("H", font, 12.0)))
            self.assert_mm(float(np.ptp(lines[:, 1])), 12.0, within=1e-9)
            np.testing.assert_allclose(lines.min(axis=0), -lines.max(axis=0), atol=1e-9)

    def test_the_first_letter_stands_on_the_left(self) -> None:
        first, second = straight(Set("LI", "plain", 10.0))
        self.assertLess(float(first[:, 0].max()), float(second[:, 0].min()))

    def test_letters_further_apart_make_the_line_longer_by_as_much(self) -> None:
        of = Set("Perseids", "round", 10.0)
        self.assertAlmostEqual(letters(of._replace(spacing=2.0))[1], letters(of)[1] + 7 * 2.0)

    def test_a_letter_with_a_room_in_it_has_it_left_out(self) -> None:
        shape = Shape(straight(Set("o", "round", 20.0)), "non-zero")
        self.assertFalse(shape.contains(np.zeros(1), np.zeros(1))[0])

    def test_nothing_but_spaces_leaves_no_mark(self) -> None:
        self.assertEqual(straight(Set(" ", "round", 10.0)), [])


class AlongTest(FernTestCase):
    def test_over_a_circle_heads_lie_outside_under_it_inside(self) -> None:
        of = Set("HHH", "plain", 5.0)
        over = np.concatenate(along(of, circle(30.0), 0.0, 1))
        reach = np.hypot(*over.T)
        self.assertGreater(float(reach.min()), 30.0 - 0.2)
        self.assertAlmostEqual(float(reach.max()), 35.0, delta=0.3)
        self.assertLess(float(over[:, 1].max()), 0.0, "at the top")
        under = np.concatenate(along(of, circle(30.0), np.pi * 30.0, -1))
        self.assertLess(float(np.hypot(*under.T).max()), 30.0 + 0.2)
        self.assertGreater(float(under[:, 1].min()), 0.0, "below")

    def test_the_middle_of_the_text_lies_where_it_is_asked_for(self) -> None:
        found = np.concatenate(along(Set("HIH", "plain", 4.0), circle(40.0), 0.0, 1))
        self.assertAlmostEqual(float(found[:, 0].min()), -float(found[:, 0].max()), delta=0.05)

    def test_it_is_read_from_left_to_right_both_ways(self) -> None:
        for middle, onward in ((0.0, 1), (np.pi * 40.0, -1)):
            first = along(Set("L", "plain", 4.0), circle(40.0), middle - onward * 6.0, onward)
            self.assertLess(float(np.concatenate(first)[:, 0].mean()), 0.0)
