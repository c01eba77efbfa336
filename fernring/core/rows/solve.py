"""One row solved: its rule in, its numbers and dots out."""

from dataclasses import replace

import numpy as np

from ..document.row import Row
from .context import Context
from .cut import cut
from .grouped import grouped
from .halves import Halves
from .meeting import met
from .placed import PlacedRow, unplaced
from .tracks import track_of
from .trims.growing import grown


def solve(row: Row, index: int, context: Context) -> PlacedRow:
    """The row with its groups, cuts and trims. One for which there is no room comes back empty and says why."""
    if row.fit == "meet":
        found = met(row, context)
        if isinstance(found, str):
            return unplaced(row, index, found)
        rule, remainder = found
        return replace(solve(rule, index, context), rule=rule, remainder=remainder)
    placed = track_of(row.track).solve(row, index, context)
    if placed.noroom:
        return placed
    placed = grouped(row, placed, context)
    if row.copies > 1:
        own = placed.own_dots
        placed = replace(placed, own=own.replaced(slot=own.place // 2))  # both of a pair take one turn of the shades
    placed = cut(row, placed, context)
    shaped = [k for k, member in enumerate(row.pattern) if member.shaped]
    if placed.noroom or not (row.trims or shaped):
        return placed
    if shaped:
        own = placed.own_dots
        placed = replace(placed, own=own.replaced(level=np.where(np.isin(own.member, shaped), 0, 1)))
    return replace(placed, grown=placed.grown.with_more(grown(row, placed, context)))


def solve_on_halves(row: Row, index: int, halves: Halves) -> PlacedRow:
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
