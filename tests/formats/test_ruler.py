"""Rulers in every unit, and what is written on sheets for a reader of inches."""

import numpy as np

from fernring.core.solved import solve_piece
from fernring.formats import drawing as shapes
from fernring.formats.pages import Stamp, furniture, spread
from fernring.formats.paper import Layout
from fernring.formats.ruler import CENTIMETRES, INCHES, MILLIMETRES
from fernring.formats.sheets.all import kinds_for, sheet
from fernring.formats.sheets.sheet import Choice
from tests import patterns, samples
from tests.assertions import FernTestCase


class RulerTest(FernTestCase):
    def test_inches_are_divided_by_halves_to_sixteenths(self) -> None:
        marks = list(INCHES.marks(2 * 25.4))
        self.assertEqual(len(marks), 33)
        np.testing.assert_allclose([at for at, _, whole in marks if whole], [0, 25.4, 50.8])
        high = [height for _, height, _ in marks[:17]]
        self.assertEqual(high[0], high[16])
        for finer, every in ((8, 16), (4, 8), (2, 4), (1, 2)):
            self.assertTrue(all(high[k] < high[every % 17] for k in range(finer, 17, every)), finer)
        self.assertEqual(list(INCHES.words(3 * 25.4)), [(25.4, "1"), (50.8, "2")])

    def test_millimetres_and_centimetres_by_ten(self) -> None:
        self.assertEqual([at for at, _, whole in MILLIMETRES.marks(30) if whole], [0, 10, 20, 30])
        self.assertEqual(list(MILLIMETRES.words(40)), [(20.0, "20"), (30.0, "30")])
        self.assertEqual(list(CENTIMETRES.words(40)), [(20.0, "2"), (30.0, "3")])


class InchesTest(FernTestCase):
    def words(self, piece: object, kind: str) -> str:
        solved = solve_piece(piece)  # type: ignore[arg-type]
        one = sheet(solved, kind, Choice(units="inch"))
        tiling = spread(one.drawing, Layout())
        page = furniture(one, Stamp(solved.piece, "", "", "inch"), tiling, tiling.tiles[0], 1)
        return " | ".join(p.text for p in (*one.drawing.primitives, *page) if isinstance(p, shapes.Text))

    def test_no_sheet_speaks_millimetres(self) -> None:
        dome, stone = patterns.piece("petals on a dome"), samples.five_rows()
        for piece in (dome, stone):
            for kind in kinds_for(solve_piece(piece)):
                with self.subTest(kind.id):
                    self.assertNotRegex(self.words(piece, kind.id), r"\d mm|\{")

    def test_the_check_bar_is_four_inches_long(self) -> None:
        solved = solve_piece(samples.five_rows())
        one = sheet(solved, "guide", Choice(units="inch"))
        tiling = spread(one.drawing, Layout())
        page = furniture(one, Stamp(solved.piece, "", "", "inch"), tiling, tiling.tiles[0], 1)
        bar = next(p for p in page if isinstance(p, shapes.Line) and p.stroke == "bold")
        self.assert_mm(bar.x2 - bar.x1, 4 * 25.4, 1e-9)
        self.assertIn("This bar must measure 4 in.", [p.text for p in page if isinstance(p, shapes.Text)])
        quarters = sorted(
            {p.x1 - bar.x1 for p in page if isinstance(p, shapes.Line) and p.y2 == bar.y1 and p.x1 == p.x2}
        )
        np.testing.assert_allclose(quarters, np.arange(17) * 6.35, atol=1e-9)

    def test_strips_carry_walks_in_inches(self) -> None:
        said = self.words(patterns.piece("petals on a dome"), "strip")
        self.assertRegex(said, r": \d\.\d{3} \|")
