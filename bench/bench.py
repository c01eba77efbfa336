"""The Bench in Chromium: everything drawn on a warm server, with the demo pieces and with many."""

import httpx
from playwright.sync_api import Page

from tests.server import Server

from .chromium import frame_times, opened
from .timing import figure

MANY = 400
DRAWN = """
async () => {
  const seen = () => [...document.querySelectorAll('.bench-piece')].filter((one) => {
    const box = one.getBoundingClientRect()
    return box.bottom > 0 && box.top < innerHeight
  })
  const drawn = (one) => one.querySelector('.bench-dots')?.textContent
  while (!seen().length || !seen().every(drawn)) await new Promise(requestAnimationFrame)
  return performance.now()
}
"""


def run() -> bool:
    with opened(demo=True) as (page, server):
        count = len(httpx.get(f"{server.address}/api/pieces").json())
        good = figure(f"{count} pieces, drawn from opening the page", _drawn(page, server), "ms", 1000)
        _fill(server, count)
        good &= figure(f"{MANY} pieces, drawn from opening the page", _drawn(page, server), "ms", 2000)
        times = sorted(frame_times(page, 120, "scrollBy(0, 60)"))
        return good & figure("scrolling through them, 95th percentile of frames", times[113], "ms", 50)


def _drawn(page: Page, server: Server) -> float:
    """Milliseconds from asking for the page until every piece in sight is drawn; the second time, on a warm server."""
    for _ in range(2):
        page.goto(server.address)
        taken: float = page.evaluate(DRAWN)
    return taken


def _fill(server: Server, count: int) -> None:
    """Copies of the demo pieces, until there are many."""
    pieces = [one["id"] for one in httpx.get(f"{server.address}/api/pieces").json()]
    for k in range(MANY - count):
        httpx.post(f"{server.address}/api/pieces/{pieces[k % count]}/copy", timeout=60).raise_for_status()
