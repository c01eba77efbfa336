"""Swipes, shapes, odd outlines and round bodies in every kind of file, measured in the file itself."""

import io
from typing import Any

import numpy as np
import orjson
import pypdfium2
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image
from shapely import Polygon
from svgelements import SVG, Path

from fernring.core.document.piece import Piece
from fernring.core.plan import plan
from fernring.core.solved import Solved, solve_piece
from fernring.formats.pages import Stamp
from fernring.formats.paper import Layout
from fernring.formats.pdf import sheets_pdf
from fernring.formats.picture import picture
from fernring.formats.plan_json import plan_bytes
from fernring.formats.png import png
from fernring.formats.sheets.guide import guide
from fernring.formats.sheets.sheet import Choice
from fernring.formats.svg import svg
from tests import patterns
from tests.assertions import FernTestCase

PER_INCH = 96.0
MARKED = ("teardrops", "commas", "small shapes", "families in the ends of an oval")


def printed(solved: Solved, choice: Choice) -> bytes:
    return sheets_pdf([guide(solved, choice)], Stamp(solved.piece, "", "1 January 2030"), Layout())


def drawn(sample: Piece) -> SVG:
    return SVG.parse(io.StringIO(svg(picture(solve_piece(sample)), "Sample")), ppi=PER_INCH)


def plan_json(sample: Piece) -> dict[str, Any]:
    value: dict[str, Any] = orjson.loads(plan_bytes(plan(sample)))
    return value


