"""Motifs in the hand: added where room is, placed, resized, mirrored, edited row by row, removed."""

import re

from playwright.sync_api import Locator, expect

from tests.browser.studio import BrowserTestCase


class MotifTest(BrowserTestCase):
    def setUp(self) -> None:
        """An oval with a mandala, and a motif in its ends."""
        super().setUp()
        self.begin_piece("Two ends")
        self.part("Blank")
        self.choose_oval("160", "90")
        self.part("Rows")
        self.add_kind("A motif with a centre of its own")
        self.heading = self.page.get_by_role("button", name=re.compile("^Motif 1, at"))
        expect(self.heading).to_have_text("Motif 1, at 2 places")

    def fields(self) -> Locator:
        """The fields of the motif, opened."""
        if self.heading.get_attribute("aria-expanded") == "false":
            self.heading.click()
        return self.page.get_by_role("group", name="Edit the motif Motif 1")

    def fill_motif(self, label: str, text: str) -> None:
        field = self.fields().get_by_label(label, exact=True).first
        field.fill(text)
        field.press("Enter")

    def test_in_both_ends_and_undone_in_one(self) -> None:
        expect(self.row("aC")).to_have_attribute("aria-expanded", "true")
        document = self.document()
        places = document["motifs"][0]["places"]
        self.assertEqual((places["kind"], places["count"], places["first"] % 180), ("around", 2, 90))
        self.assertGreaterEqual(sum(row["motif"] == "motif-1" for row in document["rows"]), 3)
        expect(self.page.get_by_role("group", name="The spoke of the motif, from its centre")).to_be_visible()
        self.pick("1")
        expect(self.page.get_by_role("group", name="The spoke, from the centre to the edge")).to_be_visible()
        self.undo()
        expect(self.heading).to_have_count(0)
        self.assertEqual(self.document()["motifs"], [])

    def test_moved_turned_mirrored_and_one_more_place(self) -> None:
        self.fields()
        self.choose("Stands", "at places of its own")
        expect(self.fields().get_by_role("group", name="Place 2")).to_be_visible()
        second = self.fields().get_by_role("group", name="Place 2")
        for label, text in (("Below the centre", "6"), ("Turned by", "30")):
            second.get_by_label(label, exact=True).fill(text)
            second.get_by_label(label, exact=True).press("Enter")
        second.get_by_label("mirrored").check()
        spots = self.document()["motifs"][0]["places"]["spots"]
        self.assertEqual((spots[1]["y"], spots[1]["turn"], spots[1]["mirrored"]), (6, 30, True))
        self.fields().get_by_role("button", name="Remove place 1").click()
        expect(self.heading).to_have_text("Motif 1, at 1 place")
        self.fields().get_by_role("button", name="One more place, mirrored across").click()
        expect(self.heading).to_have_text("Motif 1, at 2 places")
        spots = self.document()["motifs"][0]["places"]["spots"]
        self.assertEqual((spots[0]["x"], spots[1]["mirrored"]), (-spots[1]["x"], False))

    def test_another_width_refits_it_with_dots_of_the_kit(self) -> None:
        self.fill_motif("As wide as", "12")
        expect(self.page.get_by_role("button", name="Undo: Refit the motif")).to_be_enabled()
        document = self.document()
        made = {dot for tool in document["tools"] for dot in tool["dots"]}
        sizes = [member["diameter"] for row in document["rows"] if row["motif"] for member in row["pattern"]]
        self.assertLess(max(sizes), 6)
        self.assertLessEqual(set(sizes), made)
        self.fill_motif("As wide as", "1")
        expect(self.page.get_by_text(re.compile("The motif cannot be made 1 mm wide"))).to_be_visible()
        self.assertEqual(self.document(), document)

    def test_a_row_below_joins_it_and_a_row_changes_its_centre(self) -> None:
        self.pick("a1")
        self.page.get_by_role("button", name="Add a row below row a1").click()
        expect(self.row("a2")).to_have_attribute("aria-expanded", "true")
        tracks = self.page.get_by_label("Track", exact=True).locator("option").all_text_contents()
        self.assertEqual(tracks, ["round the centre", "curves between circles", "a spiral"])
        rows = self.document()["rows"]
        self.assertEqual(rows[-2 if rows[-1]["motif"] is None else -1]["motif"], "motif-1")
        self.choose("Stands round", "the piece's centre")
        expect(self.page.locator(".row-half").last).to_contain_text("Motif 1, at 2 places")
        self.assertIn(
            "Choose the centre", self.page.get_by_role("button", name="Undo: ").get_attribute("aria-label") or ""
        )

    def test_removed_with_its_rows(self) -> None:
        before = [row["id"] for row in self.document()["rows"] if row["motif"] is None]
        self.fields().get_by_role("button", name="Remove the motif Motif 1").click()
        expect(self.heading).to_have_count(0)
        document = self.document()
        self.assertEqual(([row["id"] for row in document["rows"]], document["motifs"]), (before, []))
