"""Photographs brought in as a person would: a stone beside the card, and a painted practice sheet."""

import re

from playwright.sync_api import expect

from fernring.core.practice.sheet import PracticeSheet
from fernring.standins.camera.sheets import sheet_shot
from tests.browser.studio import BrowserTestCase
from tests.outside.vision.shots import MIDDLE, STEADY, changed, stone


class StonePhotoTest(BrowserTestCase):
    def bring(self, jpeg: bytes) -> None:
        self.give_file(lambda: self.press("Choose a photograph…"), "stone.jpg", "image/jpeg", jpeg)

    def open_photo(self) -> None:
        self.begin_piece("Photographed")
        self.part("Blank")
        self.press("From a photograph…")

    def test_a_stone_is_traced_corrected_and_made_the_blank(self) -> None:
        shot = stone(1001)
        self.open_photo()
        self.bring(shot.jpeg)
        reading = self.page.locator(".photo-reading")
        expect(reading).to_contain_text(re.compile("Opening|Looking for|Telling|Following"))
        size = self.page.locator(".photo-size")
        expect(size).to_be_visible()
        expect(self.page.get_by_text("Nobody measured")).to_be_visible()
        self.fill("Widest line, above the table", f"{shot.body.widest:.1f}")
        expect(self.page.get_by_text("Nobody measured")).to_be_hidden()
        self.fill("Top, above the table", f"{shot.body.widest + shot.body.dome:.1f}")
        expect(reading).to_be_hidden()
        before = size.inner_text()
        stage = self.page.get_by_role("application", name="Photograph of the stone")
        top = min(
            (point.bounding_box() for point in self.page.locator(".photo-stage .photo-point").all()),
            key=lambda box: box["y"] if box else 1e9,
        )
        assert top
        self.page.mouse.move(top["x"] + top["width"] / 2, top["y"] + top["height"] / 2)
        self.page.mouse.down()
        self.page.mouse.move(top["x"], top["y"] - 25)
        self.page.mouse.up()
        expect(self.page.get_by_text("Corrected by hand")).to_be_visible()
        expect(size).not_to_have_text(before)
        stage.focus()
        self.page.keyboard.press("PageDown")
        self.page.keyboard.press("ArrowRight")
        self.press("Make it the outline")
        expect(self.page.get_by_role("button", name="Undo: Outline from a photograph")).to_be_enabled()
        blank = self.document()["blank"]
        self.assertEqual((blank["outline"]["kind"], blank["relief"]["kind"]), ("odd", "dome"))
        self.assertAlmostEqual(blank["relief"]["rise"], shot.body.dome, delta=0.2)
        expect(self.page.locator(".verdict-line")).to_contain_text("dots.")
        self.undo()
        self.assertEqual(self.document()["blank"]["outline"]["kind"], "round")

    def test_what_is_wrong_is_said_and_strokes_and_targets_help(self) -> None:
        shot = stone(1001)
        self.open_photo()
        self.bring(changed(shot.jpeg, lambda pixels: pixels[:, ::-1]))
        expect(self.page.get_by_role("alert")).to_contain_text("mirrored")
        self.press("Another photograph")
        self.bring(shot.jpeg)
        expect(self.page.locator(".photo-size")).to_be_visible()
        self.press("Stone is here")
        stage = self.page.get_by_role("application", name="Photograph of the stone")
        stage.focus()
        self.page.keyboard.press("ArrowUp")
        self.page.keyboard.press("Enter")
        expect(self.page.locator(".photo-stage .photo-stone")).to_have_count(1)
        self.press("Take strokes and targets back")
        expect(self.page.locator(".photo-stage .photo-stone")).to_have_count(0)
        expect(self.page.locator(".photo-size")).to_be_visible()

    def test_the_bench_camera_takes_one_to_try(self) -> None:
        self.open_photo()
        self.press("Take one with the bench camera")
        expect(self.page.locator(".photo-side [role=alert], .photo-size")).to_be_visible()


