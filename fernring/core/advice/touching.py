"""Dots that touch, or lie closer than the gap that counts for them."""

from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np

from ..rows.counts import allowed, as_count
from ..rows.ring_spacing import ring_spacing
from ..solved import Solved
from .crowd import PETALS, RINGS, SWEPT, crowded, nests
from .sizes import shrink
from .verdict import MOST_PLACES, Remedy, Severity, Verdict, change, mm

TOLERANCE = 1e-6


def touching_verdicts(solved: Solved) -> Iterator[Verdict]:
    """One verdict for each pair of rows (or row with itself) with dots or marks closer than r1 + r2 + gap."""
    crowd = crowded(solved)
    if not len(crowd.clear):
        return
    code = (crowd.a.astype(np.int64) * len(solved.rows) + crowd.b) * 4 + crowd.kind
    for value in np.unique(code):
        members = np.flatnonzero(code == value)
        rows, kind = divmod(int(value), 4)
        a, b = divmod(rows, len(solved.rows))
        dots = np.unique(np.concatenate((crowd.i[members], crowd.j[members])))[:MOST_PLACES]
        places = len(np.unique(crowd.i[members] * len(solved.dots) + crowd.j[members]))
        worst = members[int(np.argmin(crowd.clear[members] - crowd.gap[members]))]
        pair = Pair(a, b, kind, float(crowd.clear[worst]), float(crowd.gap[worst]), places)
        yield _verdict(solved, pair, tuple(dots.tolist()))


@dataclass(frozen=True)
class Pair:
    """Two rows, how their things are related, the worst clear distance and the gap that counts there (mm)."""

    a: int
    b: int
    kind: int
    clear: float
    gap: float
    places: int


def _verdict(solved: Solved, pair: Pair, dots: tuple[int, ...]) -> Verdict:
    a, b = pair.a, pair.b
    overlap = pair.clear < -TOLERANCE
    how = (
        f"overlap by {mm(-pair.clear)}"
        if overlap
        else f"are only {mm(max(pair.clear, 0))} apart where {mm(pair.gap)} is wanted"
    )
    code, who, remedies = _words(solved, pair, overlap)
    places = f" at {pair.places} places" if pair.places > 1 else ""
    key = ":".join([code, *(solved.piece.rows[k].id for k in sorted({a, b}))])
    severity: Severity = "serious" if overlap else "warning"
    return Verdict(code, key, severity, f"{who} {how}{places}.", tuple(sorted({a, b})), dots, remedies)


def _words(solved: Solved, pair: Pair, overlap: bool) -> tuple[str, str, tuple[Remedy, ...]]:
    """Code, who is concerned, and remedies."""
    a, b, short = pair.a, pair.b, pair.gap - pair.clear
    name = solved.name(b).capitalize()
    if pair.kind == SWEPT:
        who = f"{name}: its swipes" if a == b else f"{name} and {solved.name(a)}: swipes and dots"
        return "swipe without room", who, _shorter(solved, b, short) or _shorter(solved, a, short)
    if pair.kind == PETALS:
        return "petals collide", f"{name}: petals of neighbours", _slimmer(solved, b)
    if a == b:
        if overlap and pair.kind == RINGS:
            return "does not close", f"{name} does not close: neighbouring dots", _own_remedies(solved, a, short)
        return (
            "close",
            f"{name}: {'neighbouring dots' if pair.kind == RINGS else 'dots of its trims'}",
            (_own_remedies(solved, a, short) if pair.kind == RINGS else ()),
        )
    code = "touching" if overlap else "close"
    return code, f"{name} and {solved.name(a)}: dots", _pair_remedies(solved, a, b, short)


def _shorter(solved: Solved, index: int, short: float) -> tuple[Remedy, ...]:
    """Every swipe of the row pulled less far."""
    remedies = []
    for k, trim in enumerate(solved.piece.rows[index].trims):
        if trim.kind == "swipe" and trim.to.kind == "length" and trim.to.mm - short - 0.1 >= 0.5:
            mm_left = round(trim.to.mm - short - 0.1, 2)
            remedies.append(
                Remedy(
                    f"Pull to {mm_left:g} mm on {solved.name(index)}",
                    (change("rows", index, "trims", k, "to", "mm", mm_left),),
                )
            )
        elif trim.kind == "swipe" and trim.to.kind != "contact":
            contact = change("rows", index, "trims", k, "to", {"kind": "contact"})
            remedies.append(Remedy(f"Pull to first contact on {solved.name(index)}", (contact,)))
    return tuple(remedies)


def _slimmer(solved: Solved, index: int) -> tuple[Remedy, ...]:
    """One layer less, or the row further out so that its petals have room."""
    row = solved.piece.rows[index]
    remedies = [
        Remedy("One layer less", (change("rows", index, "trims", k, "layers", trim.layers - 1),))
        for k, trim in enumerate(row.trims)
        if trim.kind == "walk" and trim.layers > 1
    ]
    return tuple(remedies)


def _own_remedies(solved: Solved, index: int, short: float) -> tuple[Remedy, ...]:
    """Fewer dots, smaller dots, or further out."""
    row, placed, piece = solved.piece.rows[index], solved.rows[index], solved.piece
    remedies = []
    context = solved.halves.of(placed.half) or solved.context
    spacing, first = ring_spacing(context.surface, row.spacing), placed.first_rad
    fewer = [
        n
        for n in allowed(piece.segments, placed.repeats - 1)
        if spacing.clear(placed.walk, placed.diameters, n, first) >= row.gap
    ]
    if fewer:
        rule = as_count(fewer[-1], piece.segments).model_dump(mode="json")
        remedies.append(Remedy(f"Set {fewer[-1]} repeats", (change("rows", index, "count", rule),)))
    smaller = shrink(row, index, piece.tools, placed.diameters[0] - short)
    if smaller:
        remedies.append(Remedy(*smaller))
    if row.fit is None:
        remedies.append(Remedy("Move it out until it closes", (change("rows", index, "fit", "distance"),)))
    return tuple(remedies)


def _pair_remedies(solved: Solved, a: int, b: int, short: float) -> tuple[Remedy, ...]:
    """Nest the later row, or make it smaller."""
    row, piece = solved.piece.rows[b], solved.piece
    remedies = []
    if row.track.kind == "ring" and not nests(row):
        nest = [change("rows", b, "distance", {"kind": "nested"})]
        if row.fit == "distance":
            nest.append(change("rows", b, "fit", None))
        remedies.append(Remedy(f"Nest {solved.name(b)}", tuple(nest)))
    for index in (b, a):
        smaller = shrink(piece.rows[index], index, piece.tools, solved.rows[index].diameters[0] - 2 * short)
        if smaller:
            remedies.append(Remedy(f"{smaller[0]} on {solved.name(index)}", smaller[1]))
    return tuple(remedies)
