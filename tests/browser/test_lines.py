"""Lines, ticks, shapes and crystals in the hand."""

import re
from typing import Any

from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase


class LinesTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Lines")

    def add(self, name: str) -> None:
        """One more row of this kind, under a wider border than the design leaves."""
        self.add_kind(name)
        expect(self.page.locator(".row-line.picked")).to_have_attribute("data-index", str(len(self.rows()) - 1))

    def rows(self) -> list[Any]:
        return list(self.document()["rows"])

    def make_room(self) -> None:
        self.part("Blank")
        self.fill("Diameter", "140")
        self.part("Rows")
        expect(self.summary()).to_contain_text("left at the edge")

    def test_a_line_of_the_pen_and_ticks(self) -> None:
        self.make_room()
        before = len(self.rows())
        self.add("A line of the pen round the centre")
        row = self.page.locator(".row-line.picked")
        expect(row).to_contain_text("line")
        for absent in ("Repeats", "Start", "Each place"):
            expect(self.page.get_by_label(absent, exact=True)).to_have_count(0)
        self.fill("Line width", "1.3")
        self.choose("Lies", "over the dots")
        made = self.rows()[-1]
        self.assertEqual((made["pattern"][0]["diameter"], made["laid"]), (1.3, "over"))
        self.add("Tick marks, found by halving")
        ticks = self.rows()[-1]["pattern"]
        self.assertEqual([one["form"] for one in ticks], ["stroke"] * 4)  # type: ignore[attr-defined]
        for _ in range(4):
            self.undo()
        self.assertEqual(len(self.rows()), before)

    def test_a_row_becomes_a_line_along_the_edge_and_dots_again(self) -> None:
        self.make_room()
        self.press("Add a row")
        self.choose("Dot is", "a line throughout")
        self.choose("Track", "along the edge")
        expect(self.page.locator(".row-line.picked")).to_contain_text("line")
        made = self.rows()[-1]
        self.assertEqual((made["pattern"][0]["form"], made["track"]["kind"]), ("line", "inset"))
        self.choose("Line is", "a dot")
        expect(self.page.get_by_label("Dot size", exact=True)).to_be_visible()
        self.choose("Dot is", "a line throughout")
        self.choose("Track", "into the gaps")
        expect(self.page.get_by_label("Dot size", exact=True)).to_be_visible()
        self.assertEqual(self.rows()[-1]["track"]["kind"], "gaps")

    def test_slanted_strokes_curls_and_crystals(self) -> None:
        self.pick("3")
        self.choose("Dot is", "a stroke")
        self.fill("Dot length", "3")
        self.fill("Dot slant", "40")
        self.assertEqual(self.rows()[3]["pattern"][0]["slant"], 40)
        for words, form in (("a curl", "curl"), ("a glued crystal", "crystal")):
            self.choose("Dot is", words)
            self.assertEqual(self.rows()[3]["pattern"][0]["form"], form)
        expect(self.page.get_by_label("Dot length", exact=True)).to_have_count(0)
        self.page.get_by_role("button", name=re.compile("^Shade: ")).click()
        self.page.get_by_role("button", name=re.compile("the base coat$")).click()
        self.assertEqual(self.rows()[3]["shades"], [{"kind": "base"}])

    def test_a_line_round_a_dot_and_its_petal(self) -> None:
        self.pick("6")
        self.press("Add a petal")
        self.press("Add a line round it")
        trim = self.page.get_by_role("group", name=re.compile(r"^Trim \d: line round it"))
        trim.get_by_label("Gap", exact=True).fill("0.1")
        trim.get_by_label("Gap", exact=True).press("Enter")
        made = self.rows()[6]["trims"]
        self.assertEqual([one["kind"] for one in made], ["walk", "outline"])  # type: ignore[attr-defined]
        self.assertEqual(made[1]["gap"], 0.1)
