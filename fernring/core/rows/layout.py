"""All rows of a piece laid out in document order."""

from math import radians

import numpy as np

from ..document.piece import Piece
from ..errors import PlanError
from ..geometry.surface import Plane
from .context import Context
from .placed import PlacedRow
from .solve import solve

MOST_DOTS = 60_000


def open_context(piece: Piece) -> Context:
    """The bare blank, before the first row."""
    rim = piece.blank.outline.diameter / 2
    circles = {circle.id: circle.walk for circle in piece.guides.circles}
    limit = max(rim - piece.blank.border, 0.0)
    return Context(Plane(rim), piece.segments, radians(piece.turn), limit, circles)


def lay_out(piece: Piece) -> tuple[Context, tuple[PlacedRow, ...]]:
    """The full context and every row, those without room included. Raises PlanError past the bound on dots."""
    context = open_context(piece)
    rows: list[PlacedRow] = []
    total = 0
    for index, row in enumerate(piece.rows):
        placed = solve(row, index, context)
        total += len(placed.x)
        if total > MOST_DOTS:
            raise PlanError(
                f"A piece holds at most {MOST_DOTS} dots; with this row it would have {total}.", f"rows.{index}.count"
            )
        rows.append(placed)
        context = context.with_row(placed)
    return context, tuple(rows)


def outermost(rows: tuple[PlacedRow, ...]) -> float:
    """Walk distance of the outermost painted edge (0 without dots)."""
    return max((row.outer for row in rows if len(row.x)), default=0.0)


def nearest(row: PlacedRow, others: tuple[PlacedRow, ...], sector: int) -> tuple[float, int, PlacedRow, int] | None:
    """Smallest clear distance in space from the row's first `sector` dots to the others' dots.

    Answers (clear mm, place here, other row, place there); None when there is no other dot. Rows are tried
    from the outermost in, and one whose band lies further off than the best so far ends the search.
    """
    best: tuple[float, int, PlacedRow, int] | None = None
    for other in sorted(others, key=lambda o: o.outer, reverse=True):
        if best and row.inner - other.outer >= best[0]:
            break
        dx = row.x[:sector, None] - other.x
        dy = row.y[:sector, None] - other.y
        dz = row.z[:sector, None] - other.z
        clear = np.sqrt(dx * dx + dy * dy + dz * dz) - (row.radius[:sector, None] + other.radius)
        here, there = divmod(int(clear.argmin()), clear.shape[1])
        if best is None or clear[here, there] < best[0]:
            best = (float(clear[here, there]), here, other, there)
    return best
