"""The table: whole pieces painted by touch and by keys, with mistakes, a restart, two devices and a broken line."""

import re
from collections.abc import Callable
from typing import Any

from playwright.sync_api import Locator, Page, expect

from tests import patterns
from tests.browser.proxy import Proxy
from tests.browser.studio import BrowserTestCase
from tests.work_cases import worked

TABLET = {"width": 768, "height": 1024}
LEAST_PX = 64  # of a target for wet fingers
MOST_STEPS = 60
SIXTEEN = {"kind": "absolute", "repeats": 16}
VOICE = """window.said = []
Object.defineProperty(window, "speechSynthesis", {
  value: { getVoices: () => [{}], cancel() {}, speak: (told) => said.push(told.words) },
})
window.SpeechSynthesisUtterance = class { constructor(words) { this.words = words } }"""
SENT = "() => !Object.keys(localStorage).some((key) => key.startsWith('fernring.told.'))"


class TableCase(BrowserTestCase):
    def piece(self, name: str, *rows: patterns.Document, **more: Any) -> str:
        """A small piece on the Bench; answers its id."""
        few = {"kind": "absolute", "repeats": 6}
        own = rows or (patterns.centre(6.8), patterns.row("a", 3.0, gap=1.5, count=few), patterns.row("b", 2.0))
        document = worked(*own, **{"base_coats": 1, "coats": 1, **more}).model_dump(mode="json")
        return str(self.ask("pieces", {"piece": {**document, "name": name}})["id"])

    def sit(self, ident: str, page: Page | None = None, at: str = "") -> Page:
        page = page or self.page
        page.goto(f"{at or self.server.address}/piece/{ident}/table")
        expect(self.words(page)).to_be_visible()
        return page

    def words(self, page: Page | None = None) -> Locator:
        return (page or self.page).locator(".table-words")

    def act(self, name: str, page: Page | None = None) -> Locator:
        return (page or self.page).get_by_role("button", name=name, exact=True)

    def main(self, page: Page | None = None) -> Locator:
        return (page or self.page).locator(".table-acts .main")

    def go_until(self, wanted: str, press: Callable[[Locator], None]) -> list[str]:
        """Marks steps, and ends waits, until the sentence says so; answers the sentences on the way."""
        said: list[str] = []
        for _ in range(MOST_STEPS):
            now = self.words().inner_text()
            if re.search(wanted, now):
                return said
            said.append(now)
            seen = self.page.locator(".table").inner_text()
            dry = self.act("Dry already")
            press(dry if dry.count() else self.main())
            expect(self.page.locator(".table")).not_to_have_text(seen, use_inner_text=True)
        raise AssertionError(f"“{wanted}” did not come: {said}")

    def book(self, ident: str) -> Any:
        """As the server has it, once everything that the page told has come there."""
        self.page.wait_for_function(SENT)
        return self.ask(f"documents/{ident}/logbook")

    def kept(self, ident: str) -> Any:
        return self.ask(f"documents/{ident}")["document"]


