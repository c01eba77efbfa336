"""The printed guide, read back and measured."""

import base64
import contextlib
import io
import re
import unicodedata
import zlib
from itertools import pairwise
from xml.etree import ElementTree

import numpy as np
import pypdfium2
import pypdfium2.raw as pdfium
from defusedxml.ElementTree import fromstring
from svgelements import SVG, Circle

from fernring.core.document.piece import Piece
from fernring.core.solved import solve_piece
from fernring.formats.fonts import REGULAR, runs
from fernring.formats.pages import Stamp
from fernring.formats.paper import Layout, Paper
from fernring.formats.pdf import sheets_pdf
from fernring.formats.picture import picture
from fernring.formats.sheets.guide import guide as guide_sheet
from fernring.formats.sheets.sheet import Choice
from fernring.formats.svg import svg
from tests import samples
from tests.assertions import FernTestCase

UNIT = 25.4 / 72
INK = 128
SIZED_DASH = re.compile(r"\[\s*([\d.]+)\s+([\d.]+)\s*\] 0 d")


def guide(sample: Piece, paper: Paper = "A4", **choice: object) -> bytes:
    sheet = guide_sheet(solve_piece(sample), Choice(**choice))  # type: ignore[arg-type]
    return sheets_pdf([sheet], Stamp(sample, "revision 7", "1 January 2030"), Layout(paper))


def grey(data: bytes, page: int = 0, per_mm: int = 10) -> np.ndarray:
    """The page as the printer would see it: grey levels at `per_mm` pixels a millimetre."""
    document = pypdfium2.PdfDocument(data)
    return np.asarray(document[page].render(scale=per_mm * UNIT, grayscale=True).to_pil())


def streams(data: bytes) -> str:
    """The drawing operators of all pages, unpacked."""
    texts = []
    for part in re.findall(rb"stream\r?\n(.*?)endstream", data, re.S):
        packed = base64.a85decode(b"<~" + part.strip(), adobe=True) if part.strip().endswith(b"~>") else part
        with contextlib.suppress(zlib.error):
            texts.append(zlib.decompress(packed).decode("latin-1"))
    return "\n".join(texts)


class ScaleTest(FernTestCase):
    def test_the_page_is_the_paper(self) -> None:
        """One PDF user unit is 1/72 in (ISO 32000-1)."""
        for paper, wanted in (("A4", (210, 297)), ("A3", (297, 420)), ("Letter", (215.9, 279.4))):
            width, height = pypdfium2.PdfDocument(guide(samples.five_rows(), paper))[0].get_size()  # type: ignore[arg-type]
            self.assert_mm(width * UNIT, wanted[0], 0.005)
            self.assert_mm(height * UNIT, wanted[1], 0.005)

    def test_the_check_bar_measures_100_mm_on_the_rendered_page(self) -> None:
        page = grey(guide(samples.five_rows())) < INK
        bar = max((row for row in page), key=lambda row: longest_run(row))
        self.assertLessEqual(abs(longest_run(bar) - 1000), 2)

    def test_the_blank_s_outline_measures_its_diameter(self) -> None:
        sample = samples.piece(diameter=120)
        page = grey(guide(sample, spokes=False, border=False, dots="none")) < INK
        upper = page[: int(len(page) * 0.85)]
        columns, lines = np.flatnonzero(upper.any(axis=0)), np.flatnonzero(upper.any(axis=1))
        self.assertLessEqual(abs((columns[-1] - columns[0]) / 10 - 120.45), 0.25)
        self.assertLessEqual(abs((lines[-1] - lines[0]) / 10 - 120.45), 0.25)

    def test_dots_stand_where_the_plan_says_true_to_five_thousandths(self) -> None:
        """Caps of lines without length, read from the page's own operators."""
        sample = samples.five_rows()
        solved = solve_piece(sample)
        text = streams(guide(sample))
        blocks = re.findall(r"([\d.]+) w ((?:\S+ \S+ m \S+ \S+ l ?)+)S", text)
        ends = [re.findall(r"(\S+) (\S+) m \1 \2 l", path) for _, path in blocks]
        points = np.array([[float(x), float(y)] for path in ends for x, y in path])
        plan_points = np.stack((solved.dots.x, solved.dots.y), axis=1)
        self.assertEqual(len(points), 2 * len(plan_points))
        apart = np.abs(points[:, None, :] - plan_points[None]).max(axis=2).min(axis=1)
        self.assertLess(float(apart.max()), 0.005)
        widths = {float(width) for width, _ in blocks}
        for diameter in {2.0, 3.0, 4.6, 1.5, 8.9}:
            self.assertTrue(any(abs(w - diameter - 0.12) < 0.005 for w in widths), f"{diameter} mm")

    def test_svg_is_in_real_millimetres(self) -> None:
        solved = solve_piece(samples.five_rows())
        text = svg(picture(solved), "Sample")
        root: ElementTree.Element = fromstring(text)
        self.assertEqual((root.get("width"), root.get("viewBox")), ("98mm", "-49 -49 98 98"))
        per_inch = 96.0
        circles = [e for e in SVG.parse(io.StringIO(text), ppi=per_inch).elements() if isinstance(e, Circle)]
        self.assertEqual(len(circles), 3 * len(solved.dots) + 1)  # rim, body and light of each, and the blank
        widest = max(abs(complex(c.rx, 0)) for c in circles) * 2 / per_inch * 25.4
        self.assert_mm(widest, 90, 0.005)


