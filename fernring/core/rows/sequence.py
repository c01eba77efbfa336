"""All rows of a piece, solved in the order in which they stand on the sheet."""

from collections.abc import Sequence
from dataclasses import replace

from ..budget import metered, spend
from ..document.names import row_marks, spoken
from ..document.piece import Piece
from ..errors import PlanError, SpentError
from .halves import Halves, open_halves
from .most import require_few
from .placed import PlacedRow
from .solve import solve_on_halves


def solve_rows(piece: Piece) -> tuple[Halves, tuple[PlacedRow, ...]]:
    """The full halves and every row, those without room included. Raises PlanError past the bound on dots."""
    return solve_rest(piece, open_halves(piece), ())


def solve_rest(piece: Piece, halves: Halves, rows: Sequence[PlacedRow]) -> tuple[Halves, tuple[PlacedRow, ...]]:
    """As solve_rows, from where the first `rows` are placed already and the next one sees `halves`.

    Raises PlanError where the budget is spent.
    """
    found = list(rows)
    total, marks = sum(placed.total for placed in rows), sum(placed.marks for placed in rows)
    for index in range(len(rows), len(piece.rows)):
        placed = _solved(piece, index, halves)
        total += placed.total
        marks += placed.marks
        require_few(total, marks, f"rows.{index}.count")
        found.append(placed)
        halves = halves.with_row(placed)
    return halves, tuple(found)


def _solved(piece: Piece, index: int, halves: Halves) -> PlacedRow:
    try:
        placed, work = metered(lambda: solve_on_halves(piece.rows[index], index, halves))
        spend(work)
    except SpentError as error:
        name = spoken(row_marks(piece.rows)[index]).capitalize()
        words = f"{name} asks for more calculation than Fern Ring takes on. Use fewer dots, trims or points there."
        raise SpentError(words, f"rows.{index}") from error
    except PlanError as error:
        raise PlanError(error.message, error.field or f"rows.{index}") from error
    return replace(placed, work=work)


def halves_before(piece: Piece, rows: Sequence[PlacedRow], index: int) -> Halves:
    """What row `index` saw, from rows that are placed already."""
    halves = open_halves(piece)
    for k in range(index):
        halves = halves.with_row(rows[k])
    return halves
