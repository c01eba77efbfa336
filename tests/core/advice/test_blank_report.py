"""What the blank's measures mean."""

import shapely

from fernring.core.advice.blank_report import report
from fernring.core.geometry.outline.shapes import heart
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase
from tests.blanks import bare


class ReportTest(FernTestCase):
    def test_centres_and_border_of_a_heart(self) -> None:
        piece = bare("heart")
        solved = solve_piece(piece)
        found = report(piece, solved.ground, solved.halves, solved.rows, solved.marks)
        self.assertEqual(found.centre.kind, "inscribed")
        self.assert_mm(found.centre.whole, max(one.whole for one in found.centres), 1e-2)
        self.assertGreater(found.border.copy_wide, found.border.copy_narrow)
        self.assertEqual((found.rise, found.tape, found.rings), (None, None, ()))
        self.assertLess(abs(found.area - shapely.Polygon(heart(120, 130)).area), 1e-6)

    def test_a_domes_rise_and_tape(self) -> None:
        piece = bare("taped")
        solved = solve_piece(piece)
        found = report(piece, solved.ground, solved.halves, solved.rows, solved.marks)
        assert found.tape is not None
        self.assert_mm(found.tape, 105, 1e-6)
