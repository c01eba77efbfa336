"""The print room: what is shown, downloaded and measured, and the piece as files."""

import csv
import io
import json
import re
import zipfile

import ezdxf
import numpy as np
import pypdfium2
from PIL import Image
from playwright.sync_api import expect
from svgelements import SVG, Circle

from tests.browser.studio import BrowserTestCase
from tests.formats.test_sheets import TRUE, has_box


class PaperTest(BrowserTestCase):
    def print_room(self, name: str, first: str = "Full-size guide") -> None:
        ident = next(one["id"] for one in self.ask("pieces") if one["name"] == name)
        self.visit(f"/piece/{ident}/print")
        expect(self.page.get_by_role("img", name=f"{first}, page 1")).to_be_visible()

    def sheet(self, title: str) -> None:
        self.page.get_by_role("button", name=title).click()
        expect(self.page.get_by_role("img", name=f"{title}, page 1")).to_be_visible()

    def pages(self, data: bytes) -> list[str]:
        return [page.get_textpage().get_text_range() for page in pypdfium2.PdfDocument(data)]

    def test_a_guide_in_six_clicks_from_the_bench(self) -> None:
        self.visit()
        self.page.get_by_role("link", name="New piece").click()
        self.fill("Diameter", "75")
        self.press("Begin this piece")
        self.page.get_by_role("link", name="Print").click()
        data = self.download("Download PDF")
        expect(self.page.get_by_text("it must be 100 mm")).to_be_visible()
        pages = self.pages(data)
        self.assertEqual(len(pages), 1)
        for words in ("75 mm round, 12 segments", "Print at 100 %", "revision "):
            self.assertIn(words, pages[0])

    def test_a_large_canvas_is_tiled_on_every_paper(self) -> None:
        self.print_room("Perihelion canvas")
        for paper, name, count in (("A4", "A4", 4), ("US Letter", "Letter", 4), ("A3", "A3", 2)):
            self.choose("Paper", paper)
            line = self.page.locator(".print-turn [role=status]")
            expect(line).to_have_text(f"Page 1 of {count} on {name}, overlapping by 10 mm")
            pages = self.pages(self.download("Download PDF"))
            self.assertEqual(len(pages), count)
            self.assertIn("joins ", pages[0])
        self.press("Next page")
        expect(self.page.get_by_role("img", name="Full-size guide, page 2 of 2")).to_be_visible()

    def test_the_way_round_can_be_chosen(self) -> None:
        self.print_room("Annular eclipse")
        for way, wide in (("across", 297), ("upright", 210), ("fewest pages", 210)):
            self.choose("Way round", way)
            width, _ = pypdfium2.PdfDocument(self.download("Download PDF"))[0].get_size()
            self.assert_mm(width / 72 * 25.4, wide, TRUE)

    def test_an_overlap_too_wide_and_more_pages_than_are_printed_unasked(self) -> None:
        self.print_room("Perihelion canvas")
        self.fill("Overlap", "300")
        expect(self.page.get_by_role("alert")).to_contain_text("may overlap by at most 170 mm (given: 300)")
        self.fill("Overlap", "10")
        self.sheet("Felt or cork backing")
        self.fill("How many", "48")
        expect(self.page.get_by_role("alert")).to_contain_text("pages of A4; at most 60 are printed unasked")
        self.press("Print them all the same")
        expect(self.page.get_by_role("alert")).to_have_count(0)
        expect(self.page.locator(".print-turn [role=status]")).to_have_text(re.compile(r"Page 1 of 1\d\d on A4"))

    def test_what_is_shown_is_what_was_chosen(self) -> None:
        self.print_room("Annular eclipse")
        full = len(self.download("Download PDF"))
        self.choose("Dots", "left out")
        for line in ("Spokes", "Border", "Guide circles"):
            self.page.get_by_label(line).uncheck()
        self.assertLess(len(self.download("Download PDF")), full)

    def test_placement_of_chosen_rows_and_its_mirror_image(self) -> None:
        self.print_room("Annular eclipse")
        self.sheet("Dot placement sheet")
        every = self.download("Download PDF")
        self.press("all")
        self.press("Row 4")
        expect(self.page.get_by_role("button", name="Row 4")).to_have_attribute("aria-pressed", "true")
        some = self.download("SVG").decode()
        self.assertEqual(some.count("<circle"), 2 * 48 + 1)
        self.assertGreater(len(every), 3000)
        self.sheet("Transfer sheet, mirrored")
        self.assertEqual(self.download("SVG").decode().count("<text"), 0)

    def test_the_slotted_sheet_goes_to_the_cutter(self) -> None:
        self.print_room("Annular eclipse")
        self.sheet("Slotted guide sheet")
        document = ezdxf.read(io.StringIO(self.download("DXF").decode()))
        self.assertEqual(len(document.modelspace().query("LWPOLYLINE")), 12)
        drawn = SVG.parse(io.StringIO(self.download("SVG").decode()), ppi=96)
        self.assert_mm(max(c.rx for c in drawn.elements() if isinstance(c, Circle)) / 96 * 25.4, 45, TRUE)
        for kind in ("DXF", "SVG"):
            self.press(f"Try the {kind}")
            expect(self.page.locator(".print-cut figcaption")).to_contain_text("on a sheet of 100 mm × 100 mm")
        bad = """<svg xmlns="http://www.w3.org/2000/svg" width="90mm" height="90mm" viewBox="0 0 90 90">
        <path d="M7 9L40 40"/></svg>"""
        self.give_file(lambda: self.press("Another file"), "bad.svg", "image/svg+xml", bad.encode())
        expect(self.page.get_by_role("alert")).to_contain_text("A line is open: it begins at 7.0, 9.0 mm")

    def test_backing_for_a_set_and_the_small_sheets(self) -> None:
        self.print_room("Moon phases tile")
        self.sheet("Felt or cork backing")
        self.fill("How many", "4")
        self.fill("Smaller all round by", "3")
        expect(self.page.get_by_role("img", name="Felt or cork backing, page 1 of 2")).to_be_visible()
        self.assertTrue(has_box(self.download("Download PDF"), 102, 102))
        self.sheet("Scale card")
        self.assertTrue(has_box(self.download("Download PDF"), 85.60, 53.98))
        self.sheet("Outline and border")
        self.assertTrue(has_box(self.download("Download PDF"), 108, 108))

    def test_every_sheet_of_a_round_stone_measures_its_diameter(self) -> None:
        self.print_room("Annular eclipse")
        for title in (
            "Full-size guide", "Dot placement sheet", "Transfer sheet, mirrored", "Outline and border", "Centre finder",
            "Slotted guide sheet",
        ):  # fmt: skip
            self.sheet(title)
            self.assertTrue(has_box(self.download("Download PDF"), 90, 90), title)

    def test_a_tape_strip_for_a_dome(self) -> None:
        self.open_piece("Observatory dome")
        rim = self.page.request.post(f"{self.server.address}/api/plan", data=self.document()).json()["rim"]
        self.print_room("Observatory dome")
        self.sheet("Tape strip over the surface")
        data = self.download("Download PDF")
        self.assertTrue(has_box(data, rim + 8, 16))

    def test_in_inches_nothing_on_paper_or_in_a_remedy_speaks_millimetres(self) -> None:
        self.begin_piece("Inches")
        self.choose("Units", "inch")
        self.pick("3")
        self.fill("Gap", "0.3")
        self.page.get_by_role("button", name=re.compile(r"\d verdicts?$")).click()
        expect(self.page.locator(".verdict-acts").first).to_be_visible()
        self.assertNotIn("mm", self.page.locator(".verdict-line").inner_text())
        self.assertNotIn("{", self.page.locator(".verdict-line").inner_text())
        self.page.get_by_role("link", name="Print").click()
        expect(self.page.get_by_role("img", name="Full-size guide, page 1")).to_be_visible()
        words = self.pages(self.download("Download PDF"))[0]
        self.assertIn("This bar must measure 4 in", words)
        self.assertNotRegex(words, r"\d mm")
        expect(self.page.get_by_text("it must be 4 in")).to_be_visible()

    def test_strips_for_a_ball(self) -> None:
        self.print_room("Equinox ball", "Pole and wrap strips")
        data = self.download("Download PDF")
        self.assertTrue(has_box(data, np.pi * 90, 16))
        self.assertIn("front pole", self.pages(data)[0])
        expect(self.page.get_by_role("button", name="Full-size guide")).to_have_count(0)
        expect(self.page.get_by_role("button", name="Centre finder")).to_have_count(0)

    def test_the_printer_is_measured_and_corrected_for_every_later_print(self) -> None:
        self.print_room("Annular eclipse")
        self.press("test bars")
        expect(self.page.get_by_role("img", name="Test bars for the printer, page 1")).to_be_visible()
        self.assertTrue(has_box(self.download("Download PDF"), 150, 0))
        try:
            self.page.route("**/api/studio/printer", lambda route: None)
            self.fill("Across, of 150 mm", "148.5")
            self.fill("Along, of 200 mm", "201")  # typed before the first is answered
            self.page.unroute("**/api/studio/printer")
            expect(self.page.get_by_text("drawn at 101.01 % across and 99.50 % along")).to_be_visible()
            self.page.reload()
            expect(self.page.get_by_text("drawn at 101.01 % across and 99.50 % along")).to_be_visible()
            self.sheet("Scale card")
            self.assertTrue(has_box(self.download("Download PDF"), 120 * 150 / 148.5, 80 * 200 / 201))
            self.fill("Across, of 150 mm", "120")
            expect(self.page.get_by_text("must be between 136.37 mm and 166.66 mm (given: 120)")).to_be_visible()
        finally:
            self.press("Correct nothing")
        expect(self.page.get_by_text("No correction.")).to_be_visible()
        self.assertTrue(has_box(self.download("Download PDF"), 120, 80))

    def test_everything_in_one_zip_and_the_written_pattern(self) -> None:
        self.print_room("Seven sisters")
        with zipfile.ZipFile(io.BytesIO(self.download("Everything in one ZIP"))) as archive:
            names = archive.namelist()
            self.assertTrue(has_box(archive.read("card.pdf"), 120, 80))
            self.assertIn("One dot in the middle.", archive.read("pattern.html").decode())
        self.assertLessEqual({"guide.pdf", "placement.svg", "slotted.dxf", "bars.pdf", "pattern.pdf"}, set(names))
        text = " ".join(self.pages(self.download("Booklet, PDF")))
        self.assertIn("Row by row, from the centre out", text)
        page = self.new_page()
        page.set_content(self.download("Page, HTML").decode())
        expect(page.get_by_role("heading", name="Seven sisters")).to_be_visible()
        expect(page.get_by_role("listitem").first).to_contain_text("One dot in the middle.")

    def test_on_a_full_disk_the_print_still_comes_and_says_it_was_not_kept(self) -> None:
        self.print_room("Annular eclipse")
        refusal = {"code": "store", "field": "", "message": "The disk with the studio file is full."}
        self.page.route("**/revisions", lambda route: route.fulfill(status=507, json=refusal))
        data = self.download("Download PDF")
        expect(self.page.get_by_text("The disk with the studio file is full.")).to_be_visible()
        self.assertIn("revision not saved", self.pages(data)[0])

    def test_a_server_that_is_gone_is_said_and_the_room_goes_on(self) -> None:
        self.print_room("Annular eclipse")
        self.page.route("**/api/print/bundle", lambda route: route.abort())
        self.press("Everything in one ZIP")
        expect(self.page.get_by_text("The studio's server does not answer.")).to_be_visible()
        self.page.unroute("**/api/print/bundle")
        # A file that cannot be made is said, and so is an answer that breaks off.
        made = '{"done": 1, "of": 9, "name": "guide.pdf"}\n'
        problem = '{"problem": {"code": "plan", "field": "rows.2", "message": "Row 2 asks for too much."}}\n'
        for answer, said in (
            (made + problem, "Row 2 asks for too much."),
            (made, "broke off before the file was whole"),
        ):
            self.answer_with(answer)
            self.press("Everything in one ZIP")
            expect(self.page.get_by_text(said)).to_be_visible()
        whole = zipfile.ZipFile(io.BytesIO(self.download("Everything in one ZIP")))
        self.assertIsNone(whole.testzip())
        self.assertIn("guide.pdf", whole.namelist())

    def answer_with(self, body: str) -> None:
        """What the next request for everything is answered."""
        self.page.route("**/api/print/bundle", lambda route: route.fulfill(body=body), times=1)

    def test_making_everything_is_stopped(self) -> None:
        self.print_room("Annular eclipse")
        with self.unanswered("**/api/print/bundle"):
            self.press("Everything in one ZIP")
            expect(self.page.get_by_role("button", name="Everything in one ZIP")).to_be_disabled()
            with self.page.expect_event("requestfailed", lambda request: "bundle" in request.url):
                self.press("Stop")
        expect(self.page.get_by_role("button", name="Everything in one ZIP")).to_be_enabled()
        expect(self.page.get_by_role("alert")).to_have_count(0)

    def test_lengths_of_the_written_pattern_follow_the_units_in_use(self) -> None:
        self.print_room("Annular eclipse")
        self.choose("Units", "inch")
        page = self.download("Page, HTML").decode()
        self.assertIn("3.543 in round", page)
        self.assertNotIn(" mm ", page.split("</style>")[1])

    def test_a_name_no_disk_takes_is_shown_and_kept_safely(self) -> None:
        name = '../Łuna "one/two" 🌙 ירח'
        self.begin_piece(name)
        self.page.get_by_role("link", name="Print").click()
        expect(self.page.locator(".print-name")).to_have_text(name)
        with self.page.expect_download() as waiting:
            self.press("Download PDF")
        self.assertEqual(waiting.value.suggested_filename, "łuna-one-two-ירח-guide.pdf")

    def test_svg_png_and_csv(self) -> None:
        self.print_room("Annular eclipse")
        picture = self.download("Picture, SVG").decode()
        self.assertIn('width="98mm"', picture)
        self.assertEqual(picture.count("<circle"), 3 * 553 + 1)  # rim, body and light of each dot, and the blank
        self.assertEqual(Image.open(io.BytesIO(self.download("Picture, PNG"))).size, (1600, 1600))
        rows = list(csv.DictReader(io.StringIO(self.download("Rows, CSV").decode())))
        self.assertEqual([row["row"] for row in rows][:3], ["C", "1", "2"])

    def test_out_as_json_and_in_again_in_another_studio(self) -> None:
        self.print_room("Seven sisters")
        data = self.download("Piece, JSON")
        self.visit()
        self.give_file(lambda: self.press("Open a file"), "seven.json", "application/json", data)
        expect(self.page).to_have_url(re.compile("/piece/"))
        expect(self.summary()).to_contain_text("All clear")
        self.assertEqual(self.document(), json.loads(data))

    def test_files_that_are_no_pieces(self) -> None:
        self.visit()
        for data, words in (
            (b"not json", "not readable JSON"),
            (b"[1, 2]", "holds something else"),
            (b'{"format": "fernring.piece", "version": 9}', "format version 9"),
            (b'{"format": "fernring.piece", "version": 1, "name": "x"}', "is missing"),
            (b'{"a":' * 2000 + b"1" + b"}" * 2000, "is not|cannot|error|Fern Ring"),
        ):
            self.give_file(lambda: self.press("Open a file"), "odd.json", "application/json", data)
            expect(
                self.page.locator(".mantine-Notification-root").filter(has_text=re.compile(words)).first
            ).to_be_visible()
        expect(self.page).to_have_url(f"{self.server.address}/")
