"""The table: from a touch to the next step, and what is left of a sitting when the server or the line goes away."""

import random
import sqlite3
import tempfile
from pathlib import Path
from statistics import median
from typing import Any

import httpx
from playwright.sync_api import Page

from fernring.core.document.piece import Piece
from tests import patterns
from tests.browser.proxy import Proxy
from tests.server import Server
from tests.work_cases import worked

from .chromium import opened
from .timing import figure
from .work import large

DOTS, TOUCHES = 5_000, 40
KILLS = DROPS = 200
QUICK = {"base_coats": 0, "coat": "none", "swirl": False}

# One touch on what goes on, timed until the next step stands on the screen and was painted.
TOUCH = """
async () => {
  const parts = '.table-words, .table-part, .table-acts .main'
  const said = () => [...document.querySelectorAll(parts)].map((one) => one.textContent).join()
  const frame = () => new Promise(requestAnimationFrame)
  const answers = [...document.querySelectorAll('.table-answers button')]
  const dry = answers.find((one) => one.textContent === 'Dry already')
  const before = said()
  const start = performance.now()
  ;(dry ?? document.querySelector('.table-acts .main')).click()
  while (said() === before) await frame()
  await frame()
  const taken = performance.now() - start
  await new Promise((done) => setTimeout(done, 150))
  return dry ? null : taken
}
"""

# Touches on and back at random, for as long as it is not told to stop; counts what the page tells.
STORM = """
() => {
  window.told = 0
  const set = Storage.prototype.setItem
  Storage.prototype.setItem = function (key, value) {
    if (key.startsWith('fernring.told.')) window.told++
    return set.call(this, key, value)
  }
  window.storm = setInterval(() => {
    const answers = [...document.querySelectorAll('.table-answers button')]
    const dry = answers.find((one) => one.textContent === 'Dry already')
    const [back, , next] = document.querySelectorAll('.table-acts button')
    const one = dry ?? (Math.random() < 0.35 ? back : next)
    one?.click()
  }, 180)
}
"""
CALM = "() => { clearInterval(window.storm); return window.told }"
EMPTY = "() => !Object.keys(localStorage).some((key) => key.startsWith('fernring.told.'))"
SHOWN = "() => document.querySelectorAll('.work-step').length && document.body.innerText.match(/✓ done/g)?.length || 0"


def run() -> bool:
    return _touches() & _storm("killed", KILLS, _killed) & _storm("cut off from the page", DROPS, _cut_off)


def _touches() -> bool:
    piece = large(DOTS).model_dump(mode="json")
    with opened(demo=False) as (page, server):
        _sit(page, server.address, _begun(server, piece | {"work": QUICK}))
        times = [taken for _ in range(TOUCHES) if (taken := page.evaluate(TOUCH)) is not None]
    return figure(f"from a touch to the next step, {DOTS:,} dots, median of {len(times)}", median(times), "ms", 100)


def _storm(words: str, times: int, trouble: Any) -> bool:
    """A sitting during which the server is in trouble; what was told must be there, each once."""
    with tempfile.TemporaryDirectory() as folder, opened(demo=False) as (page, _):
        server = Server(Path(folder) / "studio.sqlite", demo=False)
        line = Proxy(server.address)
        ident = _begun(server, _piece().model_dump(mode="json"))
        _sit(page, line.address if trouble is _cut_off else server.address, ident)
        page.evaluate(STORM)
        chance = random.Random(times)
        for _ in range(times):
            trouble(page, server, line, chance)
        told = page.evaluate(CALM)
        page.wait_for_function(EMPTY, timeout=60_000)
        page.get_by_role("link", name="Steps").click()
        page.locator(".work-step").first.wait_for()
        shown = page.evaluate(SHOWN)
        done = len(httpx.get(f"{server.address}/api/documents/{ident}/logbook").json()["done"])
        with sqlite3.connect(server.studio) as db:
            kept = db.execute("SELECT count(*), count(DISTINCT id) FROM happening").fetchone()
        server.kill()
        line.close()
    print(f"  {told} touches told, {kept[0]} kept; {shown} steps shown as done, {done} are")
    wrong = abs(told + 2 - kept[0]) + kept[0] - kept[1] + abs(shown - done)  # two were told on sitting down
    return figure(f"lost or doubled with a server {words} {times} times", wrong, "events", 0)


def _killed(page: Page, server: Server, _: Proxy, chance: random.Random) -> None:
    page.wait_for_timeout(chance.uniform(20, 600))
    server.kill()
    server.start()


def _cut_off(page: Page, _: Server, line: Proxy, chance: random.Random) -> None:
    page.wait_for_timeout(chance.uniform(20, 300))
    line.away = True
    page.wait_for_timeout(chance.uniform(20, 300))
    line.away = False


def _piece() -> Piece:
    shades = [patterns.shades(name) for name in ("pale", "red", "teal", "amber")]
    rows = [patterns.row(f"r{k}", 2.0, shades=shades[k % 4], label="") for k in range(10)]
    return worked(patterns.centre(3.0), *rows, **QUICK)


def _begun(server: Server, piece: dict[str, Any]) -> str:
    made = httpx.post(f"{server.address}/api/pieces", json={"piece": piece}, timeout=60)
    return str(made.raise_for_status().json()["id"])


def _sit(page: Page, address: str, ident: str) -> None:
    page.goto(f"{address}/piece/{ident}/table")
    page.get_by_role("button", name="Begin the work").click()
    page.get_by_role("button", name="Pause").wait_for()