class ContentTest(FernTestCase):
    def test_what_is_not_chosen_is_not_drawn(self) -> None:
        sample = samples.five_rows().model_copy(update={"guides": samples.piece(
            guides={"circles": [{"id": "c", "walk": 20}]}).guides})  # fmt: skip
        solved = solve_piece(sample)

        def count(**choice: object) -> int:
            return len(guide_sheet(solved, Choice(**choice)).drawing.primitives)  # type: ignore[arg-type]

        full = count()
        self.assertEqual(full - count(spokes=False), 12)
        self.assertEqual(full - count(circles=False), 2)
        self.assertEqual(full - count(border=False), 1)
        self.assertEqual(full - count(dots="none"), 5)
        self.assertEqual(count(dots="centres") - count(dots="none"), 2 * len(solved.dots))
        self.assertEqual(full - count(rows=(0, 1)), 3)

    def test_writing_stands_upright_and_lines_are_dashed_where_told(self) -> None:
        data = guide(samples.five_rows())
        page = pypdfium2.PdfDocument(data)[0]
        upright = [one.get_matrix().d > 0 for one in page.get_objects(filter=[pdfium.FPDF_PAGEOBJ_TEXT])]
        self.assertGreater(len(upright), 5)
        self.assertTrue(all(upright))
        border = SIZED_DASH.findall(streams(data))
        self.assertIn(("2", "1.5"), border)

    def test_every_page_says_what_to_do(self) -> None:
        data = guide(samples.piece(diameter=300, name="Winter gate"))
        document = pypdfium2.PdfDocument(data)
        self.assertEqual(len(document), 4)
        for number in range(4):
            text = document[number].get_textpage().get_text_range()
            for words in (
                "Winter gate",
                "Print at 100 %",
                "This bar must measure 100 mm",
                f"page {number + 1} of 4",
                "revision 7, 1 January 2030",
            ):
                self.assertIn(words, text)
            self.assertIn("joins ", text)

    def test_letters_the_typeface_lacks_leave_a_mark(self) -> None:
        text = pypdfium2.PdfDocument(guide(samples.piece(name="Żółw 石 ring")))[0].get_textpage().get_text_range()
        self.assertIn("Żółw ¤ ring", text)

    def test_other_scripts_are_drawn_as_they_are_read(self) -> None:
        """Hebrew from right to left, Arabic joined, emoji as drawings; joiners leave nothing."""
        self.assertEqual(runs("Ring"), [(REGULAR, "Ring")])
        self.assertEqual(runs("ירח"), [("NotoSansHebrew-Regular", "חרי")])
        arabic = runs("سلام")
        self.assertEqual([name for name, _ in arabic], ["NotoSansArabic-Regular"])
        self.assertTrue(all(unicodedata.normalize("NFKC", c) != c for c in arabic[0][1][-1:]))
        self.assertEqual(runs("a\u2060🌙\ufe0f"), [(REGULAR, "a"), ("NotoEmoji-Regular", "🌙")])
        one = guide(samples.piece(name='"Łuna" / 🌙 ירח سلام'))
        self.assertNotIn("¤", pypdfium2.PdfDocument(one)[0].get_textpage().get_text_range())

    def test_the_same_guide_gives_the_same_bytes(self) -> None:
        self.assertEqual(guide(samples.five_rows()), guide(samples.five_rows()))

    def test_titles_cannot_break_out_of_the_svg(self) -> None:
        text = svg(picture(solve_piece(samples.five_rows())), "</title><script>alert(1)</script>")
        self.assertEqual(fromstring(text).findall(".//{http://www.w3.org/2000/svg}script"), [])


def longest_run(row: np.ndarray) -> int:
    """The longest run of ink in a line of pixels."""
    ends = np.flatnonzero(np.diff(np.concatenate(([0], row.astype(np.int8), [0]))))
    return max((b - a for a, b in list(pairwise(ends))[::2]), default=0)
