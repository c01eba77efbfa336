"""Dots over the border or off the blank, and space left over inside it."""

from collections.abc import Iterator

import numpy as np

from ..document.row import Nested
from ..laid import Laid
from .sizes import shrink
from .verdict import MOST_PLACES, Remedy, Verdict, change, mm

TOLERANCE = 1e-6
WORTH_SAYING = 0.05


def edge_verdicts(laid: Laid) -> Iterator[Verdict]:
    """Rows past the border, and the space between the last painted edge and the border."""
    limit, rim = laid.context.limit, laid.context.surface.rim
    for index, row in enumerate(laid.rows):
        if len(row.x) and row.outer > limit + TOLERANCE:
            yield _over(laid, index, row.outer, row.outer > rim + TOLERANCE)
    left = limit - laid.edge
    if not laid.piece.rows:
        add = Remedy("Add a row", action="add row")
        yield Verdict("empty", "empty", "note", "No rows yet: add the centre and a first row.", remedies=(add,))
    elif left > WORTH_SAYING:
        yield Verdict("space left", "space left", "note", f"{mm(left)} left at the edge.", remedies=_fill(laid))


def _over(laid: Laid, index: int, outer: float, off: bool) -> Verdict:
    row = laid.piece.rows[index]
    limit, rim = laid.context.limit, laid.context.surface.rim
    code = "off the blank" if off else "over the border"
    text = (
        f"{laid.name(index).capitalize()} hangs {mm(outer - rim)} off the blank."
        if off
        else f"{laid.name(index).capitalize()} runs {mm(outer - limit)} over the border."
    )
    first = laid.dots.first[index]
    over = np.flatnonzero(laid.rows[index].walk + laid.rows[index].radius > limit + TOLERANCE)[:MOST_PLACES] + first
    return Verdict(
        code,
        f"{code}:{row.id}",
        "serious" if off else "warning",
        text,
        (index,),
        tuple(over.tolist()),
        _inward(laid, index),
    )


def _inward(laid: Laid, index: int) -> tuple[Remedy, ...]:
    row, placed = laid.piece.rows[index], laid.rows[index]
    most = max(placed.diameters)
    remedies = []
    if row.track.kind == "ring" and laid.context.limit > most / 2:
        walk = {"kind": "walk", "walk": laid.context.limit - most / 2}
        moved = (change("rows", index, "distance", walk), change("rows", index, "fit", None))
        remedies.append(Remedy("Move it in to the border", moved))
    smaller = shrink(row, index, laid.piece.tools, 2 * (laid.context.limit - placed.walk))
    if smaller:
        remedies.append(Remedy(*smaller))
    return tuple(remedies)


def _fill(laid: Laid) -> tuple[Remedy, ...]:
    """Spread the slack where a nested row can take it; a further row is always worth a try."""
    nested = any(isinstance(row.distance, Nested) and row.track.kind == "ring" for row in laid.piece.rows)
    spread = (Remedy("Spread the slack", action="spread slack"),) if nested else ()
    return (*spread, Remedy("Add a row", action="add row"))
