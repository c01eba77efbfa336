"""A motif in another size: refitted with the kit's own dots, not stretched."""

from math import log

import numpy as np

from ..advice.sizes import KitSize, given_size, trim_size
from ..budget import budgeted
from ..document.changes import Change, change, changed
from ..document.distance import AtWalk
from ..document.piece import Piece
from ..errors import FitError
from ..rows.trims import trim_kind
from ..rows.trims.kind import trims_with_paths
from ..solved import Solved, solve_piece
from ..words.lengths import mm
from .asked import require_sizes
from .painted import require_unpainted

TRIED, LEAST, MOST = 40, 0.2, 1.6


@budgeted
def resized(piece: Piece, ident: str, across: float) -> Piece:
    """The piece with this motif as large as it gets at most `across` wide (mm): every dot the one of the kit nearest to
    its size times one factor, nested rows slid in anew, stated distances times the same.

    Raises FitError when there is no such motif, the piece has no tools, or even its smallest dots are wider.
    """
    own = [k for k, row in enumerate(piece.rows) if row.motif == ident]
    if not own:
        raise FitError("The motif has no rows to make larger or smaller.", "motif")
    for k in own:
        require_unpainted(piece, k)
    sizes = require_sizes(piece, "choose sizes from")
    before = solve_piece(piece.model_copy(update={"rows": piece.rows[: own[0]]}))
    now = _reach(piece, own, before)
    if now is None:
        raise FitError("A row of the motif finds no room as it is; mend that first.", "motif")
    smallest = np.inf
    for tried in _candidates(piece, own, sizes, across / 2 / now):
        reach = _reach(tried, own, before)
        if reach is not None and reach <= across / 2 + 1e-6:
            return tried
        smallest = min(smallest, reach or np.inf)
    least = f" The narrowest it gets with this kit is {mm(2 * smallest)}." if smallest < np.inf else ""
    raise FitError(f"The motif cannot be made {mm(across)} wide.{least}", "across")


def _candidates(piece: Piece, own: list[int], sizes: list[KitSize], wanted: float) -> list[Piece]:
    """The motif in all the ways that factors about the wanted one give, the largest first; each once."""
    low, high = np.clip(wanted * LEAST, 0.02, 50), np.clip(wanted * MOST, 0.02, 50)
    found: list[list[Change]] = []
    for factor in np.geomspace(high, low, TRIED):
        ways = [one for k in own for one in _times(piece, k, sizes, float(factor))]
        if ways not in found[-1:]:
            found.append(ways)
    return [changed(piece, ways) for ways in found]


def _times(piece: Piece, index: int, sizes: list[KitSize], factor: float) -> list[Change]:
    """What changes in a row."""
    row = piece.rows[index]
    ways: list[Change] = []
    for k, member in enumerate(row.pattern):
        ways += given_size(index, k, _nearest(sizes, member.diameter * factor))
        if member.length is not None:
            ways.append(change("rows", index, "pattern", k, "length", round(max(member.length * factor, 0.2), 2)))
    if isinstance(row.distance, AtWalk):
        ways.append(change("rows", index, "distance", "walk", round(row.distance.walk * factor, 2)))
    for path, trim in trims_with_paths(row.trims, ("rows", index)):
        for inside, size in trim_kind(trim).sizes(trim):
            if size.share is None:
                near = _nearest(sizes, size.diameter * factor)
                ways.append(change(*path, *inside, size.model_dump(mode="json") | trim_size(near)))
    return ways


def _nearest(sizes: list[KitSize], diameter: float) -> KitSize:
    return min(sizes, key=lambda size: abs(log(size.diameter / diameter)))


def _reach(piece: Piece, own: list[int], before: Solved) -> float | None:
    """How far the motif is painted from its centre; None where a row of it finds no room."""
    solved = solve_piece(piece.model_copy(update={"rows": piece.rows[: own[-1] + 1]}), before)
    rows = [solved.rows[k] for k in own]
    return None if any(row.noroom for row in rows) else max(row.one.outer for row in rows)
