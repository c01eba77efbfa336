"""A row below another: one more nested row between those that stand already."""

from ..budget import budgeted
from ..document.names import fresh_id, row_marks, spoken
from ..document.piece import Piece
from ..document.row import Row
from ..errors import FitError
from ..solved import solve_piece
from ..words.lengths import mm
from .asked import require_row
from .harmless import first_harmless
from .next_row import rows_with_room, sizes_for_one_more


@budgeted
def row_below(piece: Piece, index: int, harmless: bool = False) -> Row:
    """A row to set in below row `index`, nested on it: the largest kit size that leaves the later rows their room.

    Where none does, the smallest that finds room itself; what that brings about is found fault with in the plan.
    Raises FitError when there is no such row, the piece is full or has no tools, or no size finds room; also where
    none does when only a `harmless` one is wanted.
    """
    require_row(piece, index)
    sizes = sizes_for_one_more(piece)
    inner = piece.model_copy(update={"rows": piece.rows[: index + 1]})
    ident = fresh_id("row", [row.id for row in piece.rows])
    tries = [row.model_copy(update={"id": ident}) for row in rows_with_room(inner, sizes)]
    if not tries:
        name = spoken(row_marks(piece.rows)[index])
        raise FitError(f"No row fits below {name}: even dots of {mm(sizes[0].diameter)} find no room there.", "rows")
    now = solve_piece(piece)

    def with_it(row: Row) -> Piece:
        return piece.model_copy(update={"rows": (*piece.rows[: index + 1], row, *piece.rows[index + 1 :])})

    found = first_harmless(now, tries, with_it)
    if found is None and harmless:
        raise FitError("No row fits there without harm to those that stand.", "rows")
    return found or tries[-1]
