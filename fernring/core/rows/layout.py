"""All rows of a piece laid out in document order."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from math import radians

import numpy as np

from ..document.guides import Guides
from ..document.piece import Piece
from ..document.row import Row
from ..errors import PlanError
from ..ground.ground import ground
from .context import Context
from .placed import PlacedRow, clearances, unplaced
from .solve import solve

MOST_DOTS = 60_000


@dataclass(frozen=True)
class Halves:
    """What the next row sees, on the front and, of a ball or egg, on the back."""

    front: Context
    back: Context | None

    def of(self, half: str) -> Context | None:
        return self.back if half == "back" else self.front

    def with_row(self, row: PlacedRow) -> "Halves":
        halves = {part.half: part for part in row.both}
        front = self.front.with_row(halves["front"]) if "front" in halves else self.front
        back = self.back.with_row(halves["back"]) if self.back and "back" in halves else self.back
        return Halves(front, back)


def guide_walks(guides: Guides, rim: float) -> dict[str, float]:
    """Walk distances of the guide circles by id; those drawn in steps are called step-1, step-2 ..."""
    walks = {circle.id: circle.walk for circle in guides.circles}
    if guides.steps:
        first, step = guides.steps.first, guides.steps.step
        count = max(0, int((rim - first) / step + 1e-9) + 1) if first <= rim else 0
        walks |= {f"step-{k + 1}": first + k * step for k in range(min(count, 200))}
    return walks


def open_halves(piece: Piece) -> Halves:
    """The bare blank, before the first row. Raises FitError when its measures contradict each other."""
    blank = ground(piece.blank)
    front = Context(
        blank,
        blank.surface,
        piece.segments,
        radians(piece.turn),
        blank.limit,
        guide_walks(piece.guides, blank.surface.rim),
        ids=tuple(row.id for row in piece.rows),
        loads={tool.id: tool.load for tool in piece.tools if tool.load},
        sizes=tuple(sorted({dot for tool in piece.tools for dot in tool.dots})),
        bare=piece.bare,
    )
    if blank.back is None:
        return Halves(front, None)
    return Halves(front, replace(front, surface=blank.back, limit=blank.limit_on(True), back=True))


def place_row(row: Row, index: int, halves: Halves) -> PlacedRow:
    """The row on the half or halves it belongs to."""
    wanted = ("front", "back") if row.half == "both" else (row.half,)
    parts = [_on(row, index, half, halves.of(half)) for half in wanted]
    if len(parts) == 2 and not parts[1].noroom:
        return replace(parts[0], twin=parts[1]) if not parts[0].noroom else parts[0]
    return parts[-1] if parts[-1].noroom else parts[0]


def _on(row: Row, index: int, half: str, context: Context | None) -> PlacedRow:
    if context is None:
        return unplaced(row, index, "this blank has no other half")
    placed = solve(row, index, context)
    return replace(placed, half=half) if half != "front" else placed


def lay_out(piece: Piece) -> tuple[Halves, tuple[PlacedRow, ...]]:
    """The full halves and every row, those without room included. Raises PlanError past the bound on dots."""
    return lay_on(piece, open_halves(piece), ())


def lay_on(piece: Piece, halves: Halves, rows: tuple[PlacedRow, ...]) -> tuple[Halves, tuple[PlacedRow, ...]]:
    """As lay_out, from where the first `rows` are placed already and the next one sees `halves`."""
    found = list(rows)
    total = sum(part.count for placed in rows for part in placed.both)
    for index, row in enumerate(piece.rows[len(rows) :], len(rows)):
        placed = place_row(row, index, halves)
        total += sum(part.count for part in placed.both)
        if total > MOST_DOTS:
            raise PlanError(
                f"A piece holds at most {MOST_DOTS} dots; with this row it would have {total}.", f"rows.{index}.count"
            )
        found.append(placed)
        halves = halves.with_row(placed)
    return halves, tuple(found)


def halves_before(piece: Piece, rows: Mapping[int, PlacedRow] | tuple[PlacedRow, ...], index: int) -> Halves:
    """What row `index` saw, from rows that are placed already."""
    halves = open_halves(piece)
    for k in range(index):
        halves = halves.with_row(rows[k])
    return halves


def outermost(rows: tuple[PlacedRow, ...]) -> float:
    """Walk distance of the outermost painted edge (0 without dots)."""
    return max((row.outer for row in rows if len(row.x)), default=0.0)


def left_over(halves: Halves, rows: tuple[PlacedRow, ...]) -> float:
    """What is left to the border (mm; negative when over), on the half where least is; rings that stop count."""
    parts = [part for row in rows for part in row.both if len(part.x)]
    over = [_passed(context, part) for part in parts if (context := halves.of(part.half))]
    return -max(over) if over else halves.front.limit


def _passed(context: Context, part: PlacedRow) -> float:
    """How far a row passes the border: a plain ring by its walk, any other by its furthest dot in plan."""
    if part.walks is None and not part.grown.any:
        return context.passed(part.walk, max(part.diameters))
    bodies = part.bodies
    if context.closed:
        return context.passed(part.outer, 0.0)
    return float(context.over(bodies.x, bodies.y, bodies.radius).max())


def nearest(row: PlacedRow, others: tuple[PlacedRow, ...], sector: int) -> tuple[float, int, PlacedRow, int] | None:
    """Smallest clear distance in space from the row's first `sector` own dots to what lies there.

    Answers (clear mm, place here, other row, dot there); None when there is no other dot. `others` come from the
    outermost in, and one whose band lies further off than the best so far ends the search.
    """
    best: tuple[float, int, PlacedRow, int] | None = None
    for other in others:
        if best and (row.inner - other.outer) * 2 / np.pi >= best[0]:
            break
        there = other.bodies
        clear = clearances(row, there, sector)
        at, disc = divmod(int(clear.argmin()), clear.shape[1])
        if best is None or clear[at, disc] < best[0]:
            best = (float(clear[at, disc]), at, other, int(there.dot[disc]))
    return best