class PracticeSheetTest(BrowserTestCase):
    def test_a_sheet_is_made_read_put_right_and_kept(self) -> None:
        self.visit("/kit")
        own = self.page.get_by_role("region", name="Practice")
        before = self.page.locator(".sheets > li").count()
        self.press("New practice sheet…")
        self.page.get_by_role("checkbox", name="Rod 5").check()
        self.page.get_by_role("checkbox", name="Ball 1.5").check()
        with self.page.expect_download():
            self.press("Make it and open its PDF")
        expect(own.locator(".sheets > li").first).to_contain_text("Rod 5, Ball 1.5")
        self.assertGreaterEqual(self.page.locator(".sheets > li").count(), min(before + 1, 4))
        newest = self.ask("practice/sheets")[0]
        sheet = PracticeSheet.model_validate({**newest, "tools": tuple(newest["tools"])})
        shot = sheet_shot(sheet, 5, STEADY, MIDDLE)
        self.give_file(lambda: self.press("Read a painted sheet…"), "sheet.jpg", "image/jpeg", shot.jpeg)
        rings = self.page.locator(".photo-stage g[class*=ring-]")
        expect(rings).to_have_count(len(shot.true))
        expect(self.page.locator(".sheet-tool").first).to_contain_text("touches")
        stage = self.page.get_by_role("application", name="Photograph of the practice sheet")
        stage.focus()
        self.page.keyboard.press("PageDown")
        self.page.keyboard.press("Delete")
        expect(rings).to_have_count(len(shot.true) - 1)
        self.press("Add a dot")
        box = stage.bounding_box()
        assert box
        self.page.mouse.click(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2)
        expect(rings).to_have_count(len(shot.true))
        self.fill("Diameter of the chosen dot", "5.5")
        self.press("Drop a dot")
        self.page.mouse.click(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2)
        expect(rings).to_have_count(len(shot.true) - 1)
        self.press("Keep these measurements")
        expect(own.locator(".sheets > li").first).to_contain_text("dots")
        expect(self.page.locator(".steady-words li").first).to_contain_text("Safe gap")
        kept = [one for one in self.ask("measurements") if one["note"] == f"practice sheet {sheet.number}"]
        self.assertEqual({one["tool"] for one in kept}, {"rod-5", "ball-15"})
        own.locator(".sheets > li").first.get_by_role("button", name="Take back").click()
        expect(own.locator(".sheets > li").first.locator(".sheet-read")).to_have_count(0)

    def test_a_picture_of_something_else_is_refused(self) -> None:
        self.visit("/kit")
        self.give_file(lambda: self.press("Read a painted sheet…"), "stone.jpg", "image/jpeg", stone(1001).jpeg)
        expect(self.page.get_by_role("alert")).to_contain_text("No practice sheet")

    def test_the_safe_gap_of_practice_is_offered(self) -> None:
        self.begin_piece("Steady")
        self.part("Blank")
        offer = self.page.get_by_role("button", name="Make it the safe gap")
        offer.click()
        expect(self.page.get_by_role("button", name="Undo: Take the safe gap of practice")).to_be_enabled()
        expect(offer).to_be_hidden()
        self.assertGreater(self.document()["safe_gap"], 0.3)


class MeasuredAnewTest(BrowserTestCase):
    def test_a_measured_size_is_offered_to_a_piece_and_taken_over(self) -> None:
        self.begin_piece("Measured anew")
        before = self.document()
        used = {member["tool"] for row in before["rows"] for member in row["pattern"]} - {None}
        tool = next(one for one in before["tools"] if one["id"] in used)
        told = {
            "id": "d" * 32, "tool": tool["id"], "body": "medium", "surface": before["blank"]["material"],
            "diameters": [round(1.5 * tool["dots"][0], 2)] * 60, "day": "2026-11-20",
        }  # fmt: skip
        self.page.request.post(f"{self.server.address}/api/measurements", data=told)
        self.page.reload()
        self.part("Tools")
        offer = self.page.locator(".anew").filter(has_text=f"{tool['name']} now makes")
        expect(offer).to_contain_text("this piece counts on")
        offer.get_by_role("button").click()
        expect(self.page.get_by_role("button", name="Undo: Take over a measured size")).to_be_enabled()
        expect(offer).to_be_hidden()
        after = self.document()
        self.assertNotEqual(after["tools"], before["tools"])
        self.undo()
        self.assertEqual(self.document()["rows"], before["rows"])
