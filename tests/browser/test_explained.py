"""Words of the row sheet explained where the pointer or the focus rests."""

from playwright.sync_api import Locator, expect

from tests.browser.studio import BrowserTestCase


class ExplainedTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Words")
        self.pick("3")

    def card(self) -> Locator:
        return self.page.get_by_role("tooltip").locator("visible=true")

    def test_by_keyboard_with_a_picture_and_put_away(self) -> None:
        gap = self.page.get_by_label("Gap", exact=True)
        gap.focus()
        expect(self.card()).to_contain_text("clear distance kept between neighbours")
        expect(self.card().locator("svg circle")).to_have_count(2)
        expect(gap).to_have_attribute("aria-describedby", "explained")
        self.page.keyboard.press("Escape")
        expect(self.card()).to_have_count(0)
        self.page.get_by_label("Dot size", exact=True).focus()
        expect(self.card()).to_contain_text("as it dries, measured across")
        self.page.keyboard.type("3")
        expect(self.card()).to_have_count(0)

    def test_by_pointer_and_not_on_a_click(self) -> None:
        start = self.page.get_by_label("Start", exact=True)
        start.hover()
        expect(self.card()).to_contain_text("on a spoke, midway between two")
        self.page.get_by_label("Gap", exact=True).hover()
        expect(self.card()).to_contain_text("clear distance")
        self.page.mouse.down()
        expect(self.card()).to_have_count(0)
        self.page.mouse.up()
