"""On the sizes of tablets nothing is cut off, and nothing scrolls sideways."""

from playwright.sync_api import TimeoutError, expect

from tests.browser.studio import BrowserTestCase

SIZES = ((768, 1024), (820, 1180), (1024, 768))
BEYOND = """() => [...document.querySelectorAll("button, input, select, a, svg text, .number, .saved")]
  .map((one) => [one, one.getBoundingClientRect()])
  .filter(([, box]) => box.width && (box.right > innerWidth + 1 || box.left < -1))
  .map(([one]) => one.getAttribute("aria-label") || one.textContent)"""
CUT = """() => [...document.querySelectorAll(".row-line .number")]
  .filter((one) => one.scrollWidth > one.clientWidth + 1).map((one) => one.textContent)"""


class TabletTest(BrowserTestCase):
    def expect_whole(self, what: str) -> None:
        self.assertEqual(
            self.page.evaluate("document.documentElement.scrollWidth"), self.page.viewport_size["width"], what
        )
        try:  # a notice may come at any moment, by the clock, and slides in from beyond the edge
            self.page.wait_for_function(f"() => ({BEYOND})().length === 0")
        except TimeoutError:
            self.fail(f"{what}: {self.page.evaluate(BEYOND)} beyond the edge")

    def test_every_screen_on_every_size(self) -> None:
        self.begin_piece("Tablet")
        address = self.page.url
        for width, height in SIZES:
            self.page.set_viewport_size({"width": width, "height": height})
            what = f"{width} x {height}"
            self.page.goto(address)
            self.pick("3")
            expect(self.page.get_by_role("button", name="Dark look")).to_be_in_viewport()
            expect(self.page.locator(".spoke-scale")).to_be_visible()
            self.expect_whole(f"piece, {what}")
            self.assertEqual(self.page.evaluate(CUT), [], what)
            self.page.get_by_role("link", name="Print").click()
            expect(self.page.get_by_role("img", name="Full-size guide, page 1")).to_be_visible()
            self.expect_whole(f"print room, {what}")
            self.page.goto(f"{address}/table")
            expect(self.page.locator(".table-words")).to_be_visible()
            self.expect_whole(f"the table, {what}")
            for path in ("/", "/begin", "/kit", "/shelf"):
                self.visit(path)
                expect(self.page.get_by_role("heading", level=1)).to_be_visible()
                self.expect_whole(f"{path}, {what}")
