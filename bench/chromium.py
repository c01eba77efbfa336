"""A page in Chromium beside a server of its own, and how long its frames take."""

import tempfile
from collections.abc import Iterable, Iterator
from contextlib import contextmanager
from pathlib import Path

from playwright.sync_api import Page, sync_playwright

from commands.setup import BROWSER
from tests.browser.studio import FLAGS, SIZE
from tests.server import Server

FRAME_TIMES = """
async (frames) => {
  const times = []
  let last = await new Promise(requestAnimationFrame)
  for (let k = 0; k < frames; k++) {
    STEP
    const now = await new Promise(requestAnimationFrame)
    times.push(now - last)
    last = now
  }
  return times
}
"""


@contextmanager
def opened(demo: bool) -> Iterator[tuple[Page, Server]]:
    """An empty page, and a server on a new studio, with the demo pieces or without."""
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        server = Server(Path(folder) / "bench.sqlite", demo=demo)
        browser = playwright.chromium.launch(executable_path=BROWSER, headless=True, args=FLAGS)
        try:
            yield browser.new_page(viewport=SIZE), server  # type: ignore[arg-type]
        finally:
            browser.close()
            server.kill()


def drawn_times(page: Page, path: Iterable[tuple[float, float]]) -> list[float]:
    """Milliseconds from each place the pointer is moved to until the plan it asks for is drawn, of all drawn so far."""
    for x, y in path:
        drawn = page.evaluate("() => performance.getEntriesByName('plan drawn').length")
        page.mouse.move(x, y)
        page.wait_for_function("n => performance.getEntriesByName('plan drawn').length > n", arg=drawn)
    times: list[float] = page.evaluate("() => performance.getEntriesByName('plan drawn').map((e) => e.duration)")
    return times


def frame_times(page: Page, frames: int, step: str = "") -> list[float]:
    """Milliseconds from frame to frame; `step` is the script that runs before the k-th."""
    times: list[float] = page.evaluate(FRAME_TIMES.replace("STEP", step), frames)
    return times
