"""Spreading the slack: the same addition to the gap of nested rows until the last edge meets its target."""

from dataclasses import dataclass
from math import inf

from ..budget import budgeted
from ..document.piece import Piece
from ..errors import FitError
from ..geometry.secant import secant_root
from ..rows.halves import Halves
from ..rows.placed import PlacedRow
from ..rows.sequence import solve_rows
from ..rows.slack import slack_left, slack_rows
from ..words.lengths import mm

MOST_GAP = 20.0
CLOSE_ENOUGH = 1e-6


@dataclass(frozen=True)
class Spread:
    """The piece with wider gaps, what was added to each (mm), what the rows could not take (mm), the rows that took it,
    and how all rows lie."""

    piece: Piece
    added: float
    left: float
    rows: tuple[int, ...]
    halves: Halves
    placed: tuple[PlacedRow, ...]


@budgeted
def spread_slack(piece: Piece, apart: float = 1e-10, tries: int = 200) -> Spread:
    """Add delta >= 0 to the gap of the nested rows inside the last fixed row, or inside the border.

    The target is the border when nested rows come after every fixed row; else it is the inner painted edge
    of the last fixed row less the piece's safe gap. Where the rows jump past the target the nearest state
    below it is taken and the remainder stated. Where a jump lies is found to within `apart` (mm), by so many
    tries at most. Raises FitError when there is no nested row, or nothing left to spread.
    """
    chosen, fixed = slack_rows(piece)
    if not chosen:
        raise FitError("There is no nested row whose gap could take up the slack.", "rows")
    tried: dict[float, Spread] = {}

    def over(delta: float) -> float:
        if delta not in tried:
            tried[delta] = _spread(piece, chosen, fixed, delta)
        return -tried[delta].left

    before = -over(0.0)
    if before == -inf:
        raise FitError("There is no slack to spread: a row finds no room as it is.", "rows")
    if before < -CLOSE_ENOUGH:
        raise FitError(f"There is no slack to spread: the rows already run {mm(-before)} too far.", "rows")
    most = min(MOST_GAP - max(piece.rows[index].gap for index in chosen), before + CLOSE_ENOUGH)
    added = secant_root(
        over, 0.0, max(most, 0.0), CLOSE_ENOUGH / 10, width=apart, most=tries, about=before / len(chosen)
    )
    return tried[added]


def _spread(piece: Piece, chosen: tuple[int, ...], fixed: int | None, delta: float) -> Spread:
    wider = _widened(piece, chosen, delta)
    halves, placed = solve_rows(wider)
    return Spread(wider, delta, slack_left(wider, halves, placed, fixed), chosen, halves, placed)


def _widened(piece: Piece, chosen: tuple[int, ...], delta: float) -> Piece:
    rows = tuple(
        row.model_copy(update={"gap": row.gap + delta}) if k in chosen else row for k, row in enumerate(piece.rows)
    )
    return piece.model_copy(update={"rows": rows})
