"""Putting blanks in: by every measure people take, on the stone itself."""

import re
from collections.abc import Callable
from typing import Any

from playwright.sync_api import Route, expect

from tests.browser.studio import BrowserTestCase

STONE = (
    '<svg xmlns="http://www.w3.org/2000/svg" width="110mm" height="90mm" viewBox="0 0 110 90">'
    '<path d="M10 45 C 5 10 60 0 85 12 C 112 25 108 70 80 80 C 50 92 14 80 10 45 Z"/></svg>'
)


class BlankTest(BrowserTestCase):
    def begun(self, name: str) -> None:
        self.begin_piece(name)
        self.part("Blank")
        expect(self.page.get_by_role("img", name="The blank seen from the side")).to_be_visible()

    def words(self) -> Any:
        return self.page.locator(".parts-words")

    def test_a_tile_with_eight_spokes_by_midlines_and_diagonals(self) -> None:
        self.begun("Tile")
        self.choose("Outline", "square")
        self.fill("Side", "108")
        expect(self.words()).to_contain_text("108 mm square")
        self.choose("Spokes drawn", "none")
        self.page.get_by_label("midlines").check()
        self.page.get_by_label("diagonals").check()
        expect(self.page.locator(".guide-midline, .guide-diagonal")).to_have_count(4)
        self.fill("Parts of each edge", "5")
        expect(self.page.locator(".guide-edge-mark")).to_have_count(24)
        document = self.document()
        self.assertEqual(document["blank"]["outline"]["side"], 108)

    def test_a_domed_stone_by_tape(self) -> None:
        self.begun("Domed")
        self.choose("Relief", "domed, by a tape over it")
        self.fill("Tape from edge to edge", "104")
        expect(self.page.locator(".side-view figcaption")).to_contain_text("52 mm from the centre to the edge")
        self.fill("Tape from edge to edge", "300")
        words = "measures between 90 mm (flat) and 141.4 mm"
        expect(self.page.get_by_role("alert").filter(has_text=words)).to_be_visible()
        self.assertEqual(self.document()["blank"]["relief"], {"kind": "taped dome", "tape": 104})
        table = self.page.get_by_role("table", name="Rings calculated flat and in truth")
        expect(table.locator("tbody tr").last.locator("td").last).to_have_text(re.compile(r"\d"))

    def test_a_ball_by_circumference_rolled_by_pointer_and_keys(self) -> None:
        self.begun("Ball")
        self.choose("Relief", "ball")
        self.fill("Circumference", "220")
        expect(self.words()).to_contain_text("70.03 mm ball")
        self.part("Rows")
        stone = self.page.locator(".stone")
        self.pick("1")
        marks = self.page.locator(".stone-picked .over")
        expect(marks.first).to_be_visible()
        self.press("Back")
        expect(marks).to_have_count(0)
        self.press("As it hangs")
        expect(marks.first).to_have_attribute("transform", re.compile(r"^translate\(0 "))  # rolled to its end
        box = stone.bounding_box()
        assert box
        x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
        before = marks.first.get_attribute("transform")
        self.page.mouse.move(x, y)
        self.page.mouse.down()
        self.page.mouse.move(x + 90, y + 20, steps=4)
        self.page.mouse.up()
        expect(marks.first).not_to_have_attribute("transform", before or "")
        stone.focus()
        for _ in range(14):
            self.page.keyboard.press("ArrowRight")
        self.page.keyboard.press("0")
        expect(marks.first).to_have_attribute("transform", before or "")
        self.choose("Half", "back")
        self.assertEqual(self.document()["rows"][1]["half"], "back")

    def egg_with_a_late_answer(self, name: str) -> Callable[[], None]:
        """An egg whose new length is still being asked about; what is answered lets the answer come."""
        self.begun(name)
        self.choose("Relief", "egg")
        expect(self.page.get_by_label("Widest at")).to_be_visible()
        held: list[Route] = []
        self.page.route("**/api/blank", lambda route: held.append(route) if not held else route.continue_())
        with self.page.expect_request("**/api/blank"):
            self.fill("Pole to pole", "84")

        def answer() -> None:
            held[0].continue_()
            expect(self.words()).to_contain_text("84 mm × 90 mm egg")

        return answer

    def test_what_is_being_typed_is_not_overwritten_by_a_late_answer(self) -> None:
        answer = self.egg_with_a_late_answer("Slow egg")
        field = self.page.get_by_label("Widest at", exact=True)
        field.fill("33")
        answer()
        expect(field).to_have_value("33")
        field.press("Enter")
        expect(field).to_have_value("33")
        self.assertEqual(self.document()["blank"]["relief"]["widest"], 33)

    def test_two_measures_entered_before_the_first_is_answered_are_both_kept(self) -> None:
        answer = self.egg_with_a_late_answer("Quick egg")
        self.fill("Widest at", "36")
        answer()
        expect(self.page.get_by_label("Widest at", exact=True)).to_have_value("36")
        relief = self.document()["blank"]["relief"]
        self.assertEqual((relief["length"], relief["widest"]), (84, 36))

    def test_a_late_answer_leaves_the_entered_field_ready_to_be_typed_over(self) -> None:
        answer = self.egg_with_a_late_answer("Slower egg")
        field = self.page.get_by_label("Widest at", exact=True)
        field.focus()
        answer()
        expect(field).to_have_value("37.33")
        self.page.keyboard.type("33")
        expect(field).to_have_value("33")

    def test_an_egg(self) -> None:
        self.begun("Egg")
        self.choose("Relief", "egg")
        self.fill("Diameter", "60")
        self.fill("Pole to pole", "84")
        self.fill("Widest at", "80")
        refusal = self.page.get_by_role("alert").filter(has_text="between a fifth and four fifths of its length")
        expect(refusal).to_be_visible()
        self.fill("Widest at", "36")
        expect(self.words()).to_contain_text("84 mm × 60 mm egg")
        relief = self.document()["blank"]["relief"]
        self.assertEqual((relief["length"], relief["widest"]), (84, 36))

    def test_an_oval_with_its_circle_and_a_copied_border(self) -> None:
        self.begun("Oval")
        self.choose_oval("140", "90")
        self.fill("Boundary circle across", "82.5")
        expect(self.page.locator(".guide-boundary")).to_have_count(1)
        expect(self.page.locator(".guide-end")).to_have_count(2)
        self.choose("Border line", "a reduced copy")
        expect(self.page.get_by_role("region", name="Border")).to_contain_text("10.5 mm")
        self.assertEqual(self.document()["blank"]["reduced"], 15)
        self.undo()
        expect(self.page.get_by_label("Border kept clear")).to_be_visible()

    def test_an_odd_stone_by_file_and_its_centre_by_hand(self) -> None:
        self.begun("Odd")
        self.give_file(lambda: self.choose("Outline", "odd, from a file"), "stone.svg", "image/svg+xml", STONE.encode())
        expect(self.words()).to_contain_text("odd outline")
        centre = self.page.get_by_role("region", name="Centre")
        centre.get_by_label("centre of the largest circle inside").click()
        expect(centre.get_by_label("centre of the largest circle inside")).to_be_checked()
        self.assertEqual(self.document()["blank"]["centre"], {"kind": "inscribed"})
        self.choose("How it lies", "longest axis upright")
        centre.get_by_label("set by hand").click()
        expect(self.page.get_by_label("Centre, right")).to_be_visible()
        before = self.document()["blank"]["centre"]
        box = self.page.locator(".stone").bounding_box()
        assert box
        self.page.mouse.click(box["x"] + box["width"] / 2 + 20, box["y"] + box["height"] / 2)
        expect(self.page.get_by_role("button", name="Undo: Set the centre")).to_be_enabled()
        self.assertNotEqual(self.document()["blank"]["centre"], before)
        self.choose("How it lies", "axis of symmetry upright")
        expect(self.page.get_by_role("alert").filter(has_text="mirrors about no axis")).to_be_visible()

    def test_an_odd_stone_by_ruler(self) -> None:
        self.begun("Ruled")
        self.choose("Outline", "odd, by ruler")
        field = "Distances from the centre, clockwise from the top"
        self.fill(field, "40 42 45")
        expect(self.page.get_by_role("alert").filter(has_text="Give 6 to 72 distances")).to_be_visible()
        self.fill(field, "40 42 45 41 38 37 39 44")
        expect(self.words()).to_contain_text("odd outline by ruler")
        self.assertEqual(len(self.document()["blank"]["outline"]["distances"]), 8)

    def test_the_measures_are_typed_on_the_stone_and_rows_that_no_longer_fit_are_told(self) -> None:
        self.begun("Shrunk")
        rows = len(self.document()["rows"])
        field = self.page.locator(".dimension-field").get_by_label("Diameter")
        field.fill("60")
        field.press("Enter")
        expect(self.summary()).to_contain_text("serious")
        self.assertEqual(len(self.document()["rows"]), rows)
        self.undo()
        expect(self.summary()).to_contain_text("All clear")

    def test_the_marker_that_suits_and_a_guide_that_would_show(self) -> None:
        self.begun("Marked")
        marker = self.page.get_by_role("region", name="Marker")
        expect(marker).to_contain_text("dark base paint")
        marker.get_by_label("soft pencil").check()
        self.page.locator(".verdict-line").get_by_role("button", name="verdict").click()
        expect(self.page.locator(".verdict", has_text="does not come off this surface")).to_be_visible()
        self.press("Draw with a chalk pencil")
        expect(self.summary()).to_contain_text("All clear")

    def test_a_row_snaps_to_a_guide_circle(self) -> None:
        self.begun("Snapped")
        self.fill("First circle at", "20")
        expect(self.page.locator(".guide-circle")).not_to_have_count(0)
        self.part("Rows")
        self.pick("5")
        self.choose("Distance", "on circle 2 (30)")
        self.assertEqual(self.document()["rows"][5]["distance"], {"kind": "guide", "circle": "step-2"})


