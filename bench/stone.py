"""The stone in Chromium: frames while it turns, zooms and moves, and a row slid among many."""

import statistics

import httpx
from playwright.sync_api import Page

from fernring.core.document.piece import Piece
from tests.samples import large
from tests.server import Server

from .chromium import drawn_times, frame_times, opened
from .timing import figure, share

FRAMES = 60
SLIDES = 40
GESTURES = {
    "turning": "k % 2 ? ',' : '.'",
    "zooming": "k % 20 < 10 ? '+' : '-'",
    "moving": "k % 2 ? 'ArrowLeft' : 'ArrowRight'",
}
PRESS = "document.querySelector('.stone').dispatchEvent(new KeyboardEvent('keydown', { key: KEY, bubbles: true }))"


def run() -> bool:
    with opened(demo=False) as (page, server):
        return _gestures(page, server) & _sliding(page, server)


def _gestures(page: Page, server: Server) -> bool:
    """20,000 dots at the browser's own frame rate: the median frame no longer than an idle one and a half."""
    _open(page, server, large(40, 20_000, nested=False))
    idle = statistics.median(frame_times(page, FRAMES))
    good = figure("20,000 dots, an idle frame", idle, "ms")
    for name, key in GESTURES.items():
        times = frame_times(page, FRAMES, PRESS.replace("KEY", key))
        good &= figure(f"20,000 dots, a frame while {name}", statistics.median(times), "ms", 1.5 * idle)
    return good


def _sliding(page: Page, server: Server) -> bool:
    """Row 20 of 40 of a 5,000-dot piece, the outer rows nested on it, from pointer move to drawn frame."""
    _open(page, server, large(40, 5_000))
    dome = page.locator('.spoke-dome[aria-label^="Row 20, "]')
    box = dome.bounding_box()
    assert box is not None
    x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
    page.mouse.move(x, y)
    page.mouse.down()
    times = drawn_times(page, [(x + 2 + k % 5, y) for k in range(SLIDES)])
    page.mouse.up()
    idle = statistics.median(frame_times(page, FRAMES))
    times = sorted(times[3:])
    good = share("5,000 dots, from pointer move to drawn frame, idle frames", statistics.median(times), idle, 3.5)
    return good & share("the same, 95th percentile", times[int(0.95 * (len(times) - 1))], idle, 7)


def _open(page: Page, server: Server, piece: Piece) -> None:
    body = {"piece": piece.model_dump(mode="json"), "label": "Measure"}
    made = httpx.post(f"{server.address}/api/pieces", json=body).json()
    page.goto(f"{server.address}/piece/{made['id']}")
    page.locator(".stone canvas").first.wait_for()
    page.locator(".spoke-dome").first.wait_for()
