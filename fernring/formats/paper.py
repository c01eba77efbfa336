"""Paper sizes in mm and how a drawing is spread over pages.

A4, A3: ISO 216. US Letter: 8 1/2 x 11 in, ANSI/ASME Y14.1 size A (from memory).
"""

from dataclasses import dataclass
from math import ceil
from typing import Literal

from ..core.errors import FitError

Paper = Literal["A4", "A3", "Letter"]
Way = Literal["fewest", "upright", "across"]
SIZES: dict[Paper, tuple[float, float]] = {"A4": (210.0, 297.0), "A3": (297.0, 420.0), "Letter": (215.9, 279.4)}
MARGIN, FOOT = 10.0, 34.0
LEAST_NEW = 20.0  # what each further page must show beyond the overlap
MOST_PAGES, MOST_AT_ALL = 60, 400


class PagesError(FitError):
    """More pages than are printed without asking."""

    code = "pages"


@dataclass(frozen=True)
class Layout:
    """Paper, which way round, the overlap of neighbouring pages (mm), and the most pages wanted.

    `across` and `along` correct the printer: lengths across the paper's short side and along its long side are drawn
    so many times as long, because that printer makes them as much too short.
    """

    paper: Paper = "A4"
    way: Way = "fewest"
    overlap: float = 10.0
    most: int = MOST_PAGES
    across: float = 1.0
    along: float = 1.0


@dataclass(frozen=True)
class Tile:
    """One page: where the corner of its window lies on the drawing, and its place among the pages."""

    left: float
    top: float
    column: int
    line: int


@dataclass(frozen=True)
class Tiling:
    """`width` and `height` are the page as the corrected printer makes it; `scale_x`, `scale_y` turn drawn lengths into
    the file's. The window shows window_width x window_height mm of the drawing; neighbours share `overlap`.
    """

    paper: Paper
    width: float
    height: float
    scale_x: float
    scale_y: float
    window_width: float
    window_height: float
    overlap: float
    columns: int
    lines: int
    tiles: tuple[Tile, ...]


def tiled(left: float, top: float, width: float, height: float, layout: Layout) -> Tiling:
    """Fewest pages that show the whole drawing, upright or across unless the layout says which.

    Raises FitError for an overlap that leaves nothing new on a page, PagesError past the most pages wanted.
    """
    short, long = SIZES[layout.paper]
    pages = {
        "upright": (short, long, layout.across, layout.along),
        "across": (long, short, layout.along, layout.across),
    }
    ways = ("upright", "across") if layout.way == "fewest" else (layout.way,)
    fitting = [way for way in ways if _least_new(layout, *pages[way]) >= LEAST_NEW] or ways[:1]
    best = min((_spread(left, top, width, height, layout, *pages[way]) for way in fitting), key=lambda t: len(t.tiles))
    if len(best.tiles) > layout.most:
        raise PagesError(
            f"This would take {len(best.tiles)} pages of {layout.paper}; at most {layout.most} are printed unasked.",
            "paper",
        )
    return best


def _spread(
    left: float, top: float, width: float, height: float, layout: Layout, w: float, h: float, fx: float, fy: float
) -> Tiling:
    window_w, window_h = _window(w, h, fx, fy)
    shown = min(window_w, window_h)
    if _least_new(layout, w, h, fx, fy) < LEAST_NEW:
        raise FitError(
            f"Pages of {layout.paper} show {shown:.0f} mm; they may overlap by at most {shown - LEAST_NEW:.0f} mm "
            f"(given: {layout.overlap:g}).",
            "overlap",
        )
    step_x, step_y = window_w - layout.overlap, window_h - layout.overlap
    columns, lines = _needed(width, window_w, step_x), _needed(height, window_h, step_y)
    start_x = left + width / 2 - (window_w + (columns - 1) * step_x) / 2
    start_y = top + height / 2 - (window_h + (lines - 1) * step_y) / 2
    tiles = tuple(Tile(start_x + c * step_x, start_y + r * step_y, c, r) for r in range(lines) for c in range(columns))
    return Tiling(
        layout.paper, w / fx, h / fy, fx, fy, window_w, window_h, layout.overlap, columns, lines, tiles
    )  # fmt: skip


def _window(w: float, h: float, fx: float, fy: float) -> tuple[float, float]:
    """What a page shows of a drawing (mm)."""
    return w / fx - 2 * MARGIN, h / fy - 2 * MARGIN - FOOT


def _least_new(layout: Layout, w: float, h: float, fx: float, fy: float) -> float:
    """What a further page shows beyond the overlap, in the narrower direction (mm)."""
    return min(_window(w, h, fx, fy)) - layout.overlap


def _needed(length: float, window: float, step: float) -> int:
    return 1 if length <= window + 1e-9 else 1 + ceil((length - window) / step - 1e-9)


def place(column: int, line: int) -> str:
    """A page's place in the grid: A1 is the top left, AA1 follows Z1."""
    letters = ""
    column += 1
    while column:
        column, rest = divmod(column - 1, 26)
        letters = chr(65 + rest) + letters
    return f"{letters}{line + 1}"