class NewBlankTest(BrowserTestCase):
    def test_a_new_piece_on_an_egg_and_on_a_heart(self) -> None:
        for name, relief in (("Egg", "egg"), ("Heart", "flat")):
            self.visit("/begin")
            self.press(name)
            status = self.page.locator(".begin-foot [role=status]")
            expect(status).to_contain_text("exactly at the border")
            self.fill("Name", f"A {name}")
            self.press("Begin this piece")
            expect(self.summary()).to_contain_text("exactly at the border")
            self.assertEqual(self.document()["blank"]["relief"]["kind"], relief)


class HalvesTest(BrowserTestCase):
    def test_front_and_back_stand_under_headings_and_keys_act_on_their_own_row(self) -> None:
        """Both halves of an egg have a centre called C: Delete takes the one that has the focus."""
        self.open_piece("Owl light egg")
        expect(self.page.locator(".row-half")).to_have_text(["Front", "Back"])
        centres = self.page.locator('.row-line[data-row="C"]')
        expect(centres).to_have_count(2)
        lines = self.page.locator(".row-line")
        count = lines.count()
        centres.last.focus()
        self.page.keyboard.press("Delete")
        expect(lines).to_have_count(count - 1)
        expect(centres).to_have_count(1)
        expect(lines.first).to_have_attribute("data-row", "C")
        self.undo()
        expect(centres).to_have_count(2)
