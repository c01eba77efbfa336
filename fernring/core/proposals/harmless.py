"""Whether a change of a piece brings no new serious finding."""

from functools import partial

from ..advice.all import serious
from ..budget import attempt
from ..document.piece import Piece
from ..errors import PlanError
from ..solved import Solved, solve_piece


def harmless(now: Solved, most: int, piece: Piece) -> bool:
    """Whether a piece made from this one has at most so many serious findings, as far as that can be told at little
    cost."""
    return attempt(partial(_no_worse, now, most, piece)) or False


def _no_worse(now: Solved, most: int, piece: Piece) -> bool:
    try:
        return len(serious(solve_piece(piece, now))) <= most
    except PlanError:
        return False
