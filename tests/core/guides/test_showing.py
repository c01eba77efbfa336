"""How much of a guide line stays in sight."""

import numpy as np

from fernring.core.dots.table import table
from fernring.core.guides.lines import GuideLine
from fernring.core.guides.showing import bare_length
from tests.assertions import FernTestCase

LINE = GuideLine("spoke", "", np.array([(0.0, 0, 0), (40.0, 0, 0)]))


class ShowingTest(FernTestCase):
    def test_what_a_dot_covers_is_out_of_sight(self) -> None:
        self.assert_mm(bare_length(LINE, table(0)), 40)
        one = table(1, x=np.array([20.0]), radius=np.array([5.0]))
        self.assert_mm(bare_length(LINE, one), 30, 1.0)

    def test_a_dot_beside_the_line_covers_nothing(self) -> None:
        beside = table(1, x=np.array([20.0]), y=np.array([5.1]), radius=np.array([5.0]))
        self.assert_mm(bare_length(LINE, beside), 40)

    def test_a_closed_line_counts_all_the_way_round(self) -> None:
        square = GuideLine("circle", "", np.array([(0.0, 0, 0), (10.0, 0, 0), (10.0, 10, 0), (0.0, 10, 0)]), True)
        self.assert_mm(bare_length(square, table(0)), 40)
