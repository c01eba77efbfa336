"""Paper sizes in mm and how a drawing is spread over pages.

A4: ISO 216. US Letter: 8 1/2 x 11 in, ANSI/ASME Y14.1 size A (from memory).
"""

from dataclasses import dataclass
from math import ceil
from typing import Literal

from ..core.errors import FitError

Paper = Literal["A4", "Letter"]
SIZES: dict[Paper, tuple[float, float]] = {"A4": (210.0, 297.0), "Letter": (215.9, 279.4)}
MARGIN, FOOT, OVERLAP = 10.0, 30.0, 10.0
MOST_PAGES = 60


@dataclass(frozen=True)
class Tile:
    """One page: where the corner of its window lies on the drawing, and its place among the pages."""

    left: float
    top: float
    column: int
    line: int


@dataclass(frozen=True)
class Tiling:
    """`width` and `height` are the page; the window shows window_width x window_height mm of the drawing."""

    paper: Paper
    width: float
    height: float
    window_width: float
    window_height: float
    columns: int
    lines: int
    tiles: tuple[Tile, ...]


def tiled(left: float, top: float, width: float, height: float, paper: Paper) -> Tiling:
    """Fewest pages that show the whole drawing, upright or across; neighbours overlap by 10 mm.

    Raises FitError past 60 pages.
    """
    short, long = SIZES[paper]
    upright, across = (_spread(left, top, width, height, paper, w, h) for w, h in ((short, long), (long, short)))
    best = across if len(across.tiles) < len(upright.tiles) else upright
    if len(best.tiles) > MOST_PAGES:
        raise FitError(f"This would take {len(best.tiles)} pages; at most {MOST_PAGES} are printed at once.", "paper")
    return best


def _spread(left: float, top: float, width: float, height: float, paper: Paper, w: float, h: float) -> Tiling:
    window_w, window_h = w - 2 * MARGIN, h - 2 * MARGIN - FOOT
    columns, lines = _needed(width, window_w), _needed(height, window_h)
    start_x = left + width / 2 - _covered(columns, window_w) / 2
    start_y = top + height / 2 - _covered(lines, window_h) / 2
    tiles = tuple(
        Tile(start_x + c * (window_w - OVERLAP), start_y + r * (window_h - OVERLAP), c, r)
        for r in range(lines)
        for c in range(columns)
    )
    return Tiling(paper, w, h, window_w, window_h, columns, lines, tiles)


def _needed(length: float, window: float) -> int:
    return max(1, ceil((length - OVERLAP) / (window - OVERLAP) - 1e-9))


def _covered(pages: int, window: float) -> float:
    return pages * (window - OVERLAP) + OVERLAP