class MarkTest(FernTestCase):
    def test_every_mark_is_one_path_of_its_own_area(self) -> None:
        """Areas as svgelements reads the paths and shapely sums them."""
        for name in MARKED:
            with self.subTest(name):
                solved = solve_piece(patterns.piece(name))
                paths = [e for e in drawn(patterns.piece(name)).elements() if isinstance(e, Path)]
                areas = [Polygon([(p.x, p.y) for p in path.as_points()]).area for path in paths]
                mm = np.array(areas) * (25.4 / PER_INCH) ** 2
                self.assertGreaterEqual(len(mm), 3 * len(solved.marked))  # rim, body and ridge of each
                for marked in solved.marked:
                    self.assertLess(float(np.abs(mm / marked.mark.area - 1).min()), 0.02)

    def test_the_picture_shows_paint_where_the_tail_is(self) -> None:
        sample = patterns.piece("teardrops")
        solved = solve_piece(sample)
        drawing = picture(solved)
        image = np.asarray(Image.open(io.BytesIO(png(drawing, 1000))).convert("RGB")).astype(int)
        scale = 1000 / drawing.width
        base = np.array([0x10, 0x14, 0x17])
        for marked in solved.marked[:12]:
            x, y = marked.mark.spine[len(marked.mark.spine) // 2]
            pixel = image[int((y - drawing.top) * scale), int((x - drawing.left) * scale)]
            self.assertGreater(int(np.abs(pixel - base).max()), 60)

    def test_columns_of_the_plan_hold_every_spine(self) -> None:
        for name in MARKED:
            found, solved = plan_json(patterns.piece(name)), solve_piece(patterns.piece(name))
            marks = found["marks"]
            self.assertEqual(len(marks["start"]), len(solved.marked) + 1)
            self.assertEqual(marks["start"][-1], len(marks["x"]))
            self.assertEqual({len(marks[key]) for key in ("x", "y", "z", "r")}, {len(marks["x"])})
            last = marks["start"][1] - 1
            mark = solved.marked[0].mark
            for column, whole in (("x", mark.spine[:, 0]), ("y", mark.spine[:, 1]), ("r", mark.girth)):
                np.testing.assert_allclose((marks[column][0], marks[column][last]), (whole[0], whole[-1]), atol=6e-4)
            self.assertEqual(found["totals"]["marks"], len(solved.marked))
            self.assertAlmostEqual(found["totals"]["swept"], sum(m.mark.area for m in solved.marked), places=6)

    def test_the_guide_outlines_them(self) -> None:
        solved = solve_piece(patterns.piece("teardrops"))
        with_dots = guide(solved, Choice()).drawing.primitives
        without = guide(solved, Choice(dots="none")).drawing.primitives
        self.assertGreater(len(with_dots) - len(without), 0)
        data = printed(solved, Choice())
        bare = printed(solved, Choice(dots="none"))
        self.assertGreater(ink(data), ink(bare) + 300)


class OutlineTest(FernTestCase):
    def test_every_outline_is_printed_at_its_size(self) -> None:
        for name, wide, high in (
            ("corner groups", 108, 108), ("families in the ends of an oval", 140, 90), ("a rim", 200, 200),
            ("petals on a dome", 110, 110),
        ):  # fmt: skip
            with self.subTest(name):
                solved = solve_piece(patterns.piece(name))
                choice = Choice(spokes=False, border=False, dots="none", circles=False)
                drawing = guide(solved, choice).drawing
                outline = solved.ground.outline
                spread = np.ptp(outline, axis=0)
                self.assert_mm(max(spread), wide, 0.01)
                self.assert_mm(min(spread), high, 0.01)
                self.assertGreaterEqual(drawing.width, float(spread[0]))
                self.assertGreaterEqual(drawing.height, float(spread[1]))

    def test_a_ball_carries_both_halves(self) -> None:
        found = plan_json(patterns.piece("petals on a ball"))
        self.assertTrue(found["blank"]["closed"])
        self.assertEqual(len(found["blank"]["half"]), 2)
        z = np.array(found["dots"]["z"])
        self.assertEqual(int((z > 0).sum()), int((z < 0).sum()))
        x, y = np.array(found["dots"]["x"]), np.array(found["dots"]["y"])
        middle = found["blank"]["middle"]
        away = np.sqrt(x**2 + y**2 + (z - middle) ** 2)
        np.testing.assert_allclose(away, 45, atol=0.01)

    def test_a_dome_tells_its_section(self) -> None:
        """A spherical cap of rise h and base radius a has the radius (a² + h²) / 2h."""
        blank = plan_json(patterns.piece("petals on a dome"))["blank"]
        x, z = np.array(blank["section"]["x"]), np.array(blank["section"]["y"])
        radius = (55**2 + 18**2) / 36
        self.assert_mm(float(np.ptp(x)), 110, 0.01)
        self.assert_mm(float(np.ptp(z)), 18, 0.05)
        top = z.max() if abs(z[len(z) // 2] - z.max()) < 0.1 else z.min()
        sign = 1 if top == z.max() else -1
        away = np.hypot(x, z - (top - sign * radius))
        np.testing.assert_allclose(away, radius, atol=0.02)


class EverySampleTest(FernTestCase):
    @settings(max_examples=len(patterns.PIECES))
    @given(st.sampled_from(sorted(patterns.PIECES)))
    def test_all_files_can_be_written(self, name: str) -> None:
        solved = solve_piece(patterns.piece(name))
        self.assertEqual(Image.open(io.BytesIO(png(picture(solved), 300))).size[0], 300)
        data = printed(solved, Choice())
        self.assertGreaterEqual(len(pypdfium2.PdfDocument(data)), 1)
        self.assertIn("</svg>", svg(picture(solved), name))

    def test_the_swept_area_is_that_of_the_outlines(self) -> None:
        """Areas of the outlines by shapely; none crosses itself."""
        for name in MARKED:
            found = plan(patterns.piece(name))
            outlines = [Polygon(marked.mark.outline) for marked in found.solved.marked]
            self.assertTrue(all(outline.is_valid for outline in outlines))
            self.assert_mm(sum(outline.area for outline in outlines), found.totals.swept, 0.02 * found.totals.swept)


def ink(data: bytes) -> int:
    """Dark pixels of the first page."""
    page = pypdfium2.PdfDocument(data)[0].render(scale=3, grayscale=True).to_pil()
    return int((np.asarray(page) < 128).sum())
