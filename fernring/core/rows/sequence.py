"""All rows of a piece solved out in document order."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from math import inf, radians

from ..document.guides import Guides
from ..document.piece import Piece
from ..document.row import Row
from ..errors import PlanError
from ..ground.ground import ground
from .context import Context
from .placed import PlacedRow, unplaced
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
        front, back = self.front, self.back
        for part in row.both:
            if part.half == "front":
                front = front.with_row(part)
            elif back:
                back = back.with_row(part)
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
    return Halves(front, front._replace(surface=blank.back, limit=blank.limit_on(True), back=True))


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


def solve_rows(piece: Piece) -> tuple[Halves, tuple[PlacedRow, ...]]:
    """The full halves and every row, those without room included. Raises PlanError past the bound on dots."""
    return solve_rest(piece, open_halves(piece), ())


def solve_rest(piece: Piece, halves: Halves, rows: tuple[PlacedRow, ...]) -> tuple[Halves, tuple[PlacedRow, ...]]:
    """As solve_rows, from where the first `rows` are placed already and the next one sees `halves`."""
    found = list(rows)
    total = sum(placed.total for placed in rows)
    for index, row in enumerate(piece.rows[len(rows) :], len(rows)):
        placed = place_row(row, index, halves)
        total += placed.total
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
    return max((row.outer for row in rows if row.n), default=0.0)


def left_over(halves: Halves, rows: tuple[PlacedRow, ...]) -> float:
    """What is left to the border (mm; negative when over), on the half where least is; rings that stop count."""
    return still_left(halves, [passed(halves, row) for row in rows])


def still_left(halves: Halves, over: list[float]) -> float:
    """As left_over, from how far each row passes the border."""
    furthest = max(over, default=-inf)
    return -furthest if furthest > -inf else halves.front.limit


def passed(halves: Halves, row: PlacedRow) -> float:
    """How far a row passes the border at its furthest (mm; negative inside, -inf without dots)."""
    parts = (_passed(context, part) for part in row.both if part.n and (context := halves.of(part.half)))
    return max(parts, default=-inf)


def _passed(context: Context, part: PlacedRow) -> float:
    """How far a row passes the border: a plain ring by its walk, any other by its furthest dot in plan."""
    if part.walks is None and not part.grown.any:
        return context.passed(part.walk, max(part.diameters))
    bodies = part.bodies
    if context.closed:
        return context.passed(part.outer, 0.0)
    return float(context.over(bodies.x, bodies.y, bodies.radius).max())
