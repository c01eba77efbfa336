"""The first of several rows that brings no new serious finding."""

from collections.abc import Callable, Sequence
from functools import partial

from ..advice.all import serious
from ..budget import attempt
from ..document.piece import Piece
from ..document.row import Row
from ..errors import PlanError
from ..solved import Solved, solve_piece


def first_harmless(now: Solved, rows: Sequence[Row], with_it: Callable[[Row], Piece]) -> Row | None:
    """The first row with which the piece, made by `with_it`, has no more serious findings than now; as far as that can
    be told at little cost."""
    before = attempt(partial(serious, now))
    if before is None:
        return None
    return next((row for row in rows if attempt(partial(_no_worse, now, len(before), with_it(row)))), None)


def _no_worse(now: Solved, most: int, piece: Piece) -> bool:
    try:
        return len(serious(solve_piece(piece, now))) <= most
    except PlanError:
        return False
