"""Rows that found no room, and rows stopped from slipping inside the one before."""

from collections.abc import Iterator

from ..document.changes import change
from ..rows.sequence import halves_before
from ..rows.solve import solve_on_halves
from ..solved import Solved
from ..words.lengths import mm
from .sizes import give_size, kit_sizes
from .verdict import Remedy, Verdict

MOST_TRIES = 24


def room_verdicts(solved: Solved) -> Iterator[Verdict]:
    """No room, for each row left out; remedies are worked out for the first of them only."""
    first = True
    for index, row in enumerate(solved.rows):
        ident = solved.piece.rows[index].id
        if row.noroom:
            text = f"No room for {solved.name(index)}: {row.noroom}."
            remedies = (*(_smaller(solved, index) if first else ()), _leave_out(solved, index))
            yield Verdict("no room", f"no room:{ident}", "serious", text, (index,), (), remedies)
            first = False
        elif row.slipped:
            text = (
                f"{solved.name(index).capitalize()} would slip between the dots of the row before; "
                f"it was stopped level with it, at {mm(row.walk)}."
            )
            offset = Remedy("Start it in the dips", (change("rows", index, "start", {"kind": "offset"}),))
            yield Verdict("slips inside", f"slips inside:{ident}", "note", text, (index,), (), (offset,))


def _leave_out(solved: Solved, index: int) -> Remedy:
    rows = [row.model_dump(mode="json") for k, row in enumerate(solved.piece.rows) if k != index]
    return Remedy(f"Leave {solved.name(index)} out", (change("rows", rows),))


def _smaller(solved: Solved, index: int) -> tuple[Remedy, ...]:
    """The largest kit size with which a one-dot row would find room."""
    row = solved.piece.rows[index]
    if len(row.pattern) != 1:
        return ()
    halves = halves_before(solved.piece, solved.rows, index)
    smaller = [size for size in reversed(kit_sizes(solved.piece.tools)) if size.diameter < row.pattern[0].diameter]
    for size in smaller[:MOST_TRIES]:
        member = row.pattern[0].model_copy(update={"diameter": size.diameter, "tool": size.tool})
        if not solve_on_halves(row.model_copy(update={"pattern": (member,)}), index, halves).noroom:
            return (Remedy(f"Use {mm(size.diameter)} dots ({size.name})", give_size(row, index, 0, size)),)
    return ()
