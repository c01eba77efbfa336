"""Every sheet of the print room, measured in the files themselves: PDF, SVG and DXF read back with other libraries."""

import io
import zipfile
from ctypes import c_float
from math import pi

import ezdxf
import numpy as np
import pypdfium2
import pypdfium2.raw as pdfium
from PIL import Image
from shapely import LinearRing, Point, Polygon
from svgelements import SVG, Circle, Path

from fernring.core.document.blank import Blank
from fernring.core.document.kit import Tool
from fernring.core.document.outline import Oval, Round
from fernring.core.document.reading import read_piece
from fernring.core.document.relief import Ball
from fernring.core.errors import FitError
from fernring.core.solved import Solved, solve_piece
from fernring.formats import drawing as shapes
from fernring.formats.bundle import parts
from fernring.formats.dxf import sheet_dxf
from fernring.formats.page_png import page_png
from fernring.formats.pages import Stamp, furniture, wrapped
from fernring.formats.paper import MARGIN, Layout, tiled
from fernring.formats.pdf import sheets_pdf
from fernring.formats.sheets.all import kinds_for, sheet
from fernring.formats.sheets.sheet import Choice, Sheet
from fernring.formats.svg import svg
from fernring.formats.zipped import zipped
from tests import patterns, samples
from tests.assertions import FernTestCase
from tests.samples import row

UNIT = 25.4 / 72  # ISO 32000-1: one user unit is 1/72 in
PER_INCH = 96.0  # CSS: one px is 1/96 in
TRUE = 0.005
ID_1 = (85.60, 53.98)  # ISO/IEC 7810, from memory


def stone() -> Solved:
    return solve_piece(samples.five_rows())


def oval() -> Solved:
    sample = samples.five_rows()
    blank = Blank(outline=Oval(length=140, width=90), border=3)
    return solve_piece(sample.model_copy(update={"blank": blank}))


def ball(diameter: float = 80) -> Solved:
    rows = (samples.centre(), row("a", 3.0, half="both"), row("b", 4.0, half="both"))
    return solve_piece(
        samples.piece(*rows).model_copy(update={"blank": Blank(outline=Round(diameter=diameter), relief=Ball())})
    )


def pdf(one: Sheet, solved: Solved, layout: Layout = Layout()) -> bytes:  # noqa: B008
    return sheets_pdf([one], Stamp(solved.piece, "revision 2", "1 January 2030"), layout)


def boxes(data: bytes, page: int = 0) -> np.ndarray:
    """Width and height (mm) of every path on a page: its own points as PDFium reads them, through its matrix."""
    document = pypdfium2.PdfDocument(data)
    found = []
    for one in document[page].get_objects(filter=[pdfium.FPDF_PAGEOBJ_PATH]):
        x, y = c_float(), c_float()
        points = []
        for k in range(pdfium.FPDFPath_CountSegments(one)):
            pdfium.FPDFPathSegment_GetPoint(pdfium.FPDFPath_GetPathSegment(one, k), x, y)
            points.append(one.get_matrix().on_point(x.value, y.value))
        found.append(np.ptp(points, axis=0))
    return np.array(found) * UNIT


def has_box(data: bytes, wide: float, high: float) -> bool:
    """Whether some path on the first page measures this, to five thousandths."""
    return bool((np.abs(boxes(data) - [wide, high]).max(axis=1) < TRUE).any())


