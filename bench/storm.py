"""Three hundred edits in two tabs over a bad line: what is lost, doubled or out of its order."""

import httpx
from playwright.sync_api import expect

from tests.browser.proxy import Proxy
from tests.browser.storm import ledger, storm, wrong
from tests.samples import piece

from .chromium import opened
from .timing import figure

EDITS = 150  # in each tab


def run() -> bool:
    with opened(demo=False) as (page, server):
        body = {"piece": piece().model_dump(mode="json")}
        ident = httpx.post(f"{server.address}/api/pieces", json=body, timeout=60).json()["id"]
        line = Proxy(server.address)
        tabs = {"West": page, "East": page.context.new_page()}
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
