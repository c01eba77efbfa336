"""A whole job by keyboard alone, and an accessibility scan of every screen."""

import re

import pypdfium2
from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase
from tests.outside.vision.shots import stone
from tests.server import ROOT

AXE = ROOT / "frontend" / "node_modules" / "axe-core" / "axe.min.js"
SIGNS = {
    "/": ".bench-stone canvas",
    "/begin": ".begin-stone canvas",
    "/kit": ".tool",
    "/shelf": ".pot",
    "/nowhere": "h1",
}
GRAVE = {"serious", "critical"}


class KeyboardTest(BrowserTestCase):
    def test_from_the_bench_to_a_changed_printed_piece(self) -> None:
        self.visit()
        expect(self.page.locator(".bench-piece").first).to_be_visible()
        keys = self.page.keyboard
        self.tab_to("New piece")
        keys.press("Enter")
        expect(self.page.get_by_label("Diameter", exact=True)).to_be_focused()
        keys.type("100")
        self.tab_to("Segments")
        keys.type("10")
        keys.press("Enter")
        expect(self.page.get_by_role("button", name="Begin this piece")).to_be_enabled()
        self.tab_to("Begin this piece")
        expect(self.page.locator(".begin-foot [role=status]")).to_contain_text("exactly at the border")
        keys.press("Enter")
        expect(self.row("C")).to_be_visible()
        rows = self.page.locator(".row-line").count()
        self.row("C").focus()
        keys.press("ArrowDown")
        expect(self.row("1")).to_be_focused()
        keys.press("Alt+ArrowDown")
        expect(self.row("2")).to_be_focused()
        keys.press("Delete")
        expect(self.page.locator(".row-line")).to_have_count(rows - 1)
        keys.press("Control+z")
        expect(self.page.locator(".row-line")).to_have_count(rows)
        keys.press("Control+z")
        expect(self.page.get_by_role("button", name="Nothing to undo")).to_be_disabled()
        keys.press("Control+y")
        expect(self.page.get_by_role("button", name="Undo: Move a row")).to_be_enabled()
        self.row("3").focus()
        keys.press("Enter")
        self.tab_to("Gap")
        keys.type("0.8")
        keys.press("Enter")
        self.assertEqual(self.document()["rows"][3]["gap"], 0.8)
        self.tab_to("Print")
        keys.press("Enter")
        self.tab_to("Download PDF")
        with self.page.expect_download() as waiting:
            keys.press("Enter")
        text = pypdfium2.PdfDocument(waiting.value.path())[0].get_textpage().get_text_range()
        self.assertIn("This bar must measure 100 mm", text)

    def test_a_petal_grown_fitted_and_undone(self) -> None:
        self.begin_piece("By keys")
        self.row("6").focus()
        keys = self.page.keyboard
        keys.press("Enter")
        before = self.summary().inner_text()
        self.tab_to("Add a petal")
        keys.press("Enter")
        expect(self.summary()).not_to_have_text(before)
        self.assertEqual(self.document()["rows"][6]["trims"][0]["kind"], "walk")
        self.tab_to("Layers")
        keys.type("2")
        keys.press("Enter")
        self.assertEqual(self.document()["rows"][6]["trims"][0]["layers"], 2)
        keys.press("Control+z")
        keys.press("Control+z")
        expect(self.summary()).to_have_text(before)
        self.assertEqual(self.document()["rows"][6]["trims"], [])

    def test_dividers_move_by_keys(self) -> None:
        self.open_piece()
        stone = self.page.locator(".pane-stone")
        before = stone.bounding_box()
        self.page.get_by_role("separator", name="Between stone and sheet").focus()
        for _ in range(3):
            self.page.keyboard.press("ArrowLeft")
        after = stone.bounding_box()
        assert before and after
        self.assertLess(after["width"], before["width"] - 50)