class ByTouchTest(TableCase):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.new_page(touch=True)
        self.page.set_viewport_size(TABLET)  # type: ignore[arg-type]

    def test_a_whole_piece_with_two_mistakes_a_restart_and_a_second_device(self) -> None:
        ident = self.piece("By touch")
        self.sit(ident)
        self.targets_are_large()
        self.act("Begin the work").tap()
        # 1. From bare stone to the first dots: base coat, a wait that is over sooner, guides.
        before = self.go_until("^The centre: one dot", lambda button: button.tap())
        self.assertTrue(any("Night ink" in one or "Coat" in one for one in before), before)
        self.assertTrue(any("Let it dry" in one for one in before), before)
        self.main().tap()
        # 2. The centre came out too big: what it measures is kept, and what comes later goes by it.
        walks = [row["walk"] for row in self.ask("plan", self.kept(ident))["rows"]]
        self.act("Something happened").tap()
        self.act("Too big").tap()
        self.touch_the_middle()
        for _ in range(6):
            self.page.get_by_role("button", name="It measures: more").tap()
        self.targets_are_large()
        self.act("Keep this dot so").tap()
        expect(self.page.get_by_role("dialog")).not_to_be_visible()
        self.wait_for(lambda: self.kept(ident)["rows"][0]["painted"]["parts"][0]["measured"] == [0])
        after = [row["walk"] for row in self.ask("plan", self.kept(ident))["rows"]]
        self.assertGreater(after[1], walks[1] + 0.25)
        # 3. A smudge: covered, and dotted again.
        self.go_until("^Row 2: ", lambda button: button.tap())
        self.act("Something happened").tap()
        self.act("Smudged").tap()
        self.touch_the_middle()
        self.act("Cover it and dot it again").tap()
        self.wait_for(lambda: len(self.kept(ident)["work"]["repairs"]) == 1)
        # 4. The server ends and begins again; nothing is lost.
        done = len(self.book(ident)["done"])
        self.server.kill()
        self.server.start()
        self.page.reload()
        expect(self.words()).to_contain_text("Row 2")
        self.assertEqual(len(self.book(ident)["done"]), done)
        # 5. A second device sees each step, and takes the lead by one touch.
        other = self.new_page(touch=True)
        self.sit(ident, other)
        expect(self.words(other)).to_contain_text("Steps are marked on the studio's machine")
        expect(self.main(other)).to_be_disabled()
        self.act("Mark steps here", other).tap()
        expect(self.words(other)).to_contain_text("Row 2")
        expect(self.words()).to_contain_text("Steps are marked on")
        self.act("Mark steps here").tap()
        # 6. On to the end; the caution has to be read.
        said = self.go_until("^Finished", lambda button: button.tap())
        self.assertTrue(any(one.startswith("Cover ") for one in said), said)
        self.assertTrue(any(one.startswith("Set it again") for one in said), said)
        expect(self.words(other)).to_contain_text("Steps are marked on")
        book = self.book(ident)
        self.assertEqual([one["what"] for one in book["happened"]], ["too big", "smudged"])
        self.assertEqual(len({one["step"] for one in book["done"]}), len(book["done"]))
        self.page.get_by_role("link", name="Steps").tap()
        expect(self.page.get_by_role("region", name="At the table")).to_contain_text("Too big, row C, place 1")
        self.visit()
        expect(self.page.locator(".bench-piece").filter(has_text="By touch")).to_contain_text("done")

    def test_a_caution_has_to_be_read_and_back_undoes(self) -> None:
        ident = self.piece("Cautions", patterns.centre(3.0))
        self.sit(ident)
        self.act("Begin the work").tap()
        self.go_until("varnish, thin", lambda button: button.tap())
        expect(self.page.get_by_role("note")).to_contain_text("its safety data sheet say comes first")
        # go_until stops at the sentence: the caution may just have been read by the tap that came before
        self.act("Back").tap()
        self.go_until("varnish, thin", lambda button: button.tap())
        self.wait_for(lambda: not any(one["step"].startswith("coat") for one in self.book(ident)["done"]))
        self.main().tap()
        if self.main().inner_text() == "Done, next":
            self.main().tap()
        expect(self.words()).to_contain_text("Finished")

    def test_a_wait_takes_longer_and_is_told_on_every_page(self) -> None:
        ident = self.piece("Waits", patterns.centre(8.9), patterns.row("a", 4.6, trims=[patterns.top(2.0)]))
        self.sit(ident)
        self.act("Begin the work").tap()
        self.go_until("^Let it dry", lambda button: button.tap())
        before = self.book(ident)["timers"][-1]["due"]
        words = self.words().inner_text()
        self.act("Will take longer").tap()
        expect(self.words()).not_to_have_text(words)
        self.wait_for(lambda: self.book(ident)["timers"][-1]["due"] > before or self.due(ident) > before)
        self.act("End the sitting").tap()
        self.wait_for(lambda: self.book(ident)["sittings"][0]["end"] is not None)
        self.visit()
        expect(self.page.locator(".bench-summary")).to_contain_text("Waits until")
        expect(self.page.get_by_role("link", name=re.compile("sitting 1 of.*drying until"))).to_be_visible()
        # What is due in a moment is told on this page, which is not the table.
        soon = {"state": "touch", "minutes": 0.02, "frees": ["Row 9"]}
        led = {"kind": "lead"}
        told = [led, {"kind": "done", "step": "made up", "words": "Row 8", "dries": [soon]}]
        events = [{"id": f"{k + 1:032x}", "page": "c" * 32, "what": what} for k, what in enumerate(told)]
        self.ask(f"documents/{ident}/logbook", {"events": events})
        expect(self.page.get_by_text("Waits: dry. Row 8 Next: Row 9")).to_be_visible()
        # What waits for a step that is not done yet is not said to come next.
        waits = {"step": "made up three", "words": "Row 6", "needs": [{"step": "not done", "state": None}]}
        done = {"kind": "done", "step": "made up too", "words": "Row 7", "dries": [{**soon, "frees": [waits]}]}
        self.ask(f"documents/{ident}/logbook", {"events": [{"id": f"{9:032x}", "page": "c" * 32, "what": done}]})
        expect(self.page.get_by_text("Waits: dry. Row 7", exact=True)).to_be_visible()

    def test_a_row_that_should_have_come_first_is_still_painted(self) -> None:
        """As in a piece that was begun before, or whose plan was changed meanwhile."""
        edge = patterns.row("e", 3.0, distance=patterns.at(40), boundary=True, start=patterns.LINES, count=SIXTEEN)
        ident = self.piece("Edge first", patterns.centre(3.0), edge)
        steps = self.ask("work", {"piece": self.kept(ident)})["steps"]
        edge_step, centre = (next(one for one in steps if one["row"] == row) for row in ("e", "centre"))
        self.assertIn(edge_step["id"], [one["step"] for one in centre["after"]])
        done = {"kind": "done", "step": centre["id"], "words": "The centre", "dries": []}
        told = [
            {"id": f"{k:032x}", "page": "d" * 32, "what": one} for k, one in enumerate([{"kind": "lead"}, done], 100)
        ]
        self.ask(f"documents/{ident}/logbook", {"events": told})
        self.sit(ident)
        self.act("Mark steps here").tap()
        expect(self.words()).to_contain_text("Row 1: 16 dots")

    def due(self, ident: str) -> float:
        return max(one["due"] for one in self.book(ident)["timers"])

    def touch_the_middle(self) -> None:
        stone = self.page.locator(".table-mishap .stone")
        expect(stone.locator("canvas").first).to_be_visible()
        box = stone.bounding_box()
        assert box
        self.page.touchscreen.tap(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2)
        expect(self.page.get_by_text("Touch the dot on the piece")).not_to_be_visible()

    def targets_are_large(self) -> None:
        """At least 64 px each way, and the page does not scroll."""
        for button in self.page.locator("button:visible").all():
            box = button.bounding_box()
            assert box
            self.assertGreaterEqual(min(box["width"], box["height"]), LEAST_PX, button.inner_text())
        self.assertTrue(self.page.evaluate("document.documentElement.scrollHeight <= innerHeight"))

    def wait_for(self, holds: Callable[[], bool]) -> None:
        """Asks the server until it is so."""
        for _ in range(200):
            if holds():
                return
            self.page.wait_for_function("new Promise((done) => requestAnimationFrame(() => done(true)))")
        raise AssertionError("it did not come to be so")

    def test_a_wait_is_skipped_and_teaches_nothing(self) -> None:
        ident = self.piece("Skipped")
        self.sit(ident)
        self.act("Begin the work").click()
        self.go_until("^Let it dry", lambda button: button.click())
        said = self.words().inner_text()
        self.act("Skip this wait").click()
        expect(self.words()).not_to_have_text(said, use_inner_text=True)
        expect(self.words()).not_to_contain_text("Let it dry")
        self.assertEqual([one["ended"] is not None for one in self.book(ident)["timers"]].count(True) > 0, True)
        self.assertEqual(self.ask("table/taught")["reports"], [])


