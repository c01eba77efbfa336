"""The full-size guide: what is drawn on it, as primitives, and the pages it is printed on."""

from dataclasses import dataclass
from typing import Literal

from ..core.advice.verdict import plain
from ..core.geometry.surface import ring_reach
from ..core.ground.words import size
from ..core.guides.lines import GuideLine, guide_lines
from ..core.laid import Laid
from .drawing import Circle, Drawing, Line, Outlines, Path, Primitive, Stroke, Text, crosses
from .paper import FOOT, MARGIN, OVERLAP, Paper, Tile, Tiling, tiled
from .picture import outer_reach

EDGE = 4.0
BAR = 100.0


@dataclass(frozen=True)
class GuideChoice:
    """What the guide shows. `rows` limits the dots to these row indices; None means all."""

    paper: Paper = "A4"
    spokes: bool = True
    circles: bool = True
    border: bool = True
    dots: Literal["outlines", "centres", "none"] = "outlines"
    rows: tuple[int, ...] | None = None


def guide_drawing(laid: Laid, choice: GuideChoice) -> Drawing:
    """The guide itself, the blank's centre at the origin: everything where it is seen from above."""
    ground = laid.ground
    primitives: list[Primitive] = []
    if choice.dots != "none":
        primitives += _dots(laid, choice)
    primitives.append(_outline(laid))
    if choice.border:
        primitives += _border(laid)
    for line in guide_lines(laid.piece, ground, laid.rows):
        if (choice.spokes if line.kind == "spoke" else choice.circles) and line.points[:, 2].mean() >= -1e-9:
            primitives += _line(line)
    primitives += [Line(-3, 0, 3, 0, "plain"), Line(0, -3, 0, 3, "plain")]
    low, high = ground.outline.min(axis=0) - EDGE, ground.outline.max(axis=0) + EDGE
    (left, top), (width, height) = low.tolist(), (high - low).tolist()
    return Drawing(left, top, width, height, tuple(primitives))


def _outline(laid: Laid) -> Primitive:
    if laid.ground.round:
        return Circle(0, 0, outer_reach(laid), "bold")
    return Path(laid.ground.outline, "bold", True)


def _border(laid: Laid) -> list[Primitive]:
    """The border line, dashed, where it is not the edge itself."""
    ground = laid.ground
    if ground.round:
        inside = 0 < ground.limit < ground.surface.rim
        return [Circle(0, 0, ring_reach(ground.surface, ground.limit), "dashed")] if inside else []
    narrow = laid.piece.blank.border > 0 or laid.piece.blank.reduced
    return [Path(part, "dashed", True) for part in ground.clear] if narrow else []


def _line(line: GuideLine) -> list[Primitive]:
    stroke: Stroke = "fine" if line.kind in ("spoke", "midline", "diagonal") else "plain"
    plan = line.points[:, :2]
    if line.reach is not None:
        shapes: list[Primitive] = [Circle(0, 0, line.reach, stroke)]
    else:
        shapes = [Path(plan, stroke, line.closed)]
    if line.label:
        x, y = plan[0].tolist()
        shapes.append(Text(x + 0.6, y - 0.6, line.label, 2.2))
    return shapes


def _dots(laid: Laid, choice: GuideChoice) -> list[Primitive]:
    dots = laid.dots
    wanted = range(len(laid.rows)) if choice.rows is None else [k for k in choice.rows if k < len(laid.rows)]
    found: list[Primitive] = []
    for index in wanted:
        part = slice(dots.first[index], dots.first[index + 1])
        seen = (dots.level[part] == 1) & (dots.z[part] >= -1e-6)
        x, y = dots.x[part][seen], dots.y[part][seen]
        found += [Outlines(x, y, dots.radius[part][seen])] if choice.dots == "outlines" else crosses(x, y)
        if choice.dots == "outlines":
            found += [Path(s.mark.outline, "fine", True) for s in laid.shapes if s.row == index and not s.back]
    return found


def guide_pages(laid: Laid, choice: GuideChoice, date: str) -> tuple[Tiling, list[Drawing]]:
    """One drawing for each page, with the window clipped by the renderer; page coordinates from its corner."""
    guide = guide_drawing(laid, choice)
    tiling = tiled(guide.left, guide.top, guide.width, guide.height, choice.paper)
    pages = [
        Drawing(0, 0, tiling.width, tiling.height, tuple(_furniture(laid, tiling, tile, number, date)))
        for number, tile in enumerate(tiling.tiles, 1)
    ]
    return tiling, pages


def _furniture(laid: Laid, tiling: Tiling, tile: Tile, number: int, date: str) -> list[Primitive]:
    """Everything on a page but the guide: name, instruction, check bar, page number, overlap marks."""
    foot = tiling.height - MARGIN - FOOT
    bar_y = foot + 22
    piece, count = laid.piece, len(tiling.tiles)
    right = tiling.width - MARGIN
    parts: list[Primitive] = [
        Text(MARGIN, foot + 7, piece.name, 4.2, bold=True),
        Text(MARGIN, foot + 12.5, f"{plain(size(piece.blank))}, {piece.segments} segments", 2.8),
        Text(right, foot + 7, f"Page {number} of {count}, {date}", 2.8, "end"),
        Text(right, foot + 12.5, "Print at 100 % (actual size, no fitting to the page).", 2.8, "end"),
        Line(MARGIN, bar_y, MARGIN + BAR, bar_y, "bold"),
        Text(MARGIN + BAR + 3, bar_y + 1, "This bar must measure 100 mm.", 2.8),
    ]
    parts += [
        Line(MARGIN + k * 10, bar_y - (3 if k in (0, 5, 10) else 1.6), MARGIN + k * 10, bar_y, "plain")
        for k in range(11)
    ]
    return parts + _match_marks(tiling, tile)


def _match_marks(tiling: Tiling, tile: Tile) -> list[Primitive]:
    """Dashed lines where the neighbouring page begins, with the neighbour's place."""
    right, low = MARGIN + tiling.window_width, MARGIN + tiling.window_height
    marks: list[Primitive] = []
    if tile.column > 0:
        marks += [Line(MARGIN + OVERLAP, MARGIN, MARGIN + OVERLAP, low, "dashed")]
        marks += [Text(MARGIN + 1, MARGIN + 4, f"joins {place(tile.column - 1, tile.line)}", 2.4)]
    if tile.column < tiling.columns - 1:
        marks += [Line(right - OVERLAP, MARGIN, right - OVERLAP, low, "dashed")]
        marks += [Text(right - 1, MARGIN + 4, f"joins {place(tile.column + 1, tile.line)}", 2.4, "end")]
    if tile.line > 0:
        marks += [Line(MARGIN, MARGIN + OVERLAP, right, MARGIN + OVERLAP, "dashed")]
        marks += [Text(MARGIN + 30, MARGIN + 4, f"above: {place(tile.column, tile.line - 1)}", 2.4)]
    if tile.line < tiling.lines - 1:
        marks += [Line(MARGIN, low - OVERLAP, right, low - OVERLAP, "dashed")]
        marks += [Text(MARGIN + 30, low - 1.5, f"below: {place(tile.column, tile.line + 1)}", 2.4)]
    if len(tiling.tiles) > 1:
        marks.append(
            Text(
                tiling.width / 2, tiling.height - MARGIN - FOOT + 7, place(tile.column, tile.line), 4.2, "middle", True
            )
        )
    return marks


def place(column: int, line: int) -> str:
    """A page's place in the grid: A1 is the top left."""
    return f"{chr(65 + column)}{line + 1}"
