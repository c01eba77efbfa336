"""Dots that touch, or lie closer than the gap that counts for them."""

from collections.abc import Iterator

import numpy as np

from ..document.row import Nested
from ..geometry.contact import close_pairs
from ..laid import Laid
from ..rows.counts import allowed, as_count
from ..rows.hoop import hoop_on
from .sizes import shrink
from .verdict import MOST_PLACES, Remedy, Severity, Verdict, change, mm

TOLERANCE = 1e-6


def touching_verdicts(laid: Laid) -> Iterator[Verdict]:
    """One verdict for each pair of rows (or row with itself) with dots closer than r1 + r2 + gap."""
    i, j, clear = crowded_pairs(laid)
    if not len(i):
        return
    row = laid.dots.row
    code = row[i].astype(np.int64) * len(laid.rows) + row[j]
    for value in np.unique(code):
        members = np.flatnonzero(code == value)
        a, b = divmod(int(value), len(laid.rows))
        dots = np.unique(np.concatenate((i[members], j[members])))[:MOST_PLACES]
        yield _verdict(laid, a, b, float(clear[members].min()), len(members), tuple(dots.tolist()))


def crowded_pairs(laid: Laid) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """Dots (i < j) closer than their gap asks, and their clear distance (mm).

    The gap of a row counts between its own dots, and between a nested row and the rows before it; for all
    other pairs the piece's safe gap counts. Radii are grown so that no such pair escapes the grid.
    """
    dots, safe = laid.dots, laid.piece.safe_gap
    gaps = np.array([row.gap for row in laid.piece.rows] or [0.0])
    nested = np.array([_nests(laid, index) for index in range(len(gaps))] if laid.piece.rows else [False])
    boundary = np.array([row.boundary for row in laid.piece.rows] or [False])
    growth = np.maximum(np.where(nested, gaps, gaps / 2), safe / 2)
    i, j = close_pairs(dots.x, dots.y, dots.z, dots.radius + growth[dots.row], 0.0)
    a, b = dots.row[i], dots.row[j]
    stated = (a == b) | (nested[b] & ~boundary[a])
    gap = np.where(stated, gaps[b], safe)
    space = np.sqrt((dots.x[i] - dots.x[j]) ** 2 + (dots.y[i] - dots.y[j]) ** 2 + (dots.z[i] - dots.z[j]) ** 2)
    clear = space - dots.radius[i] - dots.radius[j]
    keep = clear < gap - TOLERANCE
    return i[keep], j[keep], clear[keep]


def gap_between(laid: Laid, a: int, b: int) -> float:
    """The gap that counts between rows a <= b (mm)."""
    stated = a == b or (_nests(laid, b) and not laid.piece.rows[a].boundary)
    return laid.piece.rows[b].gap if stated else laid.piece.safe_gap


def _nests(laid: Laid, index: int) -> bool:
    row = laid.piece.rows[index]
    return isinstance(row.distance, Nested) and row.fit != "distance" and row.track.kind == "ring"


def _verdict(laid: Laid, a: int, b: int, clear: float, pairs: int, dots: tuple[int, ...]) -> Verdict:
    overlap = clear < -TOLERANCE
    kind = "touching" if overlap else "close"
    gap = gap_between(laid, a, b)
    how = f"overlap by {mm(-clear)}" if overlap else f"are only {mm(max(clear, 0))} apart where {mm(gap)} is wanted"
    if a == b:
        who = f"{laid.name(a).capitalize()} does not close: neighbouring dots" if overlap else _dots_of(laid, a)
        remedies = _own_remedies(laid, a, gap - clear)
    else:
        who = f"{laid.name(b).capitalize()} and {laid.name(a)}: dots"
        remedies = _pair_remedies(laid, a, b, gap - clear)
    code = ("does not close" if overlap else "close") if a == b else kind
    places = f" at {pairs} places" if pairs > 1 else ""
    ids = [laid.piece.rows[k].id for k in sorted({a, b})]
    key = ":".join([code, *ids])
    severity: Severity = "serious" if overlap else "warning"
    return Verdict(code, key, severity, f"{who} {how}{places}.", tuple(sorted({a, b})), dots, remedies)


def _dots_of(laid: Laid, a: int) -> str:
    return f"{laid.name(a).capitalize()}: neighbouring dots"


def _own_remedies(laid: Laid, index: int, short: float) -> tuple[Remedy, ...]:
    """Fewer dots, smaller dots, or further out."""
    row, placed, piece = laid.piece.rows[index], laid.rows[index], laid.piece
    remedies = []
    context = laid.halves.of(placed.half) or laid.context
    hoop, first = hoop_on(context.surface, row.spacing), float(placed.angle_rad[0])
    fewer = [
        n
        for n in allowed(piece.segments, placed.repeats - 1)
        if hoop.clear(placed.walk, placed.diameters, n, first) >= row.gap
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


def _pair_remedies(laid: Laid, a: int, b: int, short: float) -> tuple[Remedy, ...]:
    """Nest the later row, or make it smaller."""
    row, piece = laid.piece.rows[b], laid.piece
    remedies = []
    if row.track.kind == "ring" and not _nests(laid, b):
        nest = [change("rows", b, "distance", {"kind": "nested"})]
        if row.fit == "distance":
            nest.append(change("rows", b, "fit", None))
        remedies.append(Remedy(f"Nest {laid.name(b)}", tuple(nest)))
    for index in (b, a):
        smaller = shrink(piece.rows[index], index, piece.tools, laid.rows[index].diameters[0] - 2 * short)
        if smaller:
            remedies.append(Remedy(f"{smaller[0]} on {laid.name(index)}", smaller[1]))
    return tuple(remedies)