class SizeTest(FernTestCase):
    def test_the_blank_on_every_flat_sheet_measures_what_it_should(self) -> None:
        solved = oval()
        for kind in ("guide", "placement", "transfer", "outline"):
            with self.subTest(kind):
                self.assertTrue(has_box(pdf(sheet(solved, kind, Choice()), solved), 140, 90))

    def test_the_check_bar_and_a_corrected_one(self) -> None:
        """A printer that makes 150 mm of 148 across is corrected by 150/148, and by that exactly."""
        solved = stone()
        one = sheet(solved, "guide", Choice())
        self.assertTrue(has_box(pdf(one, solved), 100, 0))
        across, along = 150 / 148, 200 / 201.5
        for way, factor in (("upright", across), ("across", along)):
            layout = Layout(way=way, across=across, along=along)  # type: ignore[arg-type]
            data = pdf(one, solved, layout)
            self.assertTrue(has_box(data, 100 * factor, 0), way)
            size = pypdfium2.PdfDocument(data)[0].get_size()
            self.assert_mm(min(size) * UNIT, 210, TRUE)

    def test_the_test_bars_are_150_and_200_mm(self) -> None:
        solved = stone()
        data = pdf(sheet(solved, "bars", Choice()), solved)
        self.assertTrue(has_box(data, 150, 0))
        self.assertTrue(has_box(data, 0, 200))

    def test_the_scale_card_and_the_bank_card_in_it(self) -> None:
        solved = stone()
        data = pdf(sheet(solved, "card", Choice()), solved)
        self.assertTrue(has_box(data, 120, 80))
        self.assertTrue(has_box(data, *ID_1))

    def test_the_targets_of_the_card_are_104_by_64_mm_apart(self) -> None:
        one = sheet(stone(), "card", Choice())
        rings = [p for p in one.drawing.primitives if isinstance(p, shapes.Circle)]
        self.assertEqual(len(rings), 4)
        for axis, apart in (("x", 104.0), ("y", 64.0)):
            at = sorted({getattr(ring, axis) for ring in rings})
            self.assert_mm(at[1] - at[0], apart)

    def test_the_wrap_strip_is_pi_times_the_diameter(self) -> None:
        solved = ball(80)
        one = sheet(solved, "strips", Choice())
        longest = max(np.ptp(p.points[:, 0]) for p in one.drawing.primitives if isinstance(p, shapes.Path))
        self.assert_mm(float(longest), pi * 80, 1e-9)
        lines = [p for p in one.drawing.primitives if isinstance(p, shapes.Line) and p.stroke == "plain"]
        low = max(p.y2 for p in lines)
        marks = [p.x1 for p in lines if p.y2 == low]
        np.testing.assert_allclose(np.diff(marks), pi * 80 / 12, atol=1e-9)

    def test_the_pole_strips_give_great_circle_arcs(self) -> None:
        """On a ball the walk to a ring is R times the angle between pole and ring, from its height z: R acos(z/R)."""
        solved = ball(80)
        one = sheet(solved, "strips", Choice())
        lines = [p for p in one.drawing.primitives if isinstance(p, shapes.Line) and p.stroke == "plain"]
        low = max(p.y2 for p in lines)  # the wrap strip lies below the others
        at = sorted({round(p.x1, 6) for p in lines if p.y2 < low})
        arcs = sorted({round(40 * float(np.arccos(row.own_dots.z[0] / 40)), 6) for row in solved.rows[1:]})
        np.testing.assert_allclose(at, arcs, atol=1e-4)


