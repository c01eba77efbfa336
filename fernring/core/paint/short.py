"""Paints of which a piece takes more than is left, and the row at which they run out."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from ..document.shelf import Paint
from ..solved import Solved
from ..tables import table
from .amounts import Amount


@dataclass(frozen=True)
class Short:
    """A paint by its id, ml that are needed and left, and the row in which the last of it goes, painted in order; None
    where it lasts for the dots, and only what stays in pots and the margin is missing."""

    paint: str
    needed: float
    left: float
    row: int | None


def shortages(
    solved: Solved, paints: Sequence[Paint], pots: Sequence[tuple[Amount, Mapping[str, float]]]
) -> tuple[Short, ...]:
    """Of pots, each with the ml of every paint that go into it. Paints of which nobody knows what is left are left
    out."""
    known = {paint.id: paint.left for paint in paints if paint.left is not None}
    found = []
    for ident, left in known.items():
        needed = sum(parts.get(ident, 0.0) for _, parts in pots)
        if needed > left:
            found.append(Short(ident, needed, left, _runs_out(ident, left, pots)))
    return tuple(found)


def _runs_out(ident: str, left: float, pots: Sequence[tuple[Amount, Mapping[str, float]]]) -> int | None:
    """Row by row: with its dots goes what stays on the tool; the margin is not used."""
    taken = 1 + table("amounts.json")["tool"]
    by_row: dict[int, float] = {}
    for amount, parts in pots:
        share = parts.get(ident, 0.0) / amount.mix if amount.mix else 0.0
        for row, ml in zip(amount.rows, amount.by_row, strict=True):
            by_row[row] = by_row.get(row, 0.0) + share * ml * taken
    for row in sorted(by_row):
        left -= by_row[row]
        if left < 0:
            return row
    return None
