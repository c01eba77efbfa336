"""Sizes by what was measured: chosen with their range, what follows for neighbours, and designs of other kits."""

import re
from typing import Any

from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase

PIXELS = """(() => {
  const canvas = document.querySelectorAll(".stone-layers")[1].querySelector("canvas");
  return canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height).data;
})()"""
OFF = """(one, other) => one.reduce((sum, value, k) => sum + Math.abs(value - other[k]), 0) / one.length"""
KEPT = f"""() => {{
  const was = window.kept;
  window.kept = {PIXELS};
  return was && was.length === window.kept.length && ({OFF})(was, window.kept) === 0 && window.kept.some((v) => v);
}}"""


class SizesTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Sizes")

    def ranges(self, document: dict[str, Any]) -> list[dict[str, Any]]:
        return [size for tool in document["tools"] for size in tool["ranges"]]

    def test_a_size_is_chosen_with_its_range_and_neighbours_that_may_touch_are_said(self) -> None:
        self.pick("3")
        before = self.document()
        self.press("What do my tools make?")
        table = self.page.get_by_role("table", name="Dots in mm, by what was measured")
        expect(table.get_by_role("row", name="Ball 3.0").get_by_text("its kind alone, a default")).to_be_visible()
        expect(table.get_by_role("row", name="Ball 2.0").get_by_text("measured just so")).to_be_visible()
        usual = table.get_by_role("row", name="Ball 3.0").get_by_role("cell").nth(1).inner_text()
        self.choose("Load", "full")
        table.get_by_role("button", name=re.compile("Use .* by Ball 3.0")).click()
        expect(table.get_by_role("row", name="Ball 3.0").get_by_text("as it is")).to_be_visible()
        chosen = self.document()
        (size,) = self.ranges(chosen)
        self.assertEqual((size["load"], size["measured"]), ("full", 0))
        self.assertGreater(size["diameter"], float(usual))
        member = chosen["rows"][3]["pattern"][0]
        self.assertEqual(member["diameter"], size["diameter"])
        made = self.page.get_by_label("Dot made with", exact=True).locator("option:checked")
        expect(made).to_have_text(f"Ball 3.0: {size['diameter']:g} ({size['low']:g} to {size['high']:g})")
        # Its neighbours stand close beside what nobody measured: that is said. A smaller tool has more room.
        self.choose("Distance", "as close as it closes")
        self.page.get_by_role("button", name=re.compile("verdict")).click()
        finding = self.page.locator(".verdict").filter(has_text="Row 3: neighbouring dots are meant")
        expect(finding).to_contain_text("about one pair in")
        expect(finding).to_contain_text("with Ball 3.0")
        table.get_by_role("button", name=re.compile("Use .* by Ball 2.0")).click()
        self.choose("Distance", "nested")
        expect(finding).to_have_count(0)
        self.assertEqual([size["measured"] > 0 for size in self.ranges(self.document())], [True])
        self.press("What do my tools make?")
        expect(table).to_have_count(0)
        self.undo()
        self.undo()
        self.undo()
        self.undo()
        self.assertEqual(self.document()["tools"], before["tools"])

    def test_a_top_dot_takes_what_a_tool_makes(self) -> None:
        """One that was a share of the dot below is a size of its own then."""
        self.pick("3")
        self.press("Add a top dot")
        trim = self.page.get_by_role("group", name=re.compile("^Trim 1:"))
        trim.get_by_role("button", name="Stack one more top dot").click()
        trim.get_by_role("button", name="What do my tools make?").click()
        self.choose("For", "Top dot 2")
        table = trim.get_by_role("table", name="Dots in mm, by what was measured")
        table.get_by_role("button", name=re.compile("Use .* by Ball 1.5")).click()
        expect(table.get_by_role("row", name="Ball 1.5").get_by_text("as it is")).to_be_visible()
        document = self.document()
        (size,) = self.ranges(document)
        first, second = document["rows"][3]["trims"][0]["sizes"]
        self.assertEqual((second["diameter"], second["share"]), (size["diameter"], None))
        self.assertNotEqual(first["diameter"], second["diameter"])
        self.undo()
        self.assertEqual(self.document()["rows"][3]["trims"][0]["sizes"][1]["share"], 0.5)
        self.assertEqual(self.ranges(self.document()), [])

    def test_a_design_of_another_kit_is_held_against_mine(self) -> None:
        self.pick("3")
        self.fill("Dot size", "3.33")
        self.part("Tools")
        section = self.page.get_by_role("region", name="Sizes that my tools do not make")
        expect(section.get_by_role("row", name=re.compile("3.33"))).to_contain_text("row 3")
        expect(section.get_by_role("row", name=re.compile("3.33"))).to_contain_text("Ball 3.0: 3.5")
        expect(section.get_by_role("status")).to_contain_text("With these")
        self.press("Make it with my tools")
        expect(section).to_have_count(0)
        self.assertEqual(self.document()["rows"][3]["pattern"][0]["diameter"], 3.5)
        self.undo()
        self.assertEqual(self.document()["rows"][3]["pattern"][0]["diameter"], 3.33)

    def test_the_piece_is_seen_as_the_practised_hand_sets_it(self) -> None:
        """Dots lie elsewhere, and again where they were; nothing of the piece changes."""
        self.choose("Beside it, seen", "dry, by daylight")
        expect(self.page.locator(".stone")).to_have_count(2)
        self.page.wait_for_function(KEPT)
        before = self.document()
        self.choose("Beside it, seen", "as my hand sets it")
        self.page.wait_for_function(f"() => ({OFF})({PIXELS}, window.kept) > 1")
        self.choose("Beside it, seen", "dry, by daylight")
        self.page.wait_for_function(f"() => ({OFF})({PIXELS}, window.kept) < 0.2")
        self.assertEqual(self.document(), before)
