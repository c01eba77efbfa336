"""A real server on the demo studio, and a real browser that looks at it."""

import atexit
import shutil
import tempfile
import unittest
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from functools import cache
from pathlib import Path
from typing import Any, ClassVar

from playwright.sync_api import Browser, Locator, Page, Playwright, Route, expect, sync_playwright

from commands.setup import BROWSER
from tests.assertions import FernTestCase
from tests.server import PATIENCE_S, Server

FLAGS = [
    "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
    "--disable-component-update", "--disable-sync", "--disable-dev-shm-usage",
    "--host-resolver-rules=MAP studio.test 127.0.0.1 , MAP * ~NOTFOUND , EXCLUDE 127.0.0.1",
]  # fmt: skip
SIZE = {"width": 1280, "height": 800}
PATIENCE_MS = 1000 * PATIENCE_S
FAULT = 500  # what the server answers to a fault of its own
NAME_OF = "(e) => (e?.getAttribute('aria-label') ?? e?.labels?.[0]?.innerText ?? e?.innerText ?? '').trim()"
CONTROLS = "a[href], button:enabled, input:enabled, select:enabled, textarea:enabled, [tabindex]"
AT_REST = """() => document.getAnimations()
  .every((one) => !(one instanceof CSSTransition) || one.playState !== "running")"""
STOPS = 120  # the most Tabs from one control to another on any screen


@cache
def _playwright() -> Playwright:
    playwright = sync_playwright().start()
    atexit.register(playwright.stop)
    return playwright


_browsers: list[Browser] = []


def chromium() -> Browser:
    """One browser for all tests of a process, as long as it lives; each test has a context of its own in it."""
    if not _browsers or not _browsers[-1].is_connected():
        browser = _playwright().chromium.launch(executable_path=BROWSER, headless=True, args=FLAGS)
        atexit.register(browser.close)
        _browsers.append(browser)
    return _browsers[-1]


