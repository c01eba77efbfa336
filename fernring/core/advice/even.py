"""Rows whose dots could not be spread as evenly as asked."""

from collections.abc import Iterator

from ..document.changes import change
from ..rows.tracks import track_of
from ..solved import Solved
from ..words.lengths import mm
from .verdict import Remedy, Verdict, each

SEEN = 0.01  # mm; nobody sees less


def even_verdicts(solved: Solved) -> Iterator[Verdict]:
    """The search for equal gaps along a line in space may end short of them; then the row says so."""
    for index, (row, placed) in enumerate(zip(solved.piece.rows, solved.rows, strict=True)):
        off = max((part.off for part in placed.both), default=0.0)
        if off <= SEEN:
            continue
        name = solved.name(index)
        text = (
            f"{name[0].upper()}{name[1:]} is not evenly spread: no equal gaps were found, and some are {mm(off)} off."
        )
        remedies = []
        if track_of(row.track).round and row.spacing == "equal gaps":
            remedies.append(Remedy("Use equal angles", (change("rows", index, "spacing", "equal angles"),)))
        yield Verdict("not even", f"not even:{row.id}", "warning", text, (index,), (), each(*remedies))
