"""Kit and shelf, and taking them over into a piece."""

import re
from pathlib import Path

from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase
from tests.outside.vision.pictures import HEIC, encoded, swab


class StockTest(BrowserTestCase):
    def test_a_tool_is_added_measured_and_undone(self) -> None:
        self.visit("/kit")
        lines = self.page.locator(".tool")
        expect(lines.first).to_be_visible()
        count = lines.count()
        self.press("Add a tool")
        expect(lines).to_have_count(count + 1)
        self.fill("Name of New tool", "Hazel twig")
        self.choose("Kind of Hazel twig", "household")
        self.fill("Dot 1 of Hazel twig", "5.2")
        self.press("Measure one more dot of Hazel twig")
        expect(self.page.get_by_label("Dot 2 of Hazel twig", exact=True)).to_have_value("5.5")
        self.fill("Tip of Hazel twig", "900")
        expect(self.page.get_by_role("alert")).to_contain_text("between 0.2 mm and 60 mm (given: 900)")
        self.page.get_by_label("Tip of Hazel twig").press("Escape")
        self.press("Remove Hazel twig")
        expect(lines).to_have_count(count)
        self.page.keyboard.press("Control+z")
        expect(self.tool("Hazel twig")).to_contain_text("5.2, 5.5 mm")

    def test_a_practice_row_gives_what_one_load_makes(self) -> None:
        """Five dots from 5.2 down to 3.4 mm: each is the fourth root of 3.4/5.2 of the one before."""
        self.visit("/kit")
        self.press("Add a tool")
        self.fill("Name of New tool", "Alder twig")
        self.fill("Dot 1 of Alder twig", "5.2")
        self.press("Measure a load of Alder twig")
        self.fill("Dots from one load of Alder twig", "5")
        self.fill("Last dot of a load of Alder twig", "3.4")
        walk = self.page.get_by_label("All dots of one load in order, mm")
        walk.fill("5.2 5.6")
        walk.press("Enter")
        expect(self.page.get_by_text("a load gives smaller and smaller ones")).to_be_visible()
        walk.fill("5.2 4.16 3.328")
        walk.press("Enter")
        expect(self.page.get_by_text("By 3 dots the smallest is 3.33 mm.")).to_be_visible()
        expect(self.page.get_by_label("Last dot of a load of Alder twig")).to_have_value("3.33")
        self.fill("Dots from one load of Alder twig", "5")
        self.fill("Last dot of a load of Alder twig", "3.4")
        self.fill("Dots from one load of Alder twig", "90")
        expect(self.page.get_by_role("alert")).to_contain_text("between 2 and 60 (given: 90)")
        self.page.get_by_label("Dots from one load of Alder twig").press("Escape")
        self.expect_saved()
        self.page.reload()
        self.tool("Alder twig").click()
        expect(self.page.get_by_label("Last dot of a load of Alder twig")).to_have_value("3.4")
        ident = self.page.request.get(f"{self.server.address}/api/studio").json()["kit"]
        kit = self.page.request.get(f"{self.server.address}/api/documents/{ident}").json()["document"]
        load = next(tool["load"] for tool in kit["tools"] if tool["name"] == "Alder twig")
        self.assertEqual(load["dots"], 5)
        self.assertAlmostEqual(load["ratio"], (3.4 / 5.2) ** 0.25, places=3)

    def test_a_paint_is_added_and_coloured(self) -> None:
        self.visit("/shelf")
        self.press("Add a paint")
        self.fill("New paint, name", "Kestrel")
        colour = self.page.get_by_label("Kestrel, colour")
        colour.fill("#a0623b")
        colour.blur()
        self.choose("Finish", "metallic")
        self.choose("Cover", "see-through")
        self.fill("Left, ml", "12.5")
        self.fill("Left, ml", "9000")
        expect(self.page.get_by_role("alert")).to_contain_text("between 0 and 5000 (given: 9000)")
        self.page.get_by_label("Left, ml", exact=True).press("Escape")
        self.page.keyboard.press("Escape")
        self.expect_saved()
        self.page.reload()
        pot = self.pot("Kestrel")
        expect(pot).to_contain_text("medium, metallic, see-through")
        expect(pot).to_contain_text("12.5 ml")
        pot.click()
        expect(self.page.get_by_label("Kestrel, colour")).to_have_value("#a0623b")
        expect(self.page.get_by_label("Finish", exact=True)).to_have_value("metallic")
        self.press("Remove Kestrel")
        expect(pot).to_have_count(0)
        self.page.keyboard.press("Control+z")
        expect(pot).to_be_visible()

    def test_a_colour_comes_from_a_photograph_beside_white(self) -> None:
        self.visit("/shelf")
        self.pot("Rowan berry").click()
        expect(self.page.get_by_role("region", name="Pieces with Rowan berry")).to_contain_text("Swallow, masked")
        picture = encoded(swab("#8d5a8f", (0.8, 0.62, 0.4)), "JPEG", quality=95)
        take = self.page.get_by_role("button", name="Take it from a photograph…").click
        self.give_file(take, "swab.jpg", "image/jpeg", picture)
        self.page.locator(".photo-picture img").click(trial=True)  # drawn, and standing still
        box = self.page.locator(".photo-picture").bounding_box()
        assert box
        self.press("The paint")
        self.page.mouse.click(box["x"] + box["width"] * 0.2, box["y"] + box["height"] * 0.4)
        self.press("White paper")
        self.page.mouse.click(box["x"] + box["width"] * 0.8, box["y"] + box["height"] * 0.6)
        mark = self.page.get_by_role("button", name="White paper, at 80 % across and 60 % down")
        mark.press("ArrowRight")
        expect(self.page.get_by_role("button", name="White paper, at 81 % across and 60 % down")).to_be_visible()
        self.press("Read the colour")
        found = self.page.locator(".photo-found")
        expect(found).to_contain_text("#")
        colour = found.inner_text().split()[0]
        apart = [abs(int(colour[k : k + 2], 16) - int("#8d5a8f"[k : k + 2], 16)) for k in (1, 3, 5)]
        self.assertLess(max(apart), 9, colour)
        self.press("Take this colour")
        expect(self.page.get_by_label("Rowan berry, colour")).to_have_value(colour)
        self.give_file(take, "swab.heic", "image/heic", HEIC)  # a kind that this browser does not show
        self.page.wait_for_function("() => document.querySelector('.photo-picture img')?.naturalWidth === 64")
        self.press("Close the photograph")
        self.give_file(take, "torn.png", "image/png", b"no picture")
        self.press("Read the colour")
        expect(self.page.get_by_text("not a picture of a kind that can be read")).to_be_visible()
        self.press("Close the photograph")
        self.press("Close the pot")
        self.undo()

    def test_the_kit_is_kept_as_a_file_and_added_to_from_one(self) -> None:
        self.visit("/kit")
        lines = self.page.locator(".tool")
        expect(lines.first).to_be_visible()
        count = lines.count()
        kept, table = (self.saved_as(item) for item in ("A kit file, with everything", "A table"))
        self.assertIn(b"Ball 2.0,ball stylus,2,2.6 3", table)
        lines.first.click()
        self.page.get_by_role("button", name="Remove ").first.click()
        expect(lines).to_have_count(count - 1)
        add = self.page.get_by_role("button", name="Add from a file…").click
        self.give_file(add, "kit.json", "application/json", kept)
        expect(self.page.get_by_text("1 added from kit.json.")).to_be_visible()
        expect(lines).to_have_count(count)
        self.give_file(add, "again.json", "application/json", kept)
        expect(self.page.get_by_text("again.json holds nothing that is not here.")).to_be_visible()
        self.give_file(add, "torn.json", "application/json", b"{")
        expect(self.page.get_by_text("not readable JSON")).to_be_visible()
        self.page.keyboard.press("Control+z")
        expect(lines).to_have_count(count - 1)
        self.give_file(add, "more.csv", "text/csv", b"name,dots,tip\nHeron,2.5 3.1,2\n")
        expect(self.tool("Heron")).to_contain_text("2.5, 3.1 mm")

    def saved_as(self, item: str) -> bytes:
        self.press("Save as…")
        with self.page.expect_download() as waiting:
            self.page.get_by_role("menuitem", name=item).click()
        return Path(waiting.value.path()).read_bytes()

    def test_measured_dots_foretell_the_next(self) -> None:
        self.visit("/kit")
        self.tool("Ball 1.0").click()
        told = self.page.locator(".foretold")
        expect(told).to_contain_text("by its kind alone, a default")
        before = told.inner_text()
        field = self.page.get_by_label("Diameters that came out, mm")
        field.fill("1.7 1.8 99")
        field.press("Enter")
        expect(self.page.locator(".measured [role=alert]")).to_contain_text("between 0.2 mm and 60 mm (given: 99)")
        field.fill("1.7 1.8 1,75")
        field.press("Enter")
        expect(told).to_contain_text("by 3 dots measured just so")
        self.assertNotEqual(told.inner_text(), before)
        expect(self.tool("Ball 1.0")).to_contain_text("3 dots measured")
        field.fill("17")
        field.press("Enter")
        expect(told).to_contain_text("17 mm does not fit the other dots: it is kept, and counted little.")
        self.page.get_by_role("button", name=re.compile("Take back what was measured .*: 17$")).click()
        expect(told).not_to_contain_text("does not fit")
        self.choose("Paint", "fluid")
        expect(told).to_contain_text("by 3 dots measured otherwise")
        self.choose("Paint", "medium")
        expect(told).to_contain_text("by 3 dots measured just so")
        dot = told.locator("strong").inner_text().removesuffix(" mm")
        self.press("Take it as a dot of this tool")
        expect(self.page.get_by_label("Dot 3 of Ball 1.0", exact=True)).to_have_value(dot)
        self.page.get_by_role("button", name="Take back what was measured").click()
        expect(told).to_contain_text("by its kind alone, a default")
        self.press("Close the tool")
        self.undo()
        expect(self.tool("Ball 1.0")).to_contain_text("1.5, 1.7 mm")

    def test_which_of_my_tools_is_that(self) -> None:
        self.visit("/kit")
        self.press("Which of my tools is that?")
        self.page.get_by_label("Sizes", exact=True).fill("A 2 mm dotter, then 3/16 in, then 0.4")
        self.press("Find the nearest")
        table = self.page.get_by_role("table", name="The nearest tools")
        expect(table.get_by_role("row")).to_have_count(4)
        expect(table.get_by_role("row").nth(1)).to_contain_text("Ball 1.5, 2 mm")
        expect(table.get_by_role("row").nth(2)).to_contain_text("Rod 4, 4.6 mm")
        expect(table.get_by_role("row").nth(3)).to_contain_text("where its gaps are more than 0.7 mm")
        table.get_by_role("button", name="Rod 4").click()
        expect(self.page.get_by_label("Name of Rod 4")).to_be_visible()

    def test_a_palette_comes_to_the_shelf_and_goes_out_as_a_table(self) -> None:
        self.visit("/shelf")
        expect(self.page.get_by_role("button", name="Save as…")).to_be_enabled()
        add = self.page.get_by_role("button", name="Add from a file…").click
        self.give_file(add, "dusk.csv", "text/csv", b"name,colour\nHeron,#6f7f8f\nBad,grey\n")
        expect(self.page.get_by_text("line 3: “grey” is no colour like")).to_be_visible()
        self.give_file(add, "dusk.txt", "text/plain", b"#6f7f8f Heron\n#40342c Bark\n")
        expect(self.page.get_by_text("2 added from dusk.txt.")).to_be_visible()
        expect(self.pot("Heron")).to_be_visible()
        for item, line in (("A table", "Bark,#40342c,medium,matte"), ("A text palette", "64  52  44\tBark")):
            self.assertIn(line, self.saved_as(item).decode())
        self.undo()
        expect(self.pot("Heron")).to_have_count(0)

    def test_new_sizes_are_taken_over_only_when_asked(self) -> None:
        self.begin_piece("Copies")
        self.visit("/kit")
        self.tool("Rod 10").click()
        self.fill("Dot 1 of Rod 10", "11.4")
        self.expect_saved()
        self.visit()
        self.page.get_by_role("link", name="Open Copies", exact=True).first.click()
        self.part("Tools")
        expect(self.page.get_by_text("The kit was measured anew: Rod 10.")).to_be_visible()
        sizes = {tool["id"]: tool["dots"] for tool in self.document()["tools"]}
        self.assertEqual(sizes["rod-10"], [11])
        self.press("Take over the new sizes")
        expect(self.page.get_by_text("The kit was measured anew")).to_have_count(0)
        sizes = {tool["id"]: tool["dots"] for tool in self.document()["tools"]}
        self.assertEqual(sizes["rod-10"], [11.4])
        self.undo()
        expect(self.page.get_by_text("The kit was measured anew: Rod 10.")).to_be_visible()


class StartersTest(BrowserTestCase):
    def test_an_empty_studio_begins_with_sets(self) -> None:
        """Nothing in the kit, nothing on the shelf: two clicks later a first design is drawn."""
        for kind, part in (("kit", "tools"), ("shelf", "paints")):
            state = self.ask(f"documents/{self.ask('studio')[kind]}")
            edit = {"id": "ab"[part == "paints"] * 32, "branch": state["branch"], "label": "Empty",
                    "based_on": state["head"], "document": {**state["document"], part: []}}  # fmt: skip
            self.ask(f"documents/{state['id']}/edits", edit)
        self.visit("/begin")
        expect(self.page.locator(".starter")).to_have_count(3)
        self.press("Take what is in the house")
        expect(self.page.locator(".starter")).to_have_count(1)
        self.press("Take twelve paints")
        expect(self.page.locator(".begin-foot [role=status]")).to_contain_text("dots.")
        self.visit("/kit")
        expect(self.tool("Toothpick")).to_contain_text("typical of its kind")
        self.page.keyboard.press("Control+z")
        expect(self.page.locator(".starter")).to_have_count(2)
