"""Rows that found no room, and rows stopped from slipping inside the one before."""

from collections.abc import Iterator

from ..laid import Laid
from ..rows.layout import halves_before, place_row
from .sizes import give_size, kit_sizes
from .verdict import Remedy, Verdict, change, mm

MOST_TRIES = 24


def room_verdicts(laid: Laid) -> Iterator[Verdict]:
    """No room, for each row left out; remedies are worked out for the first of them only."""
    first = True
    for index, row in enumerate(laid.rows):
        ident = laid.piece.rows[index].id
        if row.noroom:
            text = f"No room for {laid.name(index)}: {row.noroom}."
            remedies = (*(_smaller(laid, index) if first else ()), _leave_out(laid, index))
            yield Verdict("no room", f"no room:{ident}", "serious", text, (index,), (), remedies)
            first = False
        elif row.slipped:
            text = (
                f"{laid.name(index).capitalize()} would slip between the dots of the row before; "
                f"it was stopped level with it, at {mm(row.walk)}."
            )
            offset = Remedy("Start it in the dips", (change("rows", index, "start", {"kind": "offset"}),))
            yield Verdict("slips inside", f"slips inside:{ident}", "note", text, (index,), (), (offset,))


def _leave_out(laid: Laid, index: int) -> Remedy:
    rows = [row.model_dump(mode="json") for k, row in enumerate(laid.piece.rows) if k != index]
    return Remedy(f"Leave {laid.name(index)} out", (change("rows", rows),))


def _smaller(laid: Laid, index: int) -> tuple[Remedy, ...]:
    """The largest kit size with which a one-dot row would find room."""
    row = laid.piece.rows[index]
    if len(row.pattern) != 1:
        return ()
    halves = halves_before(laid.piece, laid.rows, index)
    smaller = [size for size in reversed(kit_sizes(laid.piece.tools)) if size.diameter < row.pattern[0].diameter]
    for size in smaller[:MOST_TRIES]:
        member = row.pattern[0].model_copy(update={"diameter": size.diameter, "tool": size.tool})
        if not place_row(row.model_copy(update={"pattern": (member,)}), index, halves).noroom:
            return (Remedy(f"Use {size.diameter:g} mm dots ({size.name})", give_size(row, index, 0, size)),)
    return ()
