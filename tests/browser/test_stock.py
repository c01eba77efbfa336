"""Kit and shelf, and taking them over into a piece."""

from pathlib import Path

from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase


class StockTest(BrowserTestCase):
    def test_a_tool_is_added_measured_and_undone(self) -> None:
        self.visit("/kit")
        lines = self.page.locator("table.stock tbody tr")
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
        expect(self.page.get_by_label("Name of Hazel twig")).to_be_visible()

    def test_a_practice_row_gives_what_one_load_makes(self) -> None:
        """Five dots from 5.2 down to 3.4 mm: each is the fourth root of 3.4/5.2 of the one before."""
        self.visit("/kit")
        self.press("Add a tool")
        self.fill("Name of New tool", "Alder twig")
        self.fill("Dot 1 of Alder twig", "5.2")
        self.press("Measure a load of Alder twig")
        self.fill("Dots from one load of Alder twig", "5")
        self.fill("Last dot of a load of Alder twig", "3.4")
        self.fill("Dots from one load of Alder twig", "90")
        expect(self.page.get_by_role("alert")).to_contain_text("between 2 and 60 (given: 90)")
        self.page.get_by_label("Dots from one load of Alder twig").press("Escape")
        self.expect_saved()
        self.page.reload()
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
        self.choose("Finish of Kestrel", "metallic")
        self.expect_saved()
        self.page.reload()
        expect(self.page.get_by_label("Kestrel, colour")).to_have_value("#a0623b")
        expect(self.page.get_by_label("Finish of Kestrel")).to_have_value("metallic")

    def test_the_kit_is_kept_as_a_file_and_added_to_from_one(self) -> None:
        self.visit("/kit")
        lines = self.page.locator("table.stock tbody tr")
        expect(lines.first).to_be_visible()
        count = lines.count()
        with self.page.expect_download() as waiting:
            self.press("Save as a file")
        self.assertEqual(waiting.value.suggested_filename, "kit.json")
        kept = Path(waiting.value.path()).read_bytes()
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

    def test_new_sizes_are_taken_over_only_when_asked(self) -> None:
        self.begin_piece("Copies")
        self.visit("/kit")
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
        expect(self.page.get_by_label("Sizes of Toothpick")).to_have_value("typical")
        self.page.keyboard.press("Control+z")
        expect(self.page.locator(".starter")).to_have_count(2)