class KindsTest(FernTestCase):
    def test_each_blank_gets_the_sheets_that_suit_it(self) -> None:
        dome = solve_piece(patterns.piece("petals on a dome"))
        self.assertIn("finder", [kind.id for kind in kinds_for(stone())])
        self.assertNotIn("finder", [kind.id for kind in kinds_for(oval())])
        self.assertNotIn("strip", [kind.id for kind in kinds_for(stone())])
        self.assertIn("strip", [kind.id for kind in kinds_for(dome)])
        self.assertEqual(
            [kind.id for kind in kinds_for(ball())],
            ["strips", "placement", "transfer", "mixing", "card", "sizes", "bars"],
        )
        with self.assertRaisesRegex(FitError, "no “strips” sheet for this blank; there are guide"):
            sheet(stone(), "strips", Choice())

    def test_the_transfer_is_the_mirror_image_of_the_placement(self) -> None:
        solved = solve_piece(patterns.piece("commas"))
        one, other = sheet(solved, "placement", Choice()), sheet(solved, "transfer", Choice())
        dots = [p for p in one.drawing.primitives if isinstance(p, shapes.Outlines)]
        mirror = [p for p in other.drawing.primitives if isinstance(p, shapes.Outlines)]
        self.assertEqual(sum(len(p.x) for p in dots), len(solved.dots))
        for a, b in zip(dots, mirror, strict=True):
            np.testing.assert_array_equal(a.x, -b.x)
            np.testing.assert_array_equal(a.y, b.y)
        tails = [p for p in one.drawing.primitives if isinstance(p, shapes.Path)]
        turned = [p for p in other.drawing.primitives if isinstance(p, shapes.Path)]
        self.assertEqual(len(tails), 12)
        for p, q in zip(tails, turned, strict=True):
            np.testing.assert_array_equal(p.points * [-1, 1], q.points)

    def test_rows_that_are_not_chosen_are_not_placed(self) -> None:
        solved = stone()
        some = sheet(solved, "placement", Choice(rows=(0, 2)))
        texts = [p.text for p in some.drawing.primitives if isinstance(p, shapes.Text)]
        self.assertEqual(texts, ["C", "2"])

    def test_bare_areas_are_drawn_with_their_names(self) -> None:
        """The edge of a disc is a circle about its middle; of a band one about the centre on either side."""
        disc = {"id": "m", "name": "Moon", "area": {"kind": "disc", "x": 26.0, "y": 0.0, "diameter": 18.0}}
        band = {"id": "b", "name": "Belt", "area": {"kind": "band", "inner": 30.0, "outer": 36.0}}
        solved = solve_piece(samples.piece(samples.centre(), bare=(disc, band)))
        for kind in ("guide", "placement", "outline"):
            drawing = sheet(solved, kind, Choice()).drawing
            dashed = [p.points for p in drawing.primitives if isinstance(p, shapes.Path) and p.stroke == "dashed"]
            moon, *belt = [points for points in dashed if len(points) > 20][-3:]
            np.testing.assert_allclose(np.hypot(moon[:, 0] - 26, moon[:, 1]), 9, atol=1e-9)
            for points, reach in zip(belt, (36, 30), strict=True):
                np.testing.assert_allclose(np.hypot(*points.T), reach, atol=1e-9)
            texts = [p.text for p in drawing.primitives if isinstance(p, shapes.Text)]
            self.assertLessEqual({"Moon", "Belt"}, set(texts), kind)
        mirror = sheet(solved, "transfer", Choice()).drawing.primitives
        self.assertNotIn("Moon", [p.text for p in mirror if isinstance(p, shapes.Text)])

    def test_both_borders_are_told_apart_by_their_numbers(self) -> None:
        """Common practice, no source: 15 % off a 140 x 90 oval leaves 10.5 mm at the ends and 6.75 mm at the sides."""
        blank = Blank(outline=Oval(length=140, width=90), reduced=15.0)
        solved = solve_piece(samples.five_rows().model_copy(update={"blank": blank}))
        said = " ".join(
            p.text for p in sheet(solved, "outline", Choice()).drawing.primitives if isinstance(p, shapes.Text)
        )
        self.assertIn("6.75 mm to 10.5 mm", said)

    def test_the_size_card_has_every_dot_of_the_tools_at_true_size(self) -> None:
        tools = (
            Tool(id="b", name="Ball", tip=2.0, dots=(2.4, 3.0)),
            Tool(id="d", name="Dowel", kind="dowel", dots=(30.0,), sizes="typical"),
            *(Tool(id=f"r{k}", name=f"Rod {k}", kind="rod", dots=(10.0 + k,)) for k in range(12)),
        )
        one = sheet(solve_piece(oval().piece.model_copy(update={"tools": tools})), "sizes", Choice(units="mm"))
        circles = [each for each in one.drawing.primitives if isinstance(each, shapes.Circle)]
        whole = [2 * each.radius for each in circles if each.stroke == "plain"]
        self.assertEqual(whole, sorted(dot for tool in tools for dot in tool.dots))
        self.assertEqual([2 * each.radius for each in circles if each.stroke == "dashed"], [2.0, 2.0])
        for k, each in enumerate(circles):
            self.assertTrue(each.x - each.radius >= -1e-9 and each.x + each.radius <= 180 + 1e-9)
            for other in circles[k + 1 :]:
                apart = np.hypot(each.x - other.x, each.y - other.y)
                self.assertTrue(apart < 1e-9 or apart >= each.radius + other.radius, "cells do not overlap")
        words = [each.text for each in one.drawing.primitives if isinstance(each, shapes.Text)]
        self.assertIn("30 mm, typical", words)
        self.assertLess(max(each.y + each.radius for each in circles), one.drawing.height)

    def test_backing_is_the_outline_less_its_margin_as_often_as_asked(self) -> None:
        """Area by shapely."""
        one = sheet(oval(), "backing", Choice(margin=4, count=5))
        self.assertEqual(len(one.cuts), 5)
        inner = Polygon(oval().ground.outline).buffer(-4, quad_segs=64)
        places = [Polygon(cut.points) for cut in one.cuts if isinstance(cut, shapes.Path)]
        for place in places:
            self.assertAlmostEqual(place.area, inner.area, delta=inner.area * 1e-4)
        apart = min(a.distance(b) for k, a in enumerate(places) for b in places[:k])
        self.assertGreater(apart, 1.0)
        with self.assertRaisesRegex(FitError, "margin of 46 mm leaves nothing"):
            sheet(oval(), "backing", Choice(margin=46))


