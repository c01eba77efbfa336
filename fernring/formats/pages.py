"""What stands on a printed page beside the sheet itself: name, date, instructions, check bar, overlap marks."""

from dataclasses import dataclass

from ..core.document.piece import Piece
from ..core.words.blank import size
from ..core.words.lengths import Units, said
from .drawing import Circle, Drawing, Line, Primitive, Text
from .paper import FOOT, MARGIN, Layout, Tile, Tiling, place, tiled
from .ruler import RULERS
from .sheets.sheet import Sheet
from .typeset import fitted, wrapped

CROP = 4.0


@dataclass(frozen=True)
class Stamp:
    """What tells one print from another: the piece, its revision in words, and the date."""

    piece: Piece
    revision: str
    date: str
    units: Units = "mm"


def spread(drawing: Drawing, layout: Layout) -> Tiling:
    """The pages a drawing takes. Raises FitError and PagesError as `tiled` does."""
    return tiled(drawing.left, drawing.top, drawing.width, drawing.height, layout)


def furniture(sheet: Sheet, stamp: Stamp, tiling: Tiling, tile: Tile, number: int) -> list[Primitive]:
    """Everything on a page but the sheet's own drawing, in the page's coordinates."""
    foot, right = tiling.height - MARGIN - FOOT, tiling.width - MARGIN
    width = right - MARGIN
    piece, many = stamp.piece, len(tiling.tiles)
    page = f"{sheet.title}, page {number} of {many}" + (f": {place(tile.column, tile.line)}" if many > 1 else "")
    parts: list[Primitive] = [
        fitted(MARGIN, foot + 6, piece.name, 4.2, width * 0.5, bold=True),
        fitted(right, foot + 6, page, 3.2, width * 0.48, "end", bold=True),
        Text(MARGIN, foot + 10.8, f"{said(size(piece.blank), stamp.units)}, {piece.segments} segments", 2.8),
        Text(right, foot + 10.8, ", ".join(part for part in (stamp.revision, stamp.date) if part), 2.8, "end"),
    ]
    lines = wrapped(said(sheet.what, stamp.units), 2.7, width)
    parts += [Text(MARGIN, foot + 15.4 + 3.6 * k, line, 2.7) for k, line in enumerate(lines)]
    return parts + _check_bar(foot + FOOT - 2, stamp.units) + _match_marks(tiling, tile)


def _check_bar(y: float, units: Units) -> list[Primitive]:
    """Ticks at every tenth of the metric bar, at every quarter of an inch."""
    ruler = RULERS[units]
    step, long = (6.35, 4) if units == "inch" else (10.0, 5)
    ticks: list[Primitive] = [
        Line(MARGIN + k * step, y - (1.6 if k % long else 3), MARGIN + k * step, y, "plain")
        for k in range(round(ruler.bar / step) + 1)
    ]
    return [
        Line(MARGIN, y, MARGIN + ruler.bar, y, "bold"),
        *ticks,
        Text(MARGIN + ruler.bar + 3, y - 2.6, "Print at 100 % (actual size, no fitting to the page).", 2.7),
        Text(MARGIN + ruler.bar + 3, y + 0.8, f"This bar must measure {ruler.bar_words}.", 2.7),
    ]


def _match_marks(tiling: Tiling, tile: Tile) -> list[Primitive]:
    """Dashed lines where the neighbouring page begins, with its place; a small ring to lay on ring where two meet."""
    if len(tiling.tiles) == 1:
        return []
    left, top, overlap = MARGIN, MARGIN, tiling.overlap
    lastly, lowest = tile.column == tiling.columns - 1, tile.line == tiling.lines - 1
    right, low = MARGIN + tiling.window_width, MARGIN + tiling.window_height
    marks = _crop_marks(left, top, right, low)
    sides = (
        (tile.column > 0, (left + overlap, top, left + overlap, low), (-1, 0), (left + 1, top + 4, "start")),
        (not lastly, (right - overlap, top, right - overlap, low), (1, 0), (right - 1, top + 4, "end")),
        (tile.line > 0, (left, top + overlap, right, top + overlap), (0, -1), (left + 30, top + 4, "start")),
        (not lowest, (left, low - overlap, right, low - overlap), (0, 1), (left + 30, low - 1.5, "start")),
    )  # fmt: skip
    for wanted, line, (dx, dy), (x, y, anchor) in sides:
        if wanted:
            other = place(tile.column + dx, tile.line + dy)
            marks += [Line(*line, "dashed"), Text(x, y, f"joins {other}", 2.4, anchor)]  # type: ignore[arg-type]
            marks += _rings(line, dx, dy, overlap)
    return marks


def _rings(line: tuple[float, float, float, float], dx: int, dy: int, overlap: float) -> list[Primitive]:
    """Match marks in the middle of the strip that two pages share, a quarter of the way from either end."""
    x1, y1, x2, y2 = line
    at = [(x1 + (x2 - x1) * t + dx * overlap / 2, y1 + (y2 - y1) * t + dy * overlap / 2) for t in (0.25, 0.75)]
    radius = min(1.5, overlap / 3)
    return [Circle(x, y, radius, "fine") for x, y in at] if radius > 0.3 else []


def _crop_marks(left: float, top: float, right: float, low: float) -> list[Primitive]:
    """Short lines outside the window's corners, to cut along."""
    marks: list[Primitive] = []
    for x, way in ((left, -1), (right, 1)):
        marks += [Line(x + way, y, x + way * CROP, y, "fine") for y in (top, low)]
        marks += [Line(x, top - 1, x, top - CROP, "fine"), Line(x, low + 0.5, x, low + 1.5, "fine")]
    return marks
