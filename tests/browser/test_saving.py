"""Nothing is lost: reloads, killed servers, two windows, revisions."""

import re
import sqlite3
from pathlib import Path

from playwright.sync_api import APIResponse, Route, expect

from tests.browser.studio import PATIENCE_MS, BrowserTestCase

NOTHING_UNSENT = """() => new Promise((resolve) => {
  const opening = indexedDB.open("fernring");
  opening.onsuccess = () => {
    const asked = opening.result.transaction("unsent").objectStore("unsent").count();
    asked.onsuccess = () => { opening.result.close(); resolve(asked.result === 0); };
  };
})"""


class SavingTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Perigee")

    def test_a_reload_loses_nothing(self) -> None:
        self.pick("3")
        self.fill("Gap", "1.1")
        self.page.reload()
        self.pick("3")
        expect(self.page.get_by_label("Gap", exact=True)).to_have_value("1.1")
        expect(self.page.get_by_role("button", name="Undo: Set the gap")).to_be_enabled()

    def test_a_change_that_arrives_while_the_next_screen_reads(self) -> None:
        """What the server answered before the change came is not taken for the newest."""
        sending: list[Route] = []
        reading: list[tuple[Route, APIResponse]] = []

        def read(route: Route) -> None:
            reading.append((route, route.fetch()))
            sending[0].continue_()

        self.page.route("**/api/documents/*/edits", lambda route: sending.append(route))
        with self.page.expect_request("**/api/documents/*/edits"):
            self.fill("Name of the piece", "Apogee")
        self.page.route(re.compile(r"/api/documents/\w+$"), read, times=1)
        with self.page.expect_response("**/api/documents/*/edits"):
            self.page.get_by_role("link", name="History").click()
        self.page.wait_for_function(NOTHING_UNSENT)
        route, old = reading[0]
        self.assertIn("Perigee", old.text())
        route.fulfill(response=old)
        expect(self.page.get_by_role("link", name="Apogee", exact=True)).to_be_visible()

    def test_a_step_back_on_its_way_is_not_called_saved(self) -> None:
        self.fill("Name of the piece", "Apogee")
        self.expect_saved()
        held: list[Route] = []
        self.page.route("**/api/documents/*/undo", lambda route: held.append(route))
        with self.page.expect_request("**/api/documents/*/undo"):
            self.undo()
        expect(self.page.locator(".saved")).to_have_text("Saving…")
        held[0].continue_()
        self.assertEqual(self.document()["name"], "Perigee")

    def test_a_server_killed_in_the_middle_of_editing(self) -> None:
        self.pick("3")
        self.fill("Gap", "1.1")
        self.expect_saved()
        self.server.kill()
        self.fill("Gap", "1.3")
        expect(self.page.locator(".saved")).to_contain_text("the server does not answer")
        self.fill("Name of the piece", "Saved all the same")
        self.server.start()
        self.expect_saved()
        document = self.document()
        self.assertEqual((document["rows"][3]["gap"], document["name"]), (1.3, "Saved all the same"))

    def test_a_closed_browser_sends_what_was_left_when_it_opens_again(self) -> None:
        address = self.page.url
        self.server.kill()
        self.pick("3")
        self.fill("Gap", "0.9")
        expect(self.page.locator(".saved")).to_contain_text("the server does not answer")
        self.page.goto("about:blank")
        self.server.start()
        self.page.goto(address)
        self.expect_saved()
        self.assertEqual(self.document()["rows"][3]["gap"], 0.9)

    def two_windows(self) -> None:
        """The same piece changed in two windows; this one is the second to change it."""
        first, address = self.page, self.page.url
        second = first.context.new_page()
        second.goto(address)
        expect(second.locator(".verdict-line")).to_contain_text("dots.")
        self.fill("Name of the piece", "First window")
        self.expect_saved()
        self.page = second
        self.fill("Name of the piece", "Second window")
        expect(self.page.get_by_role("alert")).to_contain_text("changed in another window too")

    def test_two_windows_keep_what_is_seen(self) -> None:
        self.two_windows()
        self.press("Keep what I see")
        expect(self.page.get_by_role("alert")).to_have_count(0)
        self.assertEqual(self.document()["name"], "Second window")

    def test_two_windows_take_the_other(self) -> None:
        self.two_windows()
        self.press("Take the other")
        expect(self.page.get_by_label("Name of the piece")).to_have_value("First window")
        self.assertEqual(self.document()["name"], "First window")

    def test_two_windows_keep_both(self) -> None:
        self.two_windows()
        self.press("Keep both as pieces")
        expect(self.page.get_by_role("alert")).to_have_count(0)
        self.visit()
        for name in ("First window", "Second window"):
            expect(self.page.get_by_role("link", name=f"Open {name}").first).to_be_visible()

    def test_a_damaged_piece_is_taken_back_to_what_can_be_read(self) -> None:
        ident = self.page.url.split("/piece/")[1]
        self.fill("Name of the piece", "Torn")
        self.expect_saved()
        with sqlite3.connect(self.server.studio) as db:
            head = "SELECT b.head FROM document d JOIN branch b ON b.id = d.main WHERE d.id = ?"
            db.execute(f"UPDATE edit SET body = x'00' WHERE id = ({head})", (ident,))
        db.close()
        self.page.reload()
        expect(self.page.get_by_text("damaged in the studio file")).to_be_visible()
        self.page.get_by_role("link", name="To the Bench", exact=True).click()
        torn = self.page.locator(".bench-piece.damaged")
        expect(torn).to_contain_text("Torn")
        with self.page.expect_download() as kept:
            torn.get_by_role("link", name="Save what is left as a file").click()
        self.assertEqual(Path(kept.value.path()).read_bytes(), b"\x00")
        torn.get_by_role("button", name="Take it back to an earlier state").click()
        expect(torn).to_have_count(0)
        self.page.get_by_role("link", name="Open Perigee", exact=True).first.click()
        expect(self.page.get_by_label("Name of the piece")).to_have_value("Perigee")

    def test_a_copy_of_the_studio_is_saved_and_brought_back(self) -> None:
        self.visit()
        self.press("Studio")
        with self.page.expect_download() as waiting:
            self.page.get_by_role("menuitem", name="Save a copy of the studio").click()
        self.assertRegex(waiting.value.suggested_filename, r"^studio \d{4}-\d\d-\d\d\.sqlite$")
        copy = Path(waiting.value.path()).read_bytes()
        self.page.get_by_role("button", name="More for Perigee", exact=True).first.click()
        self.page.get_by_role("menuitem", name="Delete").click()
        expect(self.page.get_by_text("“Perigee” was deleted")).to_be_visible()
        self.press("Studio")
        ask = self.page.get_by_role("menuitem", name="Bring back a copy…").click
        self.give_file(ask, "studio.sqlite", "application/vnd.sqlite3", copy)
        dialog = self.page.get_by_role("dialog")
        expect(dialog).to_contain_text("kept as a file beside it")
        with self.page.expect_response("**/api/studio/bring-back"):  # others of that name are in sight already
            dialog.get_by_role("button", name="Bring it back").click()
        expect(self.page.get_by_role("link", name="Open Perigee", exact=True).first).to_be_visible()

    def test_everything_is_saved_as_open_files_and_brought_in(self) -> None:
        self.visit()
        pieces = self.page.get_by_role("link", name="Open Perigee", exact=True)
        expect(pieces.first).to_be_visible()
        before = pieces.count()
        with self.unanswered("**/api/studio/everything"):
            self.press("Studio")
            self.page.get_by_role("menuitem", name="Save everything as open files").click()
            with self.page.expect_event("requestfailed", lambda request: "everything" in request.url):
                self.press("Stop")
        expect(self.page.get_by_text("Making the files")).to_have_count(0)
        self.press("Studio")
        with self.page.expect_download(timeout=10 * PATIENCE_MS) as waiting:  # every piece is planned, at low priority
            self.page.get_by_role("menuitem", name="Save everything as open files").click()
            expect(self.page.get_by_text(re.compile("Making the files: \\d+ of \\d+"))).to_be_visible()
        data = Path(waiting.value.path()).read_bytes()
        self.press("Studio")
        ask = self.page.get_by_role("menuitem", name="Bring in pieces from files…").click
        self.give_file(ask, "studio.zip", "application/zip", data)
        expect(self.page.get_by_text("pieces came in.")).to_be_visible()
        expect(pieces).to_have_count(2 * before)

    def test_an_earlier_revision_is_looked_at_and_brought_back(self) -> None:
        begun = self.document()
        self.page.get_by_role("link", name="History").click()
        self.press("Save the piece as it is now")
        expect(self.page.locator(".history-one")).to_have_count(1)
        self.page.get_by_role("link", name="Perigee", exact=True).click()
        self.pick("1")
        self.press("Remove row 1")
        self.expect_saved()
        self.page.get_by_role("link", name="History").click()
        expect(self.page.locator(".history-one")).to_have_count(2)
        self.page.locator(".history-one").last.click()
        expect(self.page.locator(".history-foot")).to_contain_text(f"{len(begun['rows'])} rows")
        self.press("Bring this back")
        expect(self.page.get_by_role("button", name="Undo: Bring back")).to_be_enabled()
        self.assertEqual(self.document(), begun)
