"""The steps of a piece: read through by mouse and by keys, and chosen otherwise."""

import re

from playwright.sync_api import Locator, expect

from tests.browser.studio import BrowserTestCase


class WorkTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Steps")
        self.page.get_by_role("link", name="Steps", exact=True).click()
        expect(self.steps().first).to_be_visible()

    def steps(self) -> Locator:
        return self.page.locator(".work-step")

    def card(self) -> Locator:
        return self.page.get_by_role("region", name="This step")

    def test_from_bare_stone_to_the_last_coat(self) -> None:
        """Every step in turn: what it is, how long, and at the end the coats with their cautions."""
        words = self.steps().all_text_contents()
        self.assertRegex(words[0], "^Fill bubble holes")
        self.assertEqual(self.download("Work card, PDF")[:5], b"%PDF-")
        expect(self.page.get_by_role("heading", name=re.compile("^Sitting 2"))).to_be_visible()
        for _ in words[1:]:
            self.press("Next step")
        expect(self.card()).to_contain_text("coat two of two")
        expect(self.card().get_by_role("note")).to_contain_text("its safety data sheet say comes first")
        expect(self.card()).to_contain_text("takes 48 min until it may carry something")
        expect(self.page.get_by_role("button", name="Next step")).to_be_disabled()
        self.press("Step before")
        expect(self.card()).to_contain_text("coat one of two")

    def test_a_step_of_dots_says_tool_pot_time_and_turn(self) -> None:
        self.steps().filter(has_text="Row 2:").first.click()
        for name in ("Tool", "Pot", "Loads", "Time", "Turn the piece"):
            expect(self.card().get_by_text(name, exact=True)).to_be_visible()
        expect(self.card()).to_contain_text("take")
        ringed = self.page.locator(".stone-place").count()
        self.assertGreater(ringed, 5)
        name = re.compile("as it is after this step")
        expect(self.page.get_by_role("group", name=name).or_(self.page.get_by_label(name)).first).to_be_visible()

    def test_dots_at_true_size_once_a_card_was_held_to_the_screen(self) -> None:
        """The drawn card is an ISO/IEC 7810 ID-1, 85.60 by 53.98 mm; the scale stays on this device."""
        self.steps().filter(has_text="Row 2:").first.click()
        self.press("Set this screen")
        thumb = self.page.get_by_role("slider", name="Size of the drawn card")
        thumb.focus()
        for _ in range(4):
            self.page.keyboard.press("ArrowRight")
        card = self.page.locator(".scale-card").bounding_box()
        assert card
        self.assertAlmostEqual(card["width"] / card["height"], 85.6 / 53.98, delta=0.02)
        self.press("They are alike")
        dot = self.page.get_by_role("img", name=re.compile("^A dot of"))
        size = float((dot.get_attribute("aria-label") or "").split()[3])
        box = dot.locator(".work-dot").bounding_box()
        assert box
        self.assertAlmostEqual(box["width"] / size, card["width"] / 85.6, delta=0.5)
        self.page.reload()
        self.steps().filter(has_text="Row 2:").first.click()
        expect(dot).to_be_visible()
        self.press("Set it again")
        self.press("Forget it")
        expect(dot).to_have_count(0)

    def test_by_keys_alone(self) -> None:
        self.steps().first.focus()
        for _ in range(3):
            self.page.keyboard.press("ArrowDown")
        third = self.steps().nth(3)
        expect(third).to_be_focused()
        expect(third).to_have_attribute("aria-pressed", "true")
        expect(self.card()).to_contain_text("4 of ")
        self.page.keyboard.press("ArrowUp")
        expect(self.steps().nth(2)).to_be_focused()

    def test_a_step_is_done_earlier_where_that_can_be(self) -> None:
        words = self.steps().all_text_contents()
        nested = next(k for k, one in enumerate(words) if one.startswith("Row 2:"))
        self.steps().nth(nested).click()
        self.press("Do it earlier")
        expect(self.page.get_by_role("status").filter(has_text="cannot come sooner")).to_contain_text("it needs “Row 1")
        self.undo()
        expect(self.page.get_by_text("cannot come sooner")).to_have_count(0)
        self.steps().filter(has_text="Take the guides off").click()
        self.press("Do it later")
        expect(self.page.get_by_role("button", name="Take the order that was found", exact=True)).to_be_visible()
        self.press("Take the order that was found")
        expect(self.page.get_by_role("button", name="Take the order that was found", exact=True)).to_have_count(0)
        self.assertEqual(self.document()["work"]["moves"], [])

    def test_another_finish_and_another_room_change_the_steps_and_are_undone(self) -> None:
        many = self.steps().count()
        self.choose("Finish", "resin")
        self.fill("Coats", "1")
        expect(self.steps()).to_have_count(many - 1)
        self.steps().last.click()
        expect(self.card().get_by_role("note")).to_contain_text("respirator")
        self.assertEqual(self.document()["work"]["coat"], "resin")
        self.fill("Warmth of the room, °C", "55")
        expect(self.page.get_by_text("must be between 5 and 40")).to_be_visible()
        self.fill("Warmth of the room, °C", "30")
        expect(self.page.locator(".work-wait").first).to_be_visible()
        for _ in range(3):
            self.undo()
        expect(self.steps()).to_have_count(many)
        self.assertEqual(self.document()["work"]["warmth"], 20.0)
