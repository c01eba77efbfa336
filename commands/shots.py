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

from .setup import BROWSER, ROOT, say

FOLDER = ROOT / "docs" / "screenshots"
NO_NOTICES = ".mantine-Notifications-root { visibility: hidden }"  # they come by the clock

# Every piece in sight has its picture.
DRAWN = """() => [...document.querySelectorAll(".bench-piece")]
  .filter((one) => one.getBoundingClientRect().top < innerHeight)
  .every((one) => one.querySelector(".bench-dots").textContent.includes("dots"))"""


def main(names: list[str]) -> int:
    FOLDER.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        server = Server(Path(folder) / "shots.sqlite")
        browser = playwright.chromium.launch(executable_path=BROWSER, headless=True, args=FLAGS)
        try:
            for name in names or VIEWS:
                page = browser.new_page(viewport=SIZE)  # type: ignore[arg-type]
                VIEWS[name](page, server.address)
                page.wait_for_load_state("networkidle")
                page.screenshot(path=FOLDER / f"{name}.png", style=NO_NOTICES)
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


def _written_pattern(page: Page, at: str) -> None:
    """A page of the pattern, and one of the work card."""
    _open(page, at, "Zodiac plate")
    pattern, card = _file(page, at, "booklet", format="pdf"), _file(page, at, "work-card")
    _side_by_side(page, [page_png(pattern, 2, 1100), page_png(card, 2, 1100)])


def _blank(page: Page, at: str) -> None:
    _open(page, at, "Comet stone")
    page.get_by_role("tab", name="Blank", exact=True).click()
    page.locator(".dimension-field").first.wait_for()
    page.get_by_text("round the edge").wait_for()


def _ball(page: Page, at: str) -> None:
    _open(page, at, "Equinox ball")


def _petals(page: Page, at: str) -> None:
    _open(page, at, "Observatory dome")
    page.locator('.row-line[data-row="2"]').click()
    page.locator(".trim").first.wait_for()


def _areas(page: Page, at: str) -> None:
    _open(page, at, "First snow")
    page.get_by_role("tab", name="Areas", exact=True).click()
    for notice in page.get_by_role("button", name="Close this notice").all():
        notice.click()
    page.get_by_role("button", name="Year: arrows move it").focus()
    page.mouse.move(0, 0)


def _mixing(page: Page, at: str) -> None:
    _colours_of(page, at, "Perihelion canvas", "Mixing")
    page.get_by_role("table", name="Shades and how much of each").wait_for()
    page.get_by_role("button", name="Use Dusk orange").scroll_into_view_if_needed()


def _colours(page: Page, at: str) -> None:
    _colours_of(page, at, "First quarter coaster", "Map")
    chips = page.get_by_role("group", name="Shades by how much of each is seen")
    chips.get_by_role("button", name="Tarn").click()
    page.get_by_role("heading", name="From centre to edge").evaluate("one => one.scrollIntoView()")
    page.mouse.move(0, 0)


def _colours_of(page: Page, at: str, piece: str, view: str) -> None:
    _open(page, at, piece)
    page.get_by_role("tab", name="Colours", exact=True).click()
    page.locator(".colours-views").get_by_text(view, exact=True).click()


def _steps(page: Page, at: str) -> None:
    _open(page, at, "Orrery round")
    page.get_by_role("link", name="Steps", exact=True).click()
    page.get_by_role("button", name="Row 9: ").first.click()
    page.mouse.move(0, 0)


def _table(page: Page, at: str) -> None:
    """On a tablet: the step that comes now, with some dots of it set, and what to do where two ran together."""
    page.set_viewport_size({"width": 768, "height": 1024})
    page.goto(f"{at}/piece/{_named(page, at, 'Milky way panel')}/table")
    page.get_by_role("button", name="Mark steps here").click()
    page.get_by_role("button", name="Next", exact=True).click()
    page.locator(".table-glow circle").first.wait_for()
    page.mouse.move(0, 0)
    now = page.screenshot(style=NO_NOTICES)
    page.get_by_role("button", name="Something happened").click()
    page.get_by_role("button", name="Ran together").click()
    page.get_by_text("Touch the dot on the piece").wait_for()
    _side_by_side(page, [now, page.screenshot(style=NO_NOTICES)])


