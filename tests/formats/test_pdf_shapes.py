"""What the PDF writer puts on a page, as its own operators say."""

import re
from io import BytesIO

import numpy as np
from reportlab.pdfgen.canvas import Canvas

from fernring.formats.drawing import Discs, Drawing, Outlines
from fernring.formats.pdf import draw_shapes
from fernring.formats.written.pdf import Figure
from tests.assertions import FernTestCase


class ShapesTest(FernTestCase):
    def drawn(self, shape: Discs | Outlines) -> str:
        canvas = Canvas(BytesIO())
        draw_shapes(canvas, [shape])
        return "\n".join(canvas._code)  # type: ignore[attr-defined]

    def test_discs_are_points_as_wide_as_their_diameter(self) -> None:
        code = self.drawn(Discs(np.array([1.0, 2.0]), np.zeros(2), np.array([1.5, 2.5]), "#ff0000"))
        self.assertEqual([float(width) for width in re.findall(r"([\d.]+) w ", code)], [3.0, 5.0])
        self.assertIn("1 0 0 RG", code)

    def test_outlines_are_black_points_with_white_ones_inside(self) -> None:
        """The middle of the rim lies on the dot's own radius: half a pen more and half a pen less."""
        code = self.drawn(Outlines(np.zeros(1), np.zeros(1), np.array([2.0])))
        wide, narrow = (float(width) for width in re.findall(r"([\d.]+) w ", code))
        self.assert_mm((wide + narrow) / 2, 4.0)
        self.assertGreater(wide, narrow)
        self.assertLess(code.index("0 0 0 RG"), code.index("1 1 1 RG"))

    def test_a_figure_fits_its_box_and_is_not_enlarged_much(self) -> None:
        millimetre = 72 / 25.4
        wide = Figure(Drawing(0, 0, 200, 50), 100, 100)
        self.assertAlmostEqual(wide.width, 100 * millimetre)
        self.assertAlmostEqual(wide.height, 25 * millimetre)
        small = Figure(Drawing(0, 0, 10, 10), 100, 100)
        self.assertAlmostEqual(small.width, 15 * millimetre)
