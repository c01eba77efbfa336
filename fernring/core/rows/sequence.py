"""All rows of a piece, solved in the order in which they stand on the sheet."""

from collections.abc import Sequence

from ..document.piece import Piece
from ..errors import PlanError
from .halves import Halves, open_halves
from .placed import PlacedRow
from .solve import solve_on_halves

MOST_DOTS = 60_000


def solve_rows(piece: Piece) -> tuple[Halves, tuple[PlacedRow, ...]]:
    """The full halves and every row, those without room included. Raises PlanError past the bound on dots."""
    return solve_rest(piece, open_halves(piece), ())


def solve_rest(piece: Piece, halves: Halves, rows: Sequence[PlacedRow]) -> tuple[Halves, tuple[PlacedRow, ...]]:
    """As solve_rows, from where the first `rows` are placed already and the next one sees `halves`."""
    found = list(rows)
    total = sum(placed.total for placed in rows)
    for index, row in enumerate(piece.rows[len(rows) :], len(rows)):
        placed = solve_on_halves(row, index, halves)
        total += placed.total
        if total > MOST_DOTS:
            raise PlanError(
                f"A piece holds at most {MOST_DOTS} dots; with this row it would have {total}.", f"rows.{index}.count"
            )
        found.append(placed)
        halves = halves.with_row(placed)
    return halves, tuple(found)


def halves_before(piece: Piece, rows: Sequence[PlacedRow], index: int) -> Halves:
    """What row `index` saw, from rows that are placed already."""
    halves = open_halves(piece)
    for k in range(index):
        halves = halves.with_row(rows[k])
    return halves
