"""Where a row begins."""

import numpy as np

from fernring.core.document.count import Absolute
from fernring.core.document.distance import AtWalk
from fernring.core.document.row import Offset
from fernring.core.document.start import AtAngle, Between, OnLines
from fernring.core.plan import plan
from tests.assertions import FernTestCase
from tests.samples import piece, row


class StartTest(FernTestCase):
    def angles(self, start: object, n: int = 12, before: int = 12, turn: float = 0) -> np.ndarray:
        rows = (
            row("a", 1.0, distance=AtWalk(walk=15), count=Absolute(repeats=before), start=OnLines()),
            row("b", 1.0, distance=AtWalk(walk=25), count=Absolute(repeats=n), start=start),
        )
        solved = plan(piece(*rows, turn=turn)).solved
        return np.sort(np.degrees(solved.dots.out_rad[solved.dots.row == 1]) % 360)

    def test_on_the_lines_and_between(self) -> None:
        self.assertTrue(np.allclose(self.angles(OnLines()), np.arange(12) * 30))
        self.assertTrue(np.allclose(self.angles(Between()), np.arange(12) * 30 + 15))

    def test_at_an_angle_and_turned(self) -> None:
        self.assertTrue(np.allclose(self.angles(AtAngle(degrees=7)), np.arange(12) * 30 + 7))
        self.assertTrue(np.allclose(self.angles(OnLines(), turn=10), np.arange(12) * 30 + 10))

    def test_offset_sits_in_the_dips(self) -> None:
        self.assertTrue(np.allclose(self.angles(Offset()), np.arange(12) * 30 + 15))

    def test_two_to_a_dip_straddle_it(self) -> None:
        self.assertTrue(np.allclose(self.angles(Offset(), n=24), np.sort((np.arange(24) * 15 + 7.5) % 360)))

    def test_fewer_than_before_still_sit_in_dips(self) -> None:
        self.assertTrue(np.allclose(self.angles(Offset(), n=6) % 30, 15))