class ByKeysTest(TableCase):
    def test_a_whole_piece_by_keys_and_a_pedal(self) -> None:
        ident = self.piece("By keys", patterns.centre(3.0), patterns.row("a", 2.0, gap=1.0), coat="none")
        self.sit(ident)
        self.tab_to("Begin the work")
        self.page.keyboard.press("Enter")
        expect(self.act("Pause")).to_be_visible()
        self.tab_to("Keys")
        self.page.keyboard.press("Enter")
        self.tab_to("Add one")
        self.page.keyboard.press("Enter")
        self.page.keyboard.press("F9")
        expect(self.page.get_by_role("dialog")).to_contain_text("F9")
        self.page.keyboard.press("Escape")
        expect(self.page.get_by_role("dialog")).not_to_be_visible()
        first = self.words().inner_text()
        self.page.keyboard.press("F9")
        expect(self.words()).not_to_have_text(first)
        self.page.keyboard.press("Backspace")
        expect(self.words()).to_have_text(first)
        self.page.keyboard.press("F9")
        keys = ["Space", "PageDown", "ArrowRight"]
        turn = 0

        def press(button: Locator) -> None:
            nonlocal turn
            if button.inner_text() == "Dry already":
                button.focus()
                self.page.keyboard.press("Enter")
            else:
                self.page.locator("body").evaluate("() => document.activeElement?.blur()")
                self.page.keyboard.press(keys[turn % 3])
                turn += 1

        self.go_until("^Finished", press)
        self.assertGreater(len(self.book(ident)["done"]), 5)


