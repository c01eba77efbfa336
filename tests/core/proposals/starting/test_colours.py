"""Colours for a starting pattern."""

from fernring.core.document.shelf import Paint
from fernring.core.proposals.starting.colours import accents, by_contrast, light_to_deep
from tests.assertions import FernTestCase
from tests.samples import AMBER, NIGHT, PALE, RED


class ColoursTest(FernTestCase):
    def test_what_does_not_stand_out_is_left_out_unless_nothing_does(self) -> None:
        self.assertEqual(by_contrast((PALE, NIGHT, RED), "#101417"), (PALE, RED))
        self.assertEqual(by_contrast((NIGHT,), "#101417"), (NIGHT,))

    def test_from_light_to_deep(self) -> None:
        """Common practice, no source: cream is lighter than ochre, and that than brick red."""
        self.assertEqual(light_to_deep((RED, NIGHT, PALE, AMBER)), (PALE, AMBER, RED, NIGHT))

    def test_accents_are_the_lightest_and_then_what_is_furthest_from_it(self) -> None:
        near = Paint(id="near", name="Near pale", colour="#efeadf")
        self.assertEqual(accents((near, PALE, NIGHT)), (PALE, NIGHT))
        self.assertEqual(len(accents((near, PALE, NIGHT), 5)), 3)
        self.assertEqual(set(accents((near, PALE, NIGHT, RED), 3)), {PALE, NIGHT, RED})
