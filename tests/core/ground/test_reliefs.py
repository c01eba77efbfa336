"""From a document's relief to the surface of the blank."""

from math import pi

from fernring.core.document.blank import Blank, SetCentre
from fernring.core.document.outline import Odd, Oval, Round
from fernring.core.document.relief import Ball, Dome, Egg, Plate, TapedDome
from fernring.core.errors import FitError
from fernring.core.geometry.plate import Plate as PlateSurface
from fernring.core.geometry.surface import Plane
from fernring.core.ground.outlines import placed_corners
from fernring.core.ground.reliefs import rise_of, surfaces
from tests.assertions import FernTestCase

ROUND = Round(diameter=80)


def of(blank: Blank) -> tuple[object, object]:
    return surfaces(blank, placed_corners(blank)[0])


class ReliefsTest(FernTestCase):
    def test_each_relief_of_a_round_blank(self) -> None:
        front, back = of(Blank(outline=ROUND, relief=Ball()))
        self.assertEqual((front.rim, back.rim), (pi * 20, pi * 20))
        front, back = of(Blank(outline=ROUND, relief=Egg(length=110, widest=50)))
        self.assertEqual((front.b, back.b), (50, 60))
        front, back = of(Blank(outline=ROUND, relief=Plate(well=50, rise=8)))
        self.assertIsInstance(front, PlateSurface)
        self.assertEqual((front.well, front.widest, back), (25, 40, None))
        front, back = of(Blank(outline=ROUND))
        self.assertIsInstance(front, Plane)
        self.assert_mm(front.rim, 40, 1e-3)

    def test_a_taped_dome_rises_as_the_tape_along_its_longest_way_says(self) -> None:
        """Half a ball: a tape of pi/2 widths rises half a width."""
        corners = placed_corners(Blank(outline=ROUND))[0]
        self.assert_mm(rise_of(TapedDome(tape=40 * pi), corners), 40, 1e-3)
        self.assertEqual(rise_of(Dome(rise=12.0), corners), 12)

    def test_a_dome_about_a_set_centre_is_not_round(self) -> None:
        aside = Blank(outline=ROUND, centre=SetCentre(x=5, y=0), relief=Dome(rise=10))
        self.assertFalse(of(aside)[0].axisymmetric)
        self.assertTrue(of(Blank(outline=ROUND, relief=Dome(rise=10)))[0].axisymmetric)
        self.assertFalse(of(Blank(outline=Oval(length=90, width=60), relief=Dome(rise=10)))[0].axisymmetric)

    def test_an_outline_not_seen_whole_has_no_dome(self) -> None:
        hook = Odd(x=(0, 60, 60, 50, 50, 10, 10, 0), y=(0, 0, 40, 40, 10, 10, 40, 40))
        with self.assertRaisesRegex(FitError, "not seen whole from its centre"):
            of(Blank(outline=hook, centre=SetCentre(x=-25, y=-15), relief=Dome(rise=5)))
