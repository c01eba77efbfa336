"""Slack: which rows can take it up, and how much there is."""

from collections.abc import Sequence
from math import inf

from ..document.distance import Nested
from ..document.piece import Piece
from ..document.row import Row
from .border import left_over, outermost
from .halves import Halves
from .placed import PlacedRow
from .tracks import track_of


def slack_rows(piece: Piece) -> tuple[tuple[int, ...], int | None]:
    """Nested rows after the last fixed one; failing that those before it, with its index as the target."""
    fixed = [k for k, row in enumerate(piece.rows) if _is_fixed(row)]
    last = fixed[-1] if fixed else -1
    after = tuple(k for k, row in enumerate(piece.rows) if k > last and _is_nested(row))
    if after or not fixed:
        return after, None
    inner = fixed[-2] if len(fixed) > 1 else -1
    return tuple(k for k, row in enumerate(piece.rows) if inner < k < last and _is_nested(row)), last


def _is_fixed(row: Row) -> bool:
    return not (_is_nested(row) or row.boundary or row.motif) and track_of(row.track).round


def slack_left(piece: Piece, halves: Halves, rows: Sequence[PlacedRow], fixed: int | None) -> float:
    """What is left to the target, the border or a fixed row (mm); infinite below zero when a row finds no room."""
    if any(row.noroom for row in rows):
        return -inf
    if fixed is None:
        return left_over(halves, rows)
    return rows[fixed].inner - piece.safe_gap - outermost(rows[:fixed])


def _is_nested(row: Row) -> bool:
    """Whether it slides outward with a wider gap; what is painted stays."""
    return (
        row.painted is None
        and row.motif is None
        and isinstance(row.distance, Nested)
        and row.fit != "distance"
        and not track_of(row.track).central
    )
