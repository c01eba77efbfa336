"""On paper and as files."""

import csv
import io
import json
import re

import pypdfium2
from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase


class PaperTest(BrowserTestCase):
    def print_room(self, name: str) -> None:
        self.open_piece(name)
        self.page.get_by_role("link", name="Print").click()
        expect(self.page.get_by_role("img", name="Guide on")).to_be_visible()

    def pages(self, data: bytes) -> list[str]:
        return [page.get_textpage().get_text_range() for page in pypdfium2.PdfDocument(data)]

    def test_a_guide_in_six_clicks_from_the_bench(self) -> None:
        self.visit()
        self.page.get_by_role("link", name="New piece").click()
        self.fill("Diameter", "75")
        self.press("Begin this piece")
        self.page.get_by_role("link", name="Print").click()
        data = self.download("Download the guide (PDF)")
        expect(self.page.get_by_text("it must be 100 mm")).to_be_visible()
        pages = self.pages(data)
        self.assertEqual(len(pages), 1)
        self.assertIn("75 mm round, 12 segments", pages[0])
        self.assertIn("Print at 100 %", pages[0])

    def test_a_large_canvas_is_tiled_on_both_papers(self) -> None:
        self.print_room("Perihelion canvas")
        for paper, name in (("A4", "A4"), ("US Letter", "Letter")):
            self.choose("Paper", paper)
            expect(self.page.locator("figcaption")).to_contain_text(f"4 pages of {name}, overlapping by 10 mm")
            pages = self.pages(self.download("Download the guide (PDF)"))
            self.assertEqual(len(pages), 4)
            self.assertIn("joins B1", pages[0])

    def test_what_is_shown_is_what_was_chosen(self) -> None:
        self.print_room("Annular eclipse")
        full = len(self.download("Download the guide (PDF)"))
        self.choose("Dots", "left out")
        for line in ("Spokes", "Border", "Guide circles"):
            self.page.get_by_label(line).uncheck()
        self.assertLess(len(self.download("Download the guide (PDF)")), full)

    def test_svg_png_and_csv(self) -> None:
        self.print_room("Annular eclipse")
        picture = self.download("Picture in real millimetres (SVG)").decode()
        self.assertIn('width="98mm"', picture)
        self.assertEqual(picture.count("<circle"), 554)
        self.assertTrue(self.download("Picture (PNG)").startswith(b"\x89PNG"))
        rows = list(csv.DictReader(io.StringIO(self.download("Rows as a table (CSV)").decode())))
        self.assertEqual([row["row"] for row in rows][:3], ["C", "1", "2"])

    def test_out_as_json_and_in_again_in_another_studio(self) -> None:
        self.print_room("Seven sisters")
        data = self.download("The piece, for any studio (JSON)")
        self.visit()
        files = [{"name": "seven.json", "mimeType": "application/json", "buffer": data}]
        self.page.get_by_label("Piece file").set_input_files(files)  # type: ignore[arg-type]
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
            files = [{"name": "odd.json", "mimeType": "application/json", "buffer": data}]
            self.page.get_by_label("Piece file").set_input_files(files)  # type: ignore[arg-type]
            expect(
                self.page.locator(".mantine-Notification-root").filter(has_text=re.compile(words)).first
            ).to_be_visible()
        expect(self.page).to_have_url(f"{self.server.address}/")
