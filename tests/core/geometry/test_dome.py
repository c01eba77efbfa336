"""Domes, and the tape laid over them."""

from math import pi

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.errors import FitError
from fernring.core.geometry.dome import ArcDome, rise_from_tape
from tests.assertions import FernTestCase


class TapeTest(FernTestCase):
    @given(st.floats(20, 300), st.one_of(st.floats(0.001, 1), st.just(1.0)))
    def test_the_tape_over_the_found_rise_measures_what_was_typed(self, width: float, share: float) -> None:
        tape = width + share * (pi * width / 2 - width)
        surface = ArcDome(width / 2, rise_from_tape(width, tape))
        self.assert_mm(2 * surface.rim, tape, 1e-6)

    def test_a_tape_that_cannot_be(self) -> None:
        for tape in (89.0, 142.0):
            with self.assertRaisesRegex(FitError, r"between \{90\} .flat. and \{141.4\} .half a ball.; given"):
                rise_from_tape(90, tape)

    def test_a_rise_that_cannot_be(self) -> None:
        with self.assertRaisesRegex(FitError, r"more than half a ball over \{90\}; at most \{45.00\}"):
            ArcDome(45.0, 46)