class CutTest(FernTestCase):
    def test_slots_and_pins_lie_on_spokes_and_circles_and_touch_nothing(self) -> None:
        solved = stone()
        one = sheet(solved, "slotted", Choice())
        rings = [
            Point(cut.x, cut.y).buffer(cut.radius).exterior
            if isinstance(cut, shapes.Circle)
            else LinearRing(cut.points)
            for cut in one.cuts
        ]
        slots = [cut for cut in one.cuts if isinstance(cut, shapes.Path)]
        self.assertEqual(len(slots), 12)
        for k, slot in enumerate(slots):
            angle = np.arctan2(slot.points[:, 0].mean(), -slot.points[:, 1].mean())
            self.assertAlmostEqual(float(np.degrees(angle) % 360), 30.0 * k % 360, places=6)
        clear = min(a.distance(b) for k, a in enumerate(rings) for b in rings[:k])
        self.assertGreater(clear, 0.5)
        walks = {round(row.walk, 6) for row in solved.rows}
        pins = {round(float(np.hypot(c.x, c.y)), 6) for c in one.cuts[2:] if isinstance(c, shapes.Circle)}
        self.assertTrue(pins and pins <= walks)

    def test_the_mixing_card_says_what_goes_into_every_pot(self) -> None:
        piece = patterns.read({**patterns.piece("petals").model_dump(mode="json")})
        rows = [{**one.model_dump(mode="json"), "shades": [{"kind": "ramp", "ramp": "sea", "step": k}]}
                for k, one in enumerate(samples.five_rows().rows[1:4], 1)]  # fmt: skip
        ramp = {"id": "sea", "name": "Sea", "stops": [piece.paints[0].id, piece.paints[-1].id], "steps": 4}
        paints = piece.model_dump(mode="json")["paints"]
        made = read_piece(
            {**samples.five_rows().model_dump(mode="json"), "paints": paints, "rows": rows, "ramps": [ramp]}
        )
        card = sheet(solve_piece(made), "mixing", Choice())
        words = [one.text for one in card.drawing.primitives if isinstance(one, shapes.Text)]
        self.assertEqual(sum("drops (" in one for one in words), 3)
        self.assertIn("Sea, mixed in one pot", words)
        self.assertEqual(sum("put aside" in one for one in words), 3)
        pdf = sheets_pdf([card], Stamp(made, "r", "d"), Layout())
        self.assertEqual(Image.open(io.BytesIO(page_png(pdf, 1, 400))).mode, "RGB")
        plain = sheets_pdf([sheet(solve_piece(made), "guide", Choice())], Stamp(made, "r", "d"), Layout())
        self.assertEqual(Image.open(io.BytesIO(page_png(plain, 1, 400))).mode, "L")

    def test_masks_are_cut_along_their_lines_holes_too(self) -> None:
        area = {"id": "m", "name": "M", "area": {"kind": "word", "text": "O", "height": 20.0}, "rows": "mask"}
        other = {"id": "d", "name": "D", "area": {"kind": "disc", "diameter": 8.0, "y": 30.0}, "rows": "go on"}
        piece = samples.five_rows().model_dump(mode="json")
        found = sheet(solve_piece(read_piece({**piece, "bare": [area, other]})), "masks", Choice())
        self.assertEqual(len(found.cuts), 2, "the letter and the room in it, not what no mask lies on")
        high = max(float(np.ptp(cut.points[:, 1])) for cut in found.cuts if isinstance(cut, shapes.Path))
        self.assertAlmostEqual(high, 20.0, delta=0.8)
        with self.assertRaisesRegex(FitError, "no “masks” sheet"):
            sheet(solve_piece(samples.five_rows()), "masks", Choice())

    def test_dxf_and_svg_hold_the_same_cuts_at_true_size(self) -> None:
        """Read back by ezdxf, $INSUNITS 4 (millimetres), and by svgelements at 96 px an inch."""
        solved = oval()
        one = sheet(solved, "slotted", Choice())
        document = ezdxf.read(io.StringIO(sheet_dxf(one).decode()))
        self.assertEqual(document.header["$INSUNITS"], 4)
        space = document.modelspace()
        lines = [np.array([(x, -y) for x, y, *_ in e.get_points("xy")]) for e in space.query("LWPOLYLINE")]
        circles = [(e.dxf.center.x, -e.dxf.center.y, e.dxf.radius) for e in space.query("CIRCLE")]
        self.assertTrue(all(e.closed for e in space.query("LWPOLYLINE")))
        wanted = [cut for cut in one.cuts if isinstance(cut, shapes.Path)]
        for line, cut in zip(lines, wanted, strict=True):
            np.testing.assert_allclose(line, cut.points, atol=TRUE / 5)
        drawn = SVG.parse(io.StringIO(svg(one.in_svg, "Cuts")), ppi=PER_INCH)
        mm, corner = 25.4 / PER_INCH, np.array([one.drawing.left, one.drawing.top])
        read = [(*(np.array([c.cx, c.cy]) * mm + corner), c.rx * mm) for c in drawn.elements() if isinstance(c, Circle)]
        np.testing.assert_allclose(read, circles, atol=TRUE)
        self.assertEqual(sum(isinstance(e, Path) for e in drawn.elements()), len(lines))

    def test_the_bundle_holds_every_sheet_and_tells_as_it_goes(self) -> None:
        solved = ball()
        files = parts(solved, Choice(), Layout(), Stamp(solved.piece, "", ""))
        told = list(zipped(files))
        self.assertEqual(len(told), len(files) + 1)
        self.assertEqual([name for name, whole in told if whole is None], [name for name, _ in files])
        whole = zipfile.ZipFile(io.BytesIO(told[-1][1] or b""))
        self.assertIsNone(whole.testzip())
        self.assertEqual(whole.namelist(), [name for name, _ in files])
        self.assertEqual(len(pypdfium2.PdfDocument(whole.read("strips.pdf"))), 2)