class VoiceTest(TableCase):
    def test_steps_and_their_parts_are_read_out(self) -> None:
        """The headless browser has no voice: one that keeps what it was given stands in for it."""
        self.page.add_init_script(VOICE)
        ident = self.piece("Aloud", patterns.row("a", 2.0, distance=patterns.at(30), count=SIXTEEN), base_coats=0)
        self.sit(ident)
        self.act("Begin the work").click()
        self.go_until("^Row 1: 16 dots", lambda button: button.click())
        self.assertEqual(self.page.evaluate("said"), [])
        self.act("Voice off").click()
        self.heard("Row 1: 16 dots of 2 mm", "Now the quarter points.")
        self.main().click()
        self.heard("Now four more, between.")
        self.act("Voice on").click()
        self.main().click()
        expect(self.page.locator(".table-part")).to_contain_text("eight more, between")
        self.assertEqual(len(self.page.evaluate("said")), 2)

    def heard(self, *words: str) -> None:
        self.page.wait_for_function("(words) => words.every((one) => said.at(-1)?.includes(one))", arg=list(words))


class AwayTest(TableCase):
    def test_the_network_drops_and_the_work_goes_on(self) -> None:
        line = Proxy(self.server.address)
        self.addCleanup(line.close)
        self.allowed = (line.address,)
        ident = self.piece("Away")
        self.sit(ident, at=line.address)
        self.act("Begin the work").click()
        self.go_until("^Row 1: ", lambda button: button.click())
        known = len(self.book(ident)["done"])
        line.away = True
        said = self.go_until("^(Row 2: |Let it dry)", lambda button: button.click())
        self.assertTrue(said)
        expect(self.page.get_by_text("Do not reload this page")).to_be_visible()
        self.assertEqual(len(self.ask(f"documents/{ident}/logbook")["done"]), known)
        line.away = False
        expect(self.page.get_by_text("Do not reload this page")).not_to_be_visible()
        book = self.book(ident)
        self.assertGreater(len(book["done"]), known)
        self.assertEqual(len({one["step"] for one in book["done"]}), len(book["done"]))

    def test_what_was_marked_before_a_restore_is_set_aside_and_added_to_the_copy(self) -> None:
        line = Proxy(self.server.address)
        self.addCleanup(line.close)
        self.allowed = (line.address,)
        for name, answer in (("Added", "Add to this copy"), ("Left", "Leave out")):
            with self.subTest(answer):
                ident = self.piece(name)
                self.sit(ident, at=line.address)
                self.act("Begin the work").click()
                self.go_until("^Row 1: ", lambda button: button.click())
                known = len(self.book(ident)["done"])
                copy = self.page.request.post(f"{self.server.address}/api/studio/copy").body()
                line.away = True
                self.go_until("^(Row 2: |Let it dry)", lambda button: button.click())
                back = self.page.request.post(f"{self.server.address}/api/studio/bring-back", data=copy)
                self.assertTrue(back.ok, back.text())
                line.away = False
                aside = self.page.get_by_role("region", name="Set aside")
                expect(aside).to_contain_text("restored from a copy")
                self.assertEqual(len(self.ask(f"documents/{ident}/logbook")["done"]), known)
                self.act(answer).click()
                expect(aside).not_to_be_visible()
                self.page.wait_for_function(SENT)
                done = [one["step"] for one in self.ask(f"documents/{ident}/logbook")["done"]]
                self.assertEqual(len(done) > known, answer == "Add to this copy")
                self.assertEqual(len(set(done)), len(done))
