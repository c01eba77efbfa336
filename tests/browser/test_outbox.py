"""Unsent work: over bad lines, several tabs, refusals, another studio, a browser without room."""

import json
import sqlite3

from playwright.sync_api import Page, expect

from tests.browser.proxy import Proxy
from tests.browser.storm import Kept, ledger, name_it, storm, wrong
from tests.browser.studio import BrowserTestCase
from tests.server import Server

NO_ROOM = """const full = () => { throw new DOMException("full", "QuotaExceededError"); };
IDBObjectStore.prototype.add = full; Storage.prototype.setItem = full;"""

EDITS = 30  # in each tab


class OutboxTest(BrowserTestCase):
    faults_expected = True  # the line answers with some

    def setUp(self) -> None:
        super().setUp()
        self.ident = self.ask("pieces", {"piece": {**self.first_design(), "name": "Perigee"}})["id"]
        self.line = Proxy(self.server.address)
        self.addCleanup(self.line.close)
        self.allowed = (self.line.address,)
        self.page.goto(f"{self.line.address}/piece/{self.ident}")
        self.expect_ready(self.page)

    def expect_ready(self, page: Page) -> None:
        expect(page.locator(".verdict-line")).to_contain_text("dots.")

    def second_tab(self) -> Page:
        page = self.page.context.new_page()
        page.goto(self.page.url)
        self.expect_ready(page)
        return page

    def expect_all_saved(self, *pages: Page) -> None:
        for page in pages:
            expect(page.locator(".saved")).to_have_text("Saved")

    def ledger(self) -> list[Kept]:
        return ledger(self.server.studio, self.ident)

    def test_many_edits_in_two_tabs_over_a_bad_line(self) -> None:
        """`./fern bench storm` makes three hundred of them."""
        tabs = {"West": self.page, "East": self.second_tab()}
        storm(self.line, tabs, EDITS)
        self.assertEqual(wrong(self.ledger(), [*tabs], EDITS), [])
        self.assertEqual(len(self.ledger()), 2 * EDITS + 1)

    def test_two_tabs_while_the_server_is_away(self) -> None:
        other = self.second_tab()
        self.line.away = True
        name_it(self.page, "Here")
        name_it(other, "There")
        for page in (self.page, other):
            expect(page.locator(".saved")).to_contain_text("the server does not answer")
        self.line.away = False
        self.expect_all_saved(self.page, other)
        self.assertEqual({name for _, _, name in self.ledger()}, {"Perigee", "Here", "There"})

    def test_a_tab_that_is_closed_leaves_its_work_to_the_others(self) -> None:
        other = self.second_tab()
        self.line.away = True
        name_it(other, "Left behind")
        expect(other.locator(".saved")).to_contain_text("the server does not answer")
        other.close()
        self.line.away = False
        name_it(self.page, "Here")
        self.expect_all_saved(self.page)
        self.assertEqual({name for _, _, name in self.ledger()}, {"Perigee", "Left behind", "Here"})

    def test_an_answer_lost_and_the_branch_closed_meanwhile(self) -> None:
        other = self.second_tab()
        moods = iter(["pass", "lose"])
        self.line.mood = lambda: next(moods, "drop")
        name_it(other, "There")
        self.expect_all_saved(other)
        name_it(self.page, "Here")
        expect(self.page.locator(".saved")).to_contain_text("the server does not answer")
        name_it(self.page, "Here, further")
        here = next(ident for ident, _, name in self.ledger() if name == "Here")
        main = self.ask(f"documents/{self.ident}")
        self.assertNotEqual(main["head"], here)
        answer = self.page.request.post(
            f"{self.server.address}/api/documents/{self.ident}/branches/{main['branch']}/choose"
        )
        self.assertTrue(answer.ok, answer.text())
        self.line.mood = lambda: "pass"
        self.expect_all_saved(self.page)
        self.assertIn("Here, further", [name for _, _, name in self.ledger()])
        expect(self.page.get_by_label("Name of the piece")).to_have_value("Here, further")
        expect(self.page.get_by_role("alert")).to_contain_text("changed in another window too")

    def test_a_refused_edit_is_set_aside_and_later_ones_go_on(self) -> None:
        kept = self.server.studio
        self.line.away = True
        self.pick("3")
        self.fill("Gap", "1.1")
        expect(self.page.locator(".saved")).to_contain_text("the server does not answer")
        with sqlite3.connect(kept) as db:
            db.execute("UPDATE document SET deleted_at = 'now' WHERE id = ?", (self.ident,))
        db.close()
        self.line.away = False
        aside = self.page.get_by_role("button", name="1 change set aside")
        expect(aside).to_be_visible()
        self.page.goto(f"{self.line.address}/")
        aside.click()
        dialog = self.page.get_by_role("dialog")
        expect(dialog).to_contain_text("There is no document")
        self.page.get_by_role("button", name="Make it a piece of its own").click()
        expect(self.page.get_by_role("link", name="Open Perigee").first).to_be_visible()
        expect(aside).to_have_count(0)

    def test_what_comes_after_a_refused_edit_is_saved(self) -> None:
        self.line.away = True
        name_it(self.page, "Refused")
        expect(self.page.locator(".saved")).to_contain_text("the server does not answer")
        name_it(self.page, "Taken")
        moods = iter(["refuse"])
        self.line.mood = lambda: next(moods, "pass")
        self.line.away = False
        self.expect_all_saved(self.page)
        self.assertEqual([name for _, _, name in self.ledger()], ["Perigee", "Taken"])
        self.page.get_by_role("button", name="1 change set aside").click()
        expect(self.page.get_by_role("dialog")).to_contain_text("The line refuses these segments.")

    def test_a_browser_without_room_sends_all_the_same(self) -> None:
        self.page.add_init_script(NO_ROOM)
        self.page.reload()
        self.expect_ready(self.page)
        self.line.away = True
        name_it(self.page, "Held")
        expect(self.page.locator(".saved")).to_contain_text("keep this page open")
        self.line.away = False
        self.expect_all_saved(self.page)
        self.assertEqual([name for _, _, name in self.ledger()], ["Perigee", "Held"])

    def test_a_change_made_in_the_moment_of_leaving_is_kept(self) -> None:
        self.page.add_init_script("IDBObjectStore.prototype.add = () => { throw new DOMException('', 'AbortError'); };")
        self.page.reload()
        self.expect_ready(self.page)
        self.line.away = True
        name_it(self.page, "Just made")
        expect(self.page.locator(".saved")).to_contain_text("Saved in this browser")
        again = self.page.context.new_page()
        self.page.close()
        self.line.away = False
        self.page = again
        again.goto(f"{self.line.address}/piece/{self.ident}")
        expect(again.get_by_label("Name of the piece")).to_have_value("Just made")
        self.expect_all_saved(again)
        self.assertEqual([name for _, _, name in self.ledger()], ["Perigee", "Just made"])

    def test_another_studio_at_the_same_address_gets_nothing(self) -> None:
        other = Server(self.folder / "other.sqlite")
        self.addCleanup(other.kill)
        own, self.line.upstream = self.line.upstream, other.address.removeprefix("http://")
        name_it(self.page, "Mine")
        expect(self.page.locator(".saved")).to_contain_text("cannot take it yet")
        expect(self.page.get_by_text("made for another studio")).to_be_visible()
        self.line.upstream = own
        self.page.reload()
        self.expect_all_saved(self.page)
        self.assertEqual([name for _, _, name in self.ledger()], ["Perigee", "Mine"])

    def test_a_restored_studio_sets_aside_what_was_made_before(self) -> None:
        copy = self.page.request.post(f"{self.server.address}/api/studio/copy").body()
        self.line.away = True
        name_it(self.page, "Unsent")
        expect(self.page.locator(".saved")).to_contain_text("the server does not answer")
        back = self.page.request.post(f"{self.server.address}/api/studio/bring-back", data=copy)
        self.assertTrue(back.ok, back.text())
        self.line.away = False
        self.page.get_by_role("button", name="1 change set aside").click()
        expect(self.page.get_by_role("dialog")).to_contain_text("before the studio was restored from a copy")
        expect(self.page.get_by_role("dialog")).to_contain_text("Unsent")
        self.assertEqual([name for _, _, name in self.ledger()], ["Perigee"])

    def test_what_an_earlier_page_kept_is_carried_over_once(self) -> None:
        state = self.ask(f"documents/{self.ident}")
        edit = {
            "id": "a" * 32, "branch": state["branch"], "based_on": state["head"], "label": "Rename the piece",
            "mark": "", "document": {**state["document"], "name": "Carried over"},
        }  # fmt: skip
        key = f"fernring.outbox.{self.ident}"
        self.page.evaluate("([key, text]) => localStorage.setItem(key, text)", [key, json.dumps([edit])])
        self.page.reload()
        expect(self.page.get_by_label("Name of the piece")).to_have_value("Carried over")
        self.expect_all_saved(self.page)
        self.assertEqual([name for _, _, name in self.ledger()], ["Perigee", "Carried over"])
        self.assertIsNone(self.page.evaluate("(key) => localStorage.getItem(key)", key))
