"""The blank from the side."""

import numpy as np

from fernring.core.document.blank import Blank
from fernring.core.ground.ground import ground
from fernring.core.ground.section import poles, section, span
from tests.assertions import FernTestCase
from tests.blanks import BLANKS


def blank(name: str, **more: object) -> Blank:
    return Blank.model_validate({**BLANKS[name], **more})


class SectionTest(FernTestCase):
    def test_flat_blanks_have_none(self) -> None:
        self.assertIsNone(section(blank("oval"), ground(blank("oval"))))

    def test_a_dome_rises_as_high_as_it_was_measured(self) -> None:
        cut = section(blank("dome"), ground(blank("dome")))
        assert cut is not None
        self.assert_mm(float(cut[:, 1].max() - cut[:, 1].min()), 18, 1e-9)
        self.assert_mm(float(np.ptp(cut[:, 0])), 90, 1e-9)

    def test_a_ball_is_round_and_an_egg_as_long_as_told(self) -> None:
        cut = section(blank("ball"), ground(blank("ball")))
        assert cut is not None
        np.testing.assert_allclose(np.hypot(*cut.T), 40, atol=1e-9)
        egg = ground(blank("egg"))
        self.assert_mm(poles(egg)[0] - poles(egg)[1], 84, 1e-9)
        self.assert_mm(span(egg), 42, 1e-9)
        self.assert_mm(span(ground(blank("square"))), 54 * np.sqrt(2), 1.7)

    def test_a_domed_oval_is_cut_along_its_longest_axis(self) -> None:
        cut = section(blank("domed oval"), ground(blank("domed oval")))
        assert cut is not None
        self.assert_mm(float(np.ptp(cut[:, 0])), 120, 0.01)
