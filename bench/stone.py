"""The stone in Chromium: frames while it turns, zooms and moves, and a row slid among many."""

import statistics
import tempfile
from pathlib import Path

import httpx
from playwright.sync_api import Page, sync_playwright

from fernring.core.document.piece import Piece
from tests.browser.studio import FLAGS, SIZE, Server
from tests.samples import large

from .timing import figure, share

FRAMES = 60
SLIDES = 40
GESTURES = {
    "turning": "(k) => ({ key: k % 2 ? ',' : '.' })",
    "zooming": "(k) => ({ key: k % 20 < 10 ? '+' : '-' })",
    "moving": "(k) => ({ key: k % 2 ? 'ArrowLeft' : 'ArrowRight' })",
}
FRAME_TIMES = """
async ([frames, keys]) => {
  const stone = document.querySelector('.stone'), press = eval(keys), times = []
  let last = await new Promise(requestAnimationFrame)
  for (let k = 0; k < frames; k++) {
    stone.dispatchEvent(new KeyboardEvent('keydown', { ...press(k), bubbles: true }))
    const now = await new Promise(requestAnimationFrame)
    times.push(now - last)
    last = now
  }
  return times
}
"""
IDLE_TIMES = """
async (frames) => {
  const times = []
  let last = await new Promise(requestAnimationFrame)
  for (let k = 0; k < frames; k++) {
    const now = await new Promise(requestAnimationFrame)
    times.push(now - last)
    last = now
  }
  return times
}
"""


def run() -> bool:
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        server = Server(Path(folder) / "bench.sqlite", demo=False)
        browser = playwright.chromium.launch(executable_path="/usr/bin/chromium", headless=True, args=FLAGS)
        page = browser.new_page(viewport=SIZE)  # type: ignore[arg-type]
        try:
            return _gestures(page, server) & _sliding(page, server)
        finally:
            browser.close()
            server.kill()


def _gestures(page: Page, server: Server) -> bool:
    """20,000 dots at the browser's own frame rate: the median frame no longer than an idle one and a half."""
    _open(page, server, large(40, 20_000, nested=False))
    idle = statistics.median(page.evaluate(IDLE_TIMES, FRAMES))
    good = figure("20,000 dots, an idle frame", idle, "ms")
    for name, keys in GESTURES.items():
        times = page.evaluate(FRAME_TIMES, [FRAMES, keys])
        good &= figure(f"20,000 dots, a frame while {name}", statistics.median(times), "ms", 1.5 * idle)
    return good


def _sliding(page: Page, server: Server) -> bool:
    """Row 20 of 40 of a 5,000-dot piece, the outer rows nested on it, from pointer move to drawn frame."""
    _open(page, server, large(40, 5_000))
    dome = page.locator('.spoke-dome[aria-label="Row 20, walk distance"]')
    box = dome.bounding_box()
    assert box is not None
    x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
    page.mouse.move(x, y)
    page.mouse.down()
    for k in range(SLIDES):
        drawn = page.evaluate("() => performance.getEntriesByName('plan drawn').length")
        page.mouse.move(x + 2 + k % 5, y)
        page.wait_for_function("n => performance.getEntriesByName('plan drawn').length > n", arg=drawn)
    times: list[float] = page.evaluate("() => performance.getEntriesByName('plan drawn').map((e) => e.duration)")
    page.mouse.up()
    idle = statistics.median(page.evaluate(IDLE_TIMES, FRAMES))
    times = sorted(times[3:])
    good = share("5,000 dots, from pointer move to drawn frame, idle frames", statistics.median(times), idle, 3.5)
    return good & share("the same, 95th percentile", times[int(0.95 * (len(times) - 1))], idle, 7)


def _open(page: Page, server: Server, piece: Piece) -> None:
    body = {"piece": piece.model_dump(mode="json"), "label": "Measure"}
    made = httpx.post(f"{server.address}/api/pieces", json=body).json()
    page.goto(f"{server.address}/piece/{made['id']}")
    page.locator(".stone canvas").first.wait_for()
    page.locator(".spoke-dome").first.wait_for()