class BrowserTestCase(FernTestCase):
    """One server a class, one fresh page a test. Nothing may leave this machine, nor fail inside."""

    server: ClassVar[Server]
    folder: ClassVar[Path]
    design: ClassVar[dict[str, Any] | None] = None
    faults_expected: ClassVar[bool] = False
    more: ClassVar[tuple[str, ...]] = ()  # words for the server's command
    allowed: tuple[str, ...] = ()  # addresses besides the server's that a page may ask

    @classmethod
    def setUpClass(cls) -> None:
        cls.folder = Path(tempfile.mkdtemp())
        cls.server = Server(cls.folder / "studio.sqlite", more=cls.more)

    @classmethod
    def tearDownClass(cls) -> None:
        cls.server.kill()
        shutil.rmtree(cls.folder)

    def setUp(self) -> None:
        self.page = self.new_page()
        settings = {"units": "mm", "scheme": "auto"}
        self.page.request.put(f"{self.server.address}/api/studio", data=settings).dispose()

    def new_page(self, touch: bool = False) -> Page:
        context = chromium().new_context(viewport=SIZE, accept_downloads=True, has_touch=touch)  # type: ignore[arg-type]
        context.set_default_timeout(PATIENCE_MS)
        expect.set_options(timeout=PATIENCE_MS)
        self.addCleanup(context.close)
        page = context.new_page()
        problems: list[str] = []
        page.on("pageerror", lambda error: problems.append(str(error)))
        if not self.faults_expected:
            page.on("response", lambda answer: problems.append(answer.url) if answer.status == FAULT else None)
        page.on("request", lambda request: self.note_foreign(request.url, problems))
        self.addCleanup(lambda: self.assertEqual(problems, []))
        return page

    def note_foreign(self, url: str, problems: list[str]) -> None:
        if not url.startswith((self.server.address, "blob:", "data:", *self.allowed)):
            problems.append(f"asked another host: {url}")

    # What a person does, in words.

    def visit(self, path: str = "/") -> None:
        self.page.goto(self.server.address + path)

    def open_piece(self, name: str = "Annular eclipse") -> None:
        """From the Bench to the piece, with its plan drawn."""
        self.visit()
        self.page.get_by_role("link", name=f"Open {name}", exact=True).first.click()
        expect(self.page.locator(".verdict-line")).to_contain_text("dots.")

    def begin_piece(self, name: str) -> None:
        """A new piece with this name in the first design, opened; so that tests do not disturb each other."""
        state = self.ask("pieces", {"piece": {**self.first_design(), "name": name}})
        self.visit(f"/piece/{state['id']}")
        expect(self.page.get_by_label("Name of the piece")).to_have_value(name)
        expect(self.summary()).to_contain_text("exactly at the border")

    def first_design(self) -> dict[str, Any]:
        """What the page for a new piece shows before anything is chosen."""
        if self.design is None:
            bare, patterns = self.ask("begin/piece"), self.ask("patterns")
            type(self).design = self.ask("compose", {"piece": bare, "pattern": patterns[0]["id"]})
        assert self.design
        return self.design

    def ask(self, route: str, body: object = None) -> Any:
        """The answer of the server itself: GET, or POST with a body."""
        asked, address = self.page.request, f"{self.server.address}/api/{route}"
        answer = asked.get(address) if body is None else asked.post(address, data=body)
        self.assertTrue(answer.ok, answer.text())
        return answer.json()

    def press(self, name: str) -> None:
        self.page.get_by_role("button", name=name, exact=True).first.click()

    def fill(self, label: str, text: str) -> None:
        field = self.page.get_by_label(label, exact=True).first
        field.fill(text)
        field.press("Enter")

    def choose(self, label: str, option: str) -> None:
        self.page.get_by_label(label, exact=True).first.select_option(label=option)

    def choose_oval(self, length: str, width: str) -> None:
        self.choose("Outline", "oval")
        self.fill("Length", length)
        self.fill("Width", width)

    def add_kind(self, name: str) -> None:
        """A row of another kind, or a motif."""
        self.press("Add another kind…")
        self.page.get_by_role("menuitem", name=name).click()

    def pot(self, name: str) -> Locator:
        """A paint on the shelf."""
        return self.page.locator(".pot").filter(has=self.page.get_by_text(name, exact=True))

    def tool(self, name: str) -> Locator:
        """A tool of the kit, on the tray."""
        return self.page.locator(".tool").filter(has=self.page.get_by_text(name, exact=True))

    def tab_to(self, name: str) -> None:
        """Once the page has the control of this name, by Tab from where the focus is to it."""
        there = f"(name) => [...document.querySelectorAll('{CONTROLS}')].some((e) => ({NAME_OF})(e) === name)"
        self.page.wait_for_function(there, arg=name)
        for _ in range(STOPS):
            self.page.keyboard.press("Tab")
            if self.page.evaluate(f"({NAME_OF})(document.activeElement)") == name:
                return
        self.fail(f"“{name}” cannot be reached by Tab")

    def give_file(self, ask: Callable[[], None], name: str, kind: str, data: bytes) -> None:
        """Asked for a file by an act of the person, the page is given this one."""
        with self.page.expect_file_chooser() as chooser:
            ask()
        chooser.value.set_files({"name": name, "mimeType": kind, "buffer": data})

    def row(self, mark: str) -> Locator:
        return self.page.locator(f'.row-line[data-row="{mark}"]')

    def pick(self, mark: str) -> None:
        if self.row(mark).get_attribute("aria-expanded") != "true":
            self.row(mark).click()
        expect(self.row(mark)).to_have_attribute("aria-expanded", "true")

    def part(self, name: str) -> None:
        self.page.get_by_role("tab", name=name, exact=True).click()

    @contextmanager
    def unanswered(self, address: str) -> Iterator[None]:
        """The next request to such an address takes for ever."""
        waiting: list[Route] = []
        self.page.route(address, lambda route: waiting.append(route), times=1)
        yield
        for route in waiting:
            route.abort()

    def expect_at_rest(self) -> None:
        """Nothing fades or slides in any more."""
        self.page.wait_for_function(AT_REST)

    def summary(self) -> Locator:
        return self.page.locator(".verdict-line [role=status]")

    def undo(self) -> None:
        self.page.get_by_role("button", name="Undo: ").click()

    def expect_saved(self) -> None:
        expect(self.page.locator(".saved")).to_have_text("Saved")

    def document(self) -> dict[str, Any]:
        """The open piece as the server has it."""
        self.expect_saved()
        ident = self.page.url.split("/piece/")[1].split("/")[0]
        value: dict[str, Any] = self.ask(f"documents/{ident}")["document"]
        return value

    def download(self, button: str) -> bytes:
        with self.page.expect_download() as waiting:
            self.press(button)
        return Path(waiting.value.path()).read_bytes()


if __name__ == "__main__":
    unittest.main()
