"""Three hundred edits in two tabs over a bad line: what is lost, doubled or out of its order."""

import httpx
from playwright.sync_api import expect

from tests.browser.proxy import Proxy
from tests.browser.storm import ledger, storm, wrong
from tests.browser.studio import SIZE
from tests.samples import piece

from .chromium import opened
from .timing import figure

EDITS = 150  # in each tab


def run() -> bool:
    with opened(demo=False) as (first, server):
        browser = first.context.browser
        assert browser
        context = browser.new_context(viewport=SIZE)  # type: ignore[arg-type]
        body = {"piece": piece().model_dump(mode="json")}
        ident = httpx.post(f"{server.address}/api/pieces", json=body, timeout=60).json()["id"]
        line = Proxy(server.address)
        tabs = {side: context.new_page() for side in ("West", "East")}
        for tab in tabs.values():
            tab.set_default_timeout(60_000)
            tab.goto(f"{line.address}/piece/{ident}")
            expect(tab.locator(".verdict-line")).to_contain_text("dots.", timeout=60_000)
        expect.set_options(timeout=60_000)
        storm(line, tabs, EDITS)
        line.close()
        return figure(
            "edits lost, doubled or out of order", len(wrong(ledger(server.studio, ident), [*tabs], EDITS)), "edits", 0
        )