class PageTest(FernTestCase):
    def test_rings_of_neighbouring_pages_lie_on_each_other(self) -> None:
        """The match marks of both pages, put back where the pages lie on the drawing, are the same places."""
        solved = solve_piece(samples.piece(diameter=300))
        one = sheet(solved, "guide", Choice())
        tiling = tiled(one.drawing.left, one.drawing.top, one.drawing.width, one.drawing.height, Layout(overlap=14))
        seen: dict[tuple[float, float], int] = {}
        for number, tile in enumerate(tiling.tiles, 1):
            for mark in furniture(one, Stamp(solved.piece, "", ""), tiling, tile, number):
                if isinstance(mark, shapes.Circle):
                    at = (round(mark.x - MARGIN + tile.left, 6), round(mark.y - MARGIN + tile.top, 6))
                    seen[at] = seen.get(at, 0) + 1
        self.assertEqual(set(seen.values()), {2})
        self.assertEqual(len(seen), 8)

    def test_a_page_carries_only_its_own_part(self) -> None:
        """A drawing cut up as pages are: every dot is on some window that shows it, few on more than one."""
        one = sheet(solve_piece(samples.large(20, 3_000, nested=False)), "placement", Choice())
        drawing = one.drawing
        tiling = tiled(drawing.left, drawing.top, drawing.width, drawing.height, Layout(most=400))
        self.assertGreater(len(tiling.tiles), 8)
        count = 0
        for tile in tiling.tiles:
            right, low = tile.left + tiling.window_width, tile.top + tiling.window_height
            part = list(shapes.within(drawing.primitives, tile.left, tile.top, right, low))
            dots = [p for p in part if isinstance(p, shapes.Discs)]
            x, y = (np.concatenate([getattr(p, name) for p in dots] or [np.empty(0)]) for name in "xy")
            whole = [p for p in drawing.primitives if isinstance(p, shapes.Discs)]
            ax, ay = (np.concatenate([getattr(p, name) for p in whole]) for name in "xy")
            inside = (ax > tile.left) & (ax < right) & (ay > tile.top) & (ay < low)
            self.assertLessEqual(set(zip(ax[inside], ay[inside], strict=True)), set(zip(x, y, strict=True)))
            count += len(x)
        self.assertLess(count, 1.6 * len(ax))

    def test_every_page_says_what_to_do_with_it(self) -> None:
        solved = ball()
        for kind in kinds_for(solved):
            one = kind.make(solved, Choice())
            text = pypdfium2.PdfDocument(pdf(one, solved))[0].get_textpage().get_text_range()
            for words in (one.title, "revision 2, 1 January 2030", "Print at 100 %", *one.what.split()[:6]):
                self.assertIn(words, text)

    def test_long_names_and_long_words_stay_on_the_page(self) -> None:
        """Widths by PDFium: no text object reaches past the margins, whatever the piece is called."""
        for name in ("M" * 80, "Winter gate of the observatory " * 3, "ירח " * 20):
            sample = samples.five_rows().model_copy(update={"name": name.strip()[:80]})
            solved = solve_piece(sample)
            page = pypdfium2.PdfDocument(pdf(sheet(solved, "slotted", Choice()), solved))[0]
            for one in page.get_objects(filter=[pdfium.FPDF_PAGEOBJ_TEXT]):
                left, _, right, _ = (side * UNIT for side in one.get_bounds())
                self.assertGreater(left, 8)
                self.assertLess(right, 202)

    def test_words_are_broken_into_lines_that_fit(self) -> None:
        lines = wrapped("one two three four five six seven", 2.0, 15.0)
        self.assertEqual(" ".join(lines), "one two three four five six seven")
        self.assertTrue(all(len(line) <= 15 for line in lines))
        self.assertEqual(wrapped("immeasurably", 2.0, 4.0), ["immeasurably"])
