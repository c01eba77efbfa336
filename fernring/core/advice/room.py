"""Rows that found no room, and rows stopped from slipping inside the one before."""

from collections.abc import Iterator
from typing import Any

from ..document.changes import change
from ..solved import Solved
from ..words.lengths import mm
from .sizes import smaller
from .verdict import Remedy, Verdict, each


def room_verdicts(solved: Solved) -> Iterator[Verdict]:
    """No room, for each row left out."""
    without = any(row.noroom for row in solved.rows)
    rows = [row.model_dump(mode="json") for row in solved.piece.rows] if without else []
    for index, row in enumerate(solved.rows):
        ident = solved.piece.rows[index].id
        if row.noroom:
            text = f"No room for {solved.name(index)}: {row.noroom}."
            ways = (_smaller(solved, index), (_leave_out(solved, rows, index),))
            yield Verdict("no room", f"no room:{ident}", "serious", text, (index,), (), ways)
        elif row.slipped:
            text = (
                f"{solved.name(index).capitalize()} would slip between the dots of the row before; "
                f"it was stopped level with it, at {mm(row.walk)}."
            )
            offset = Remedy("Start it in the dips", (change("rows", index, "start", {"kind": "offset"}),))
            yield Verdict("slips inside", f"slips inside:{ident}", "note", text, (index,), (), each(offset))


def _leave_out(solved: Solved, rows: list[dict[str, Any]], index: int) -> Remedy:
    return Remedy(f"Leave {solved.name(index)} out", (change("rows", [*rows[:index], *rows[index + 1 :]]),))


def _smaller(solved: Solved, index: int) -> tuple[Remedy, ...]:
    row = solved.rules[index]
    return smaller(row, index, solved.piece.tools, row.pattern[0].diameter - 1e-6)