class AccessibilityTest(BrowserTestCase):
    def scan(self, where: str) -> None:
        """Every rule in the light look; in the dark one what another look can change."""
        self.expect_at_rest()
        self.page.evaluate(AXE.read_text(encoding="utf-8"))
        for look, rules in (("light", {}), ("dark", {"runOnly": ["color-contrast"]})):
            self.page.emulate_media(color_scheme=look, reduced_motion="reduce")  # type: ignore[arg-type]
            expect(self.page.locator("html")).to_have_attribute("data-mantine-color-scheme", look)
            found = self.page.evaluate(
                "(options) => axe.run(document, options)", {"resultTypes": ["violations"], **rules}
            )
            self.assertGreater(len(found["passes"]), 0)
            grave = [
                f"{v['id']}: {node['target']} {node['failureSummary']}"
                for v in found["violations"]
                if v["impact"] in GRAVE
                for node in v["nodes"]
            ]
            self.assertEqual(grave, [], f"{where}, {look}")

    def test_every_screen_in_both_looks(self) -> None:
        for path, sign in SIGNS.items():
            self.visit(path)
            expect(self.page.locator(sign).first).to_be_visible()
            self.scan(path)
        self.open_piece()
        self.pick("3")
        self.press("What fits here?")
        expect(self.page.locator(".fits table")).to_be_visible()
        self.scan("rows")
        self.press("What do my tools make?")
        expect(self.page.get_by_role("table", name="Dots in mm, by what was measured")).to_be_visible()
        self.fill("Dot size", "3.33")
        self.scan("sizes")
        for part in ("Blank", "Tools", "Colours"):
            self.part(part)
            expect(self.page.locator(".part-body h2").first).to_be_visible()
            if part == "Tools":
                expect(self.page.get_by_role("button", name="Make it with my tools")).to_be_visible()
            self.scan(part)
        for view in ("Mixing", "Map", "Palettes"):
            self.page.locator(".colours-views").get_by_text(view, exact=True).click()
            expect(self.page.locator(".part-body h2").first).to_be_visible()
            self.scan(view)
        self.page.get_by_role("link", name="History").click()
        expect(self.page.get_by_role("heading", name="History")).to_be_visible()
        self.scan("history")
        self.page.go_back()
        self.page.get_by_role("link", name="Steps", exact=True).click()
        self.page.locator(".work-step").last.click()
        expect(self.page.get_by_role("note")).to_be_visible()
        self.scan("steps")
        self.page.get_by_role("link", name="At the table").click()
        self.press("Begin the work")
        expect(self.page.get_by_role("button", name="Pause")).to_be_visible()
        self.scan("the table")
        self.press("Something happened")
        expect(self.page.get_by_role("button", name="Off centre")).to_be_visible()
        self.scan("what happened")
        self.press("Off centre")
        expect(self.page.get_by_role("button", name="Note it and go on")).to_be_visible()
        self.scan("a mishap")
        self.press("Note it and go on")
        self.page.go_back()
        self.page.go_back()
        self.page.get_by_role("link", name="Print").click()
        expect(self.page.locator(".print-turn")).to_contain_text("One page")
        self.scan("print")

    def test_trims_tracks_and_bare_areas_in_both_looks(self) -> None:
        self.begin_piece("Scanned trims")
        self.pick("6")
        for kind in ("petal", "top dot", "swipe"):
            self.press(f"Add a {kind}")
        expect(self.page.get_by_role("group", name=re.compile("^Trim 3:")).first).to_be_visible()
        self.scan("trims")
        self.pick("8")
        self.choose("Track", "into the gaps")
        expect(self.page.get_by_label("Fill with", exact=True)).to_be_visible()
        self.scan("gaps")
        self.part("Areas")
        self.press("A disc")
        expect(self.page.get_by_label("whole dots only").first).to_be_checked()
        self.scan("bare areas")

    def test_an_open_pot_and_an_open_tool(self) -> None:
        self.visit("/shelf")
        self.pot("Orbit blue").click()
        expect(self.page.get_by_label("Note on Orbit blue")).to_be_visible()
        self.scan("a pot")
        self.visit("/kit")
        self.tool("Ball 1.0").click()
        expect(self.page.locator(".foretold")).to_be_visible()
        self.scan("a tool")

    def test_verdicts_open(self) -> None:
        self.begin_piece("Scanned")
        self.pick("5")
        self.fill("From centre", "13.5")
        self.page.locator(".verdict-line").get_by_role("button", name="verdict").click()
        expect(self.page.locator(".verdict.serious").first).to_be_visible()
        self.press("Accept…")
        self.scan("verdicts")

    def test_screens_have_titles(self) -> None:
        self.visit("/kit")
        expect(self.page).to_have_title("Kit · Fern Ring")
        self.open_piece()
        expect(self.page).to_have_title(re.compile("Annular eclipse"))

    def test_photographs_in_both_looks(self) -> None:
        self.visit("/kit")
        expect(self.page.locator(".steady-words li").first).to_be_visible()
        self.scan("practice")
        self.press("New practice sheet…")
        expect(self.page.get_by_role("checkbox").first).to_be_visible()
        self.scan("a new practice sheet")
        self.begin_piece("Looked at")
        self.part("Blank")
        self.press("From a photograph…")
        self.give_file(lambda: self.press("Choose a photograph…"), "stone.jpg", "image/jpeg", stone(1001).jpeg)
        expect(self.page.locator(".photo-size")).to_be_visible()
        self.scan("a stone from a photograph")
