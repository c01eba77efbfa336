"""Dots that touch, or lie closer than the gap that counts for them."""

from collections.abc import Iterator
from dataclasses import dataclass
from itertools import islice

import numpy as np

from ..budget import attempt, spend
from ..document.changes import Change, change, changed
from ..document.row import states_gap
from ..rows.counts import allowed, as_count
from ..rows.ring_spacing import ring_spacing
from ..rows.tracks import track_of
from ..rows.trims import trim_kind
from ..rows.trims.kind import Smaller
from ..solved import Solved, solve_piece
from ..words.lengths import mm
from .crowd import PETALS, RINGS, SWEPT, crowded
from .sizes import shrink
from .verdict import MOST_PLACES, Remedy, Severity, Verdict

TOLERANCE = 1e-6
SORTS = 4


def touching_verdicts(solved: Solved) -> Iterator[Verdict]:
    """One verdict for each pair of rows (or row with itself) with dots or marks closer than r1 + r2 + gap."""
    crowd = crowded(solved)
    if not len(crowd.clear):
        return
    code = (crowd.a.astype(np.int64) * len(solved.rows) + crowd.b) * SORTS + crowd.sort
    order = np.argsort(code, kind="stable")
    for members in np.split(order, np.flatnonzero(np.diff(code[order])) + 1):
        spend(20_000)
        rows, sort = divmod(int(code[members[0]]), SORTS)
        a, b = divmod(rows, len(solved.rows))
        dots = np.unique(np.concatenate((crowd.i[members], crowd.j[members])))[:MOST_PLACES]
        places = len(np.unique(crowd.i[members] * len(solved.dots) + crowd.j[members]))
        worst = members[int(np.argmin(crowd.clear[members] - crowd.gap[members]))]
        pair = Pair(a, b, sort, float(crowd.clear[worst]), float(crowd.gap[worst]), places, crowd.more)
        yield _verdict(solved, pair, tuple(dots.tolist()))


@dataclass(frozen=True)
class Pair:
    """Two rows, how their things are related, the worst clear distance and the gap that counts there (mm). There may
    be `more` places than were counted."""

    a: int
    b: int
    sort: int
    clear: float
    gap: float
    places: int
    more: bool

    @property
    def overlaps(self) -> bool:
        return self.clear < -TOLERANCE

    @property
    def short(self) -> float:
        return self.gap - self.clear


def _verdict(solved: Solved, pair: Pair, dots: tuple[int, ...]) -> Verdict:
    a, b = pair.a, pair.b
    how = (
        f"overlap by {mm(-pair.clear)}"
        if pair.overlaps
        else f"are only {mm(max(pair.clear, 0))} apart where {mm(pair.gap)} is wanted"
    )
    code, who, remedies = _words(solved, pair)
    places = f" at {pair.places}{' or more' if pair.more else ''} places" if pair.places > 1 or pair.more else ""
    key = ":".join([code, *(solved.piece.rows[k].id for k in sorted({a, b}))])
    severity: Severity = "serious" if pair.overlaps else "warning"
    return Verdict(code, key, severity, f"{who} {how}{places}.", tuple(sorted({a, b})), dots, remedies)


def _words(solved: Solved, pair: Pair) -> tuple[str, str, tuple[Remedy, ...]]:
    """Code, who is concerned, and remedies."""
    a, b = pair.a, pair.b
    name = solved.name(b).capitalize()
    if pair.sort == SWEPT:
        who = f"{name}: its swipes" if a == b else f"{name} and {solved.name(a)}: swipes and dots"
        return "swipe without room", who, _smaller(solved, b, pair) or _smaller(solved, a, pair)
    if pair.sort == PETALS:
        return "petals collide", f"{name}: petals of neighbours", _smaller(solved, b, pair)
    if a != b:
        code = "touching" if pair.overlaps else "close"
        return code, f"{name} and {solved.name(a)}: dots", _pair_remedies(solved, pair)
    if pair.sort != RINGS:
        return "close", f"{name}: dots of its trims", ()
    remedies = _own_remedies(solved, a, pair.short)
    if pair.overlaps:
        return "does not close", f"{name} does not close: neighbouring dots", remedies
    return "close", f"{name}: neighbouring dots", remedies


def _smaller(solved: Solved, index: int, pair: Pair) -> tuple[Remedy, ...]:
    """Trims of the row that can take less room: swipes where marks meet, petals where those collide."""
    remedies: list[Remedy] = []
    for k, trim in enumerate(solved.piece.rows[index].trims):
        kind = trim_kind(trim)
        if kind.swept != (pair.sort == SWEPT):
            continue
        where = f" on {solved.name(index)}" if kind.swept else ""
        for way in kind.smaller(trim, pair.short):
            offers = (Remedy(one.words + where, _changes(one, index, k)) for one in way)
            remedies += islice((offer for offer in offers if _helps(solved, pair, offer)), 1)
    return tuple(remedies)


def _changes(one: Smaller, index: int, k: int) -> tuple[Change, ...]:
    return tuple(change("rows", index, "trims", k, name, value) for name, value in one.changes.items())


def _helps(solved: Solved, pair: Pair, offer: Remedy) -> bool:
    """Whether the pair keeps clear with this change; none is offered untried."""

    def clear() -> bool:
        crowd = crowded(solve_piece(changed(solved.piece, offer.changes), solved))
        return not bool(((crowd.a == pair.a) & (crowd.b == pair.b) & (crowd.sort == pair.sort)).any())

    return bool(attempt(clear))


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


def _pair_remedies(solved: Solved, pair: Pair) -> tuple[Remedy, ...]:
    """Nest the later row, or make it smaller."""
    a, b, piece = pair.a, pair.b, solved.piece
    row = piece.rows[b]
    remedies = []
    if track_of(row.track).round and not states_gap(row):
        nest = [change("rows", b, "distance", {"kind": "nested"})]
        if row.fit == "distance":
            nest.append(change("rows", b, "fit", None))
        remedies.append(Remedy(f"Nest {solved.name(b)}", tuple(nest)))
    for index in (b, a):
        smaller = shrink(piece.rows[index], index, piece.tools, solved.rows[index].diameters[0] - 2 * pair.short)
        if smaller:
            remedies.append(Remedy(f"{smaller[0]} on {solved.name(index)}", smaller[1]))
    return tuple(remedies)
