"""How much to mix, of which pots: on a piece, after its paints were calibrated on the shelf."""

import re

from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase
from tests.outside.vision.pictures import encoded, halves

# Whether the channels of the stone's most colourful pixel lie so far apart: more than the least, less than the most.
COLOURFUL = """([least, most]) => {
  const canvas = document.querySelector(".stone canvas");
  const { data } = canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height);
  let found = 0;
  for (let k = 0; k < data.length; k += 16)
    found = Math.max(found, Math.max(data[k], data[k + 1], data[k + 2]) - Math.min(data[k], data[k + 1], data[k + 2]));
  return found > least && found < most;
}"""


class MixingTest(BrowserTestCase):
    def test_a_ramp_its_recipes_a_ladder_and_swabs_on_the_shelf(self) -> None:
        # 1. A piece with a ramp between two paints, of which three steps are painted.
        bare = self.ask("begin/piece")
        light, colour = "moonmilk", "orbit-blue"
        steps = [
            {
                "id": f"row-{k}",
                "track": {"kind": "ring"},
                "pattern": [{"id": "dot-1", "diameter": 4.0}],
                "count": {"kind": "absolute", "repeats": 12},
                "distance": {"kind": "walk", "walk": 10.0 * k},
                "shades": [{"kind": "ramp", "ramp": "sea", "step": k}],
            }
            for k in (1, 2, 3)
        ]
        ramp = {"id": "sea", "name": "Sea", "stops": [light, colour], "steps": 4}
        made = self.ask("pieces", {"piece": {**bare, "name": "Tide", "rows": steps, "ramps": [ramp]}})
        self.visit(f"/piece/{made['id']}")
        self.view("Mixing")
        table = self.page.get_by_role("table", name="Shades and how much of each")
        expect(table.get_by_role("row")).to_have_count(4)
        expect(table).to_contain_text("an estimate")
        ladder = self.page.get_by_role("region", name="Sea, mixed in one pot")
        expect(ladder.get_by_role("listitem")).to_have_count(3)
        expect(ladder).to_contain_text("drops of Orbit blue, stir, put aside")
        # 2. More margin, more drops.
        drops = table.get_by_role("row").nth(2).get_by_role("cell").nth(4)
        before = int(drops.inner_text())
        self.fill("Margin", "100")
        expect(drops).not_to_have_text(str(before))
        self.assertGreater(int(drops.inner_text()), before)
        self.page.get_by_role("link", name="Print", exact=True).click()
        self.press("Mixing card")
        expect(self.page.get_by_role("img", name="Page 1")).to_be_visible()
        # 3. Two swabs and what is left, on the shelf: recipes are calibrated, and one paint is short.
        self.visit("/shelf")
        self.pot("Heather dusk").click()
        for number, white in enumerate(("1", "4"), 1):
            self.press("Add a swab")
            field = self.page.get_by_label("Parts of white to one", exact=True).nth(number - 1)
            expect(field).to_have_value(white)
            self.page.get_by_label(f"Colour when dry, {white} of white", exact=True).fill(
                ("#b391b4", "#d3c2d2")[number - 1]
            )
        self.press("Close the pot")
        self.pot("Moonmilk").click()
        self.fill("Left, ml", "0.3")
        expect(self.page.get_by_role("button", name="Undo: Set “Left, ml”")).to_be_enabled()
        self.press("Close the pot")
        self.expect_saved()
        self.visit(f"/piece/{made['id']}")
        self.view("Mixing")
        expect(table).to_contain_text("by swabs")
        expect(self.page.get_by_text("Not enough: Moonmilk")).to_be_visible()
        # 4. A shade is mixed and kept as a pot, and used for the next.
        self.press("Mixed: keep Sea 2 as a pot")
        expect(table).to_contain_text("ml are left of Sea 2")
        (left,) = re.findall(r"[\d.]+ ml are left of Sea 2", table.inner_text())
        self.press("Use Sea 2")
        expect(table).not_to_contain_text(left)
        self.visit("/shelf")
        pots = self.page.get_by_role("region", name="Mixed shades")
        expect(pots).to_contain_text("today")
        expect(pots.get_by_role("row", name="Sea 2")).to_contain_text("Tide")
        self.press("Remove the pot Sea 2")
        expect(pots.get_by_text("Sea 2")).to_have_count(0)
        self.page.keyboard.press("Control+z")
        expect(pots.get_by_text("Sea 2", exact=True)).to_be_visible()

    def view(self, name: str) -> None:
        self.part("Colours")
        self.page.locator(".colours-views").get_by_text(name, exact=True).click()

    def test_a_map_of_the_colours_and_its_advice(self) -> None:
        self.open_piece("First quarter coaster")
        self.view("Map")
        advice = self.page.get_by_role("region", name="Advice on colours")
        pale = advice.get_by_role("listitem").filter(has_text="Pale on pale").first
        expect(pale).to_be_visible()
        # Marks point at their dots.
        rings = self.page.locator(".stone-place")
        self.page.get_by_role("group", name="Shades by how much of each is seen").get_by_role("button").first.click()
        expect(rings.first).to_be_visible()
        before = rings.count()
        bar = self.page.get_by_role("region", name="From centre to edge").locator("path.recharts-rectangle").first
        bar.click()
        expect(rings).not_to_have_count(before)
        # One click mends a finding, one takes it back; another is meant so.
        count = advice.get_by_role("listitem").count()
        pale.get_by_role("button", name="Use Frost silver").click()
        expect(advice.get_by_role("listitem")).not_to_have_count(count)
        self.undo()
        expect(advice.get_by_role("listitem")).to_have_count(count)
        pale.get_by_role("button", name="Accept…").click()
        self.page.get_by_label("Why it is meant so").fill("mist over the lake")
        self.page.get_by_role("button", name="Accept", exact=True).click()
        expect(advice).to_contain_text("Accepted: mist over the lake")
        self.undo()

    def test_a_palette_is_suggested_taken_and_undone(self) -> None:
        self.begin_piece("Other colours")
        self.view("Palettes")
        before = self.document()["paints"]
        self.page.get_by_role("group", name="Has to be in it").get_by_role("button", name="Dome brass").click()
        self.press("Suggest palettes")
        first = self.page.locator(".palette").first
        expect(first).to_contain_text("Dome brass")
        expect(self.page.locator(".palette")).to_have_count(6)
        self.page.get_by_role("button", name=re.compile("^Take (?!it)")).first.click()
        expect(self.page.get_by_role("button", name=re.compile("^Undo: Take a palette"))).to_be_enabled()
        after = self.document()["paints"]
        self.assertIn("dome-brass", [paint["id"] for paint in after])
        self.assertNotEqual(before, after)
        self.undo()
        self.assertEqual(self.document()["paints"], before)
        picture = encoded(halves((201, 150, 62), (42, 140, 143)), "PNG")
        ask = self.page.get_by_role("button", name="From the colours of a picture…").click
        self.give_file(ask, "lake.png", "image/png", picture)
        expect(self.page.get_by_text("The picture’s main colours:")).to_be_visible()
        expect(self.page.locator(".palette")).to_have_count(1)
        expect(self.page.locator(".palette")).to_contain_text("Tarn")

    def test_two_ways_of_seeing_side_by_side(self) -> None:
        self.open_piece("Swallow, masked")
        expect(self.page.locator(".stone")).to_have_count(1)
        self.choose("Beside it, seen", "values in grey")
        expect(self.page.locator(".stone")).to_have_count(2)
        expect(self.page.get_by_role("application", name=re.compile("values in grey"))).to_be_visible()
        self.choose("Seen", "from two metres")
        expect(self.page.locator(".stone-layers").first).to_have_css("filter", re.compile(r"blur\(\d"))
        self.choose("Beside it, seen", "nothing beside it")
        expect(self.page.locator(".stone")).to_have_count(1)

    def test_a_piece_is_seen_in_grey_and_by_a_colour_blind_eye(self) -> None:
        self.open_piece("Swallow, masked")
        self.page.wait_for_function(COLOURFUL, arg=[90, 256])
        self.choose("Seen", "values in grey")
        self.page.wait_for_function(COLOURFUL, arg=[0, 40])
        self.choose("Seen", "by a red-blind eye")
        self.page.wait_for_function(COLOURFUL, arg=[60, 256])
        self.assertEqual(self.document()["paints"][0]["id"], "rowan", "nothing of the piece has changed")
        self.choose("Seen", "dry, by daylight")
        self.page.wait_for_function(COLOURFUL, arg=[90, 256])
