"""Colours for a starting pattern."""

from fernring.core.document.shelf import Paint
from fernring.core.proposals.starting.colours import (
    accents,
    by_contrast,
    clear_run,
    contrasting,
    even_steps,
    light_to_deep,
)
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

    def test_what_touches_contrasts_where_the_paints_can(self) -> None:
        self.assertEqual(contrasting((PALE, RED), PALE, ["#101417"]), PALE)
        self.assertEqual(contrasting((PALE, RED), PALE, ["#efeadf"]), RED)

    def test_a_ramp_keeps_clear_of_grey_and_its_steps_apart(self) -> None:
        """From memory: midway between blue and yellow lies grey, between blue and green does not."""
        blue, green, yellow = (
            Paint(id=name, name=name, colour=colour)
            for name, colour in (("blue", "#2f6fb3"), ("green", "#4f9a5e"), ("yellow", "#e0b040"))
        )
        self.assertEqual(clear_run((yellow, blue)), (yellow, blue))
        self.assertIn(green, clear_run((yellow, green, blue)))
        self.assertEqual(even_steps(["#808080", "#868686"], 9), 2)
        self.assertGreater(even_steps(["#ffffff", "#000000"], 9), 5)