def _named(page: Page, at: str, name: str) -> str:
    """The id of a demo piece."""
    listed = page.request.get(f"{at}/api/pieces").json()
    return str(next(one["id"] for one in listed if one["name"] == name))


def _side_by_side(page: Page, pictures: list[bytes]) -> None:
    """PNGs, as high as the page."""
    page.set_viewport_size(SIZE)  # type: ignore[arg-type]
    shown = "".join(f'<img src="data:image/png;base64,{b64encode(one).decode()}">' for one in pictures)
    style = "body{margin:14px;background:#bbb;display:flex;gap:14px;justify-content:center}img{height:772px}"
    page.set_content(f"<style>{style}</style>{shown}")


def _kit(page: Page, at: str) -> None:
    page.goto(f"{at}/kit")
    page.locator(".tool").filter(has_text="Ball 1.5").click()
    page.locator(".foretold").wait_for()
    page.get_by_text("Over time:").wait_for()


def _practice(page: Page, at: str) -> None:
    page.goto(f"{at}/kit")
    page.locator(".steady-words li").first.wait_for()
    page.get_by_role("heading", name="Practice", exact=True).evaluate("one => one.scrollIntoView()")
    page.mouse.wheel(0, -60)


def _sheet(page: Page, at: str) -> None:
    page.goto(f"{at}/kit")
    page.locator(".sheets li").first.wait_for()
    taken = page.request.get(f"{at}/api/bench-camera/sheet?number=3&seed=11").body()
    _give(page, "Read a painted sheet…", taken)
    page.locator(".sheet-tool").first.get_by_text("touches").wait_for()
    box = page.locator(".photo-stage").bounding_box() or {}
    page.mouse.move(box["x"] + 0.3 * box["width"], box["y"] + 0.4 * box["height"])


def _photograph(page: Page, at: str) -> None:
    _open(page, at, "Meteor stone")
    page.get_by_role("tab", name="Blank", exact=True).click()
    page.get_by_role("button", name="From a photograph…").click()
    _give(page, "Choose a photograph…", page.request.get(f"{at}/api/bench-camera/stone?seed=1").body())
    page.locator(".photo-size").wait_for()
    for field, height in (("Widest line, above the table", "9"), ("Top, above the table", "22")):
        page.get_by_label(field).fill(height)
        page.get_by_label(field).press("Enter")
    page.get_by_text("Reading the photograph").wait_for(state="hidden")
    point = page.locator(".photo-point").nth(8).bounding_box() or {}
    page.mouse.move(point["x"], point["y"])


def _give(page: Page, button: str, picture: bytes) -> None:
    """A picture, where the page asks for one."""
    with page.expect_file_chooser() as chooser:
        page.get_by_role("button", name=button).click()
    chooser.value.set_files({"name": "picture.jpg", "mimeType": "image/jpeg", "buffer": picture})


def _shelf(page: Page, at: str) -> None:
    page.goto(f"{at}/shelf")
    page.locator(".pot").first.wait_for()


VIEWS: dict[str, Callable[[Page, str], None]] = {
    "bench": _bench,
    "begin": _begin,
    "piece": _piece,
    "verdicts": _verdicts,
    "blank": _blank,
    "ball": _ball,
    "petals": _petals,
    "areas": _areas,
    "mixing": _mixing,
    "colours": _colours,
    "steps": _steps,
    "table": _table,
    "print": _print,
    "written-pattern": _written_pattern,
    "photograph": _photograph,
    "kit": _kit,
    "practice": _practice,
    "sheet": _sheet,
    "shelf": _shelf,
}

if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
