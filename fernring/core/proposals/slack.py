"""Spreading the slack: the same addition to the gap of nested rows until the last edge meets its target."""

from dataclasses import dataclass
from math import inf

from ..budget import budgeted
from ..document.piece import Piece
from ..errors import FitError
from ..geometry.secant import secant_root
from ..rows.sequence import solve_rows
from ..rows.slack import slack_left, slack_rows
from ..words.lengths import mm

MOST_GAP = 20.0
CLOSE_ENOUGH = 1e-6


@dataclass(frozen=True)
class Spread:
    """The piece with wider gaps, what was added to each (mm), and what the rows could not take (mm)."""

    piece: Piece
    added: float
    left: float
    rows: tuple[int, ...]


@budgeted
def spread_slack(piece: Piece) -> Spread:
    """Add delta >= 0 to the gap of the nested rows inside the last fixed row, or inside the border.

    The target is the border when nested rows come after every fixed row; else it is the inner painted edge
    of the last fixed row less the piece's safe gap. Where the rows jump past the target the nearest state
    below it is taken and the remainder stated. Raises FitError when there is no nested row, or nothing left to spread.
    """
    chosen, fixed = slack_rows(piece)
    if not chosen:
        raise FitError("There is no nested row whose gap could take up the slack.", "rows")
    before = _left(piece, fixed)
    if before == -inf:
        raise FitError("There is no slack to spread: a row finds no room as it is.", "rows")
    if before < -CLOSE_ENOUGH:
        raise FitError(f"There is no slack to spread: the rows already run {mm(-before)} too far.", "rows")
    most = min(MOST_GAP - max(piece.rows[index].gap for index in chosen), before + CLOSE_ENOUGH)
    added = secant_root(
        lambda delta: -_left(_widened(piece, chosen, delta), fixed),
        0.0,
        max(most, 0.0),
        CLOSE_ENOUGH / 10,
        about=before / len(chosen),
    )
    spread = _widened(piece, chosen, added)
    return Spread(spread, added, _left(spread, fixed), chosen)


def _widened(piece: Piece, chosen: tuple[int, ...], delta: float) -> Piece:
    rows = tuple(
        row.model_copy(update={"gap": row.gap + delta}) if k in chosen else row for k, row in enumerate(piece.rows)
    )
    return piece.model_copy(update={"rows": rows})


def _left(piece: Piece, fixed: int | None) -> float:
    """What is left to the target (mm); infinite below zero when a row finds no room."""
    halves, rows = solve_rows(piece)
    return slack_left(piece, halves, rows, fixed)
