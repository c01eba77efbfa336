"""Another device: paired through its one page, at the table under a name that is no secure context, and revoked."""

import re

from playwright.sync_api import Page, expect

from tests.browser.test_table import TABLET, TableCase

NAME = "studio.test"

# What a page on a plain LAN address does not have.
MISSING = """() => [isSecureContext, !!navigator.locks, !!navigator.wakeLock, !!navigator.serviceWorker,
  !!navigator.clipboard, "caches" in window, !!crypto.randomUUID]"""


class LanTest(TableCase):
    more = ("--lan", "127.0.0.1", "--name", NAME)

    def setUp(self) -> None:
        super().setUp()
        self.lan = f"http://{NAME}:{self.server.port}"
        self.allowed = (self.lan, f"ws://{NAME}:{self.server.port}")

    def code(self) -> str:
        """As the studio's own machine shows it."""
        self.visit()
        self.press("Studio")
        self.page.get_by_role("menuitem", name="Other devices…").click()
        self.press("Show a code")
        expect(self.page.get_by_role("img", name="The address and the code as a picture to scan")).to_be_visible()
        expect(self.page.get_by_text(self.lan)).to_be_visible()
        return self.page.locator(".devices-letters").inner_text()

    def tablet(self) -> Page:
        page = self.new_page(touch=True)
        page.set_viewport_size(TABLET)  # type: ignore[arg-type]
        return page

    def test_a_tablet_is_paired_paints_and_is_revoked(self) -> None:
        ident = self.piece("On the tablet")
        tablet = self.tablet()
        # 1. Unpaired there is the one page; a wrong code is said to be wrong, the right one lets it in.
        tablet.goto(f"{self.lan}/piece/{ident}/table")
        expect(tablet.get_by_role("heading", name="Pair this device")).to_be_visible()
        code = self.code()
        tablet.get_by_label("Code").fill("WRONG234")
        tablet.get_by_role("button", name="Pair").tap()
        expect(tablet.get_by_role("alert")).to_contain_text("That is not the code; 4 tries are left.")
        tablet.get_by_label("Code").fill(code)
        tablet.get_by_label("Name of this device").fill("Kitchen tablet")
        tablet.get_by_role("button", name="Pair").tap()
        # 2. The table works without anything that only a secure page has.
        expect(self.words(tablet)).to_be_visible()
        self.assertEqual(tablet.evaluate(MISSING), [False] * 7)
        self.act("Begin the work", tablet).tap()
        first = self.words(tablet).inner_text()
        self.main(tablet).tap()
        expect(self.words(tablet)).not_to_have_text(first)
        expect(tablet.locator("video.awake-film")).to_be_attached()
        tablet.wait_for_function("() => !document.querySelector('.awake-film').paused")
        # 3. The studio's machine hears of it at once, and revokes it.
        expect(self.page.locator(".devices")).to_contain_text("Kitchen tablet")
        self.press("Revoke Kitchen tablet")
        expect(self.page.get_by_text("None yet.")).to_be_visible()
        tablet.reload()
        expect(tablet.get_by_role("heading", name="Pair this device")).to_be_visible()

    def test_the_code_in_the_address_is_taken_and_not_left_there(self) -> None:
        code = self.code()
        tablet = self.tablet()
        tablet.goto(f"{self.lan}/#{code}")
        expect(tablet.get_by_label("Code")).to_have_value(code)
        self.assertNotIn(code, tablet.url)
        tablet.get_by_role("button", name="Pair").tap()
        expect(tablet.get_by_role("heading", name="Bench")).to_be_visible()
        tablet.get_by_role("button", name="Studio").tap()
        tablet.get_by_role("menuitem", name="Other devices…").tap()
        expect(tablet.get_by_role("dialog")).to_contain_text(re.compile("on the studio's own machine"))
