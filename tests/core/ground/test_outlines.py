"""From a document's outline to its corners."""

from math import pi, radians

import numpy as np

from fernring.core.document.blank import AlongAxis, AtDegrees, Blank, SetCentre
from fernring.core.document.outline import Leaf, Odd, Oval, Round, Spoked
from fernring.core.errors import FitError
from fernring.core.geometry.outline.polygon import extent
from fernring.core.ground.outlines import bare_corners, centre_place, lie_rad, placed_corners
from tests.assertions import FernTestCase


class OutlinesTest(FernTestCase):
    def test_an_odd_outline_that_crosses_itself_is_refused_with_the_place(self) -> None:
        with self.assertRaisesRegex(FitError, r"crosses itself near x \{0.0\}, y \{0.0\}"):
            bare_corners(Odd(x=(0, 20, 20, 0), y=(0, 20, 0, 20)))

    def test_a_centre_outside_is_refused(self) -> None:
        blank = Blank(outline=Round(diameter=80), centre=SetCentre(x=60, y=0))
        with self.assertRaisesRegex(FitError, r"\{60.0\}, \{0.0\} from the middle. lies outside"):
            centre_place(blank, bare_corners(blank.outline))

    def test_a_measured_outline_keeps_the_centre_it_was_measured_from(self) -> None:
        blank = Blank(outline=Spoked(distances=(30.0, 40.0, 30.0, 20.0, 30.0, 40.0)))
        self.assertEqual(centre_place(blank, bare_corners(blank.outline)), (0, 0))

    def test_turned_by_an_angle_or_along_an_axis(self) -> None:
        oval = Oval(length=120, width=60)
        self.assertAlmostEqual(lie_rad(Blank(outline=oval, lie=AtDegrees(degrees=30)), bare_corners(oval)), radians(30))
        upright, turn = placed_corners(Blank(outline=oval, lie=AlongAxis(kind="longest axis")))
        left, top, right, low = extent(upright)
        np.testing.assert_allclose((right - left, low - top), (60, 120), atol=1e-2)
        self.assertAlmostEqual(abs(turn), pi / 2, places=4)
        leaf = Leaf(length=120, width=60)
        along = lie_rad(Blank(outline=leaf, lie=AlongAxis(kind="longest axis")), bare_corners(leaf))
        self.assertAlmostEqual(along % pi, 0, places=6)

    def test_without_a_mirror_axis_it_cannot_be_turned_along_one(self) -> None:
        odd = Odd(x=(0, 50, 60, 10), y=(0, 5, 40, 30))
        with self.assertRaisesRegex(FitError, "mirrors about no axis"):
            lie_rad(Blank(outline=odd, lie=AlongAxis(kind="symmetry axis")), bare_corners(odd))

    def test_a_set_centre_becomes_the_origin(self) -> None:
        corners, _ = placed_corners(Blank(outline=Round(diameter=80), centre=SetCentre(x=10, y=-5)))
        np.testing.assert_allclose(extent(corners), (-50, -35, 30, 45), atol=2e-3)
