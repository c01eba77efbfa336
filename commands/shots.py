"""Remake docs/screenshots from the demo pieces: python -m commands.shots [NAME ...]."""

import sys
import tempfile
from base64 import b64encode
from collections.abc import Callable
from pathlib import Path

from playwright.sync_api import Page, sync_playwright

from fernring.formats.page_png import page_png
from tests.browser.studio import FLAGS, SIZE
from tests.server import Server

from .setup import ROOT, say

FOLDER = ROOT / "docs" / "screenshots"


# Every piece in sight has its picture.
DRAWN = """() => [...document.querySelectorAll(".bench-piece")]
  .filter((one) => one.getBoundingClientRect().top < innerHeight)
  .every((one) => one.querySelector(".bench-dots").textContent.includes("dots"))"""


def main(names: list[str]) -> int:
    FOLDER.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        server = Server(Path(folder) / "shots.sqlite")
        browser = playwright.chromium.launch(executable_path="/usr/bin/chromium", headless=True, args=FLAGS)
        try:
            for name in names or VIEWS:
                page = browser.new_page(viewport=SIZE)  # type: ignore[arg-type]
                VIEWS[name](page, server.address)
                page.wait_for_load_state("networkidle")
                page.screenshot(path=FOLDER / f"{name}.png")
                page.close()
                say(f"docs/screenshots/{name}.png")
        finally:
            browser.close()
            server.kill()
    return 0


def _bench(page: Page, at: str) -> None:
    page.goto(at)
    page.locator(".bench-dots").first.get_by_text("dots").wait_for()
    page.wait_for_function(DRAWN)


def _begin(page: Page, at: str) -> None:
    page.goto(f"{at}/begin")
    page.locator(".begin-stone canvas").first.wait_for()
    page.get_by_role("radio", name="Petal scales").check()
    page.mouse.move(0, 0)


def _open(page: Page, at: str, name: str) -> None:
    page.goto(at)
    page.get_by_role("link", name=f"Open {name}", exact=True).click()
    page.locator(".verdict-line").get_by_text("dots.").wait_for()
    page.mouse.move(0, 0)


def _piece(page: Page, at: str) -> None:
    _open(page, at, "Annular eclipse")


def _row(page: Page, at: str) -> None:
    _open(page, at, "Orrery round")
    page.locator('.row-line[data-row="3"]').click()
    page.get_by_role("button", name="What fits here?").click()
    page.locator(".fits table").wait_for()


def _dark(page: Page, at: str) -> None:
    page.emulate_media(color_scheme="dark")
    _open(page, at, "Perihelion canvas")


def _verdicts(page: Page, at: str) -> None:
    _open(page, at, "Annular eclipse")
    page.locator('.row-line[data-row="2"]').click()
    page.get_by_label("From centre", exact=True).fill("6.5")
    page.get_by_label("From centre", exact=True).press("Enter")
    page.get_by_role("img", name="serious finding").first.wait_for()
    page.locator(".verdict-line").get_by_role("button", name="verdict").click()
    page.locator(".verdict.serious").first.get_by_role("button", name="Nest row 2").wait_for()


def _print(page: Page, at: str) -> None:
    _open(page, at, "Perihelion canvas")
    page.get_by_role("link", name="Print").click()
    page.get_by_role("img", name="Full-size guide, page 1").wait_for()
    page.get_by_role("button", name="Dot placement sheet").click()
    page.get_by_role("img", name="Dot placement sheet, page 1").wait_for()


def _file(page: Page, at: str, route: str, **wanted: object) -> bytes:
    """A file of the open piece, as the print room asks for it."""
    ident = page.url.split("/piece/")[1].split("/")[0]
    piece = page.request.get(f"{at}/api/documents/{ident}").json()["document"]
    return page.request.post(f"{at}/api/print/{route}", data={"piece": piece, **wanted}).body()


def _tiled_guide(page: Page, at: str) -> None:
    """All four pages, rendered from the PDF and set side by side."""
    _open(page, at, "Perihelion canvas")
    data = _file(page, at, "pdf", kind="guide", revision="revision 1")
    pages = "".join(
        f'<img src="data:image/png;base64,{b64encode(page_png(data, k, 860)).decode()}">' for k in range(1, 5)
    )
    page.set_viewport_size({"width": SIZE["width"], "height": 450})
    style = "body{margin:12px;background:#bbb;display:flex;gap:8px;justify-content:center}img{height:426px}"
    page.set_content(f"<style>{style}</style>{pages}")


def _written_pattern(page: Page, at: str) -> None:
    _open(page, at, "Zodiac plate")
    page.set_content(_file(page, at, "booklet", format="html").decode())
    page.get_by_role("heading", name="Row by row").scroll_into_view_if_needed()
    page.mouse.wheel(0, 560)


def _blank(page: Page, at: str) -> None:
    _open(page, at, "Comet stone")
    page.get_by_role("tab", name="Blank", exact=True).click()
    page.locator(".dimension-field").first.wait_for()
    page.get_by_text("round the edge").wait_for()


def _odd_stone(page: Page, at: str) -> None:
    _open(page, at, "Boundary stone")
    page.get_by_role("tab", name="Blank", exact=True).click()
    page.get_by_role("heading", name="Centre").scroll_into_view_if_needed()


def _ball(page: Page, at: str) -> None:
    _open(page, at, "Equinox ball")


def _petals(page: Page, at: str) -> None:
    _open(page, at, "Observatory dome")
    page.locator('.row-line[data-row="2"]').click()
    page.locator(".trim").first.wait_for()


def _swipes(page: Page, at: str) -> None:
    _open(page, at, "Pole star")


def _fans(page: Page, at: str) -> None:
    _open(page, at, "Comet stone")
    page.locator(".row-line", has_text="fans").click()
    page.get_by_label("Swipes at most").wait_for()


def _motifs(page: Page, at: str) -> None:
    _open(page, at, "Altair heart")
    page.locator('.row-line[data-row="aC"]').click()
    page.get_by_role("button", name="Two small suns").click()
    page.get_by_label("Name of the motif").scroll_into_view_if_needed()
    page.mouse.move(0, 0)


def _steps(page: Page, at: str) -> None:
    _open(page, at, "Orrery round")
    page.get_by_role("link", name="Steps", exact=True).click()
    page.get_by_role("button", name="Row 9: ").first.click()
    page.mouse.move(0, 0)


def _kit(page: Page, at: str) -> None:
    page.goto(f"{at}/kit")
    page.locator("table.stock tbody tr").first.wait_for()


def _shelf(page: Page, at: str) -> None:
    page.goto(f"{at}/shelf")
    page.locator("table.stock tbody tr").first.wait_for()


VIEWS: dict[str, Callable[[Page, str], None]] = {
    "bench": _bench,
    "begin": _begin,
    "piece": _piece,
    "row": _row,
    "dark": _dark,
    "verdicts": _verdicts,
    "blank": _blank,
    "odd-stone": _odd_stone,
    "ball": _ball,
    "petals": _petals,
    "swipes": _swipes,
    "fans": _fans,
    "motifs": _motifs,
    "steps": _steps,
    "print": _print,
    "tiled-guide": _tiled_guide,
    "written-pattern": _written_pattern,
    "kit": _kit,
    "shelf": _shelf,
}

if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
