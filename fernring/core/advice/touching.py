"""Dots that touch, or lie closer than the gap that counts for them."""

from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np

from ..document.changes import Change, change
from ..rows.trims import trim_kind
from ..rows.trims.kind import Smaller
from ..solved import Solved
from ..words.lengths import mm
from .apart import own_ways, pair_ways
from .crowd import PETALS, RINGS, SWEPT, alike, crowded
from .verdict import MOST_PLACES, Remedy, Severity, Verdict, Ways

TOLERANCE = 1e-6
SORTS = 4


def touching_verdicts(solved: Solved) -> Iterator[Verdict]:
    """One verdict for each pair of rows (or row with itself) with dots or marks closer than r1 + r2 + gap."""
    crowd = crowded(solved)
    if not len(crowd.clear):
        return
    code = (crowd.a.astype(np.int64) * len(solved.rows) + crowd.b) * SORTS + crowd.sort
    for members in alike(code):
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
    code, who, ways = _words(solved, pair)
    places = f" at {pair.places}{' or more' if pair.more else ''} places" if pair.places > 1 or pair.more else ""
    key = ":".join([code, *(solved.piece.rows[k].id for k in sorted({a, b}))])
    severity: Severity = "serious" if pair.overlaps else "warning"
    return Verdict(code, key, severity, f"{who} {how}{places}.", tuple(sorted({a, b})), dots, ways)


def _words(solved: Solved, pair: Pair) -> tuple[str, str, Ways]:
    """Code, who is concerned, and ways to mend it."""
    a, b = pair.a, pair.b
    name = solved.name(b).capitalize()
    if pair.sort == SWEPT:
        who = f"{name}: its swipes" if a == b else f"{name} and {solved.name(a)}: swipes and dots"
        return "swipe without room", who, tuple(way for row in {b: 0, a: 0} for way in _smaller(solved, row, pair))
    if pair.sort == PETALS:
        return "petals collide", f"{name}: petals of neighbours", tuple(_smaller(solved, b, pair))
    if a != b:
        code = "touching" if pair.overlaps else "close"
        return code, f"{name} and {solved.name(a)}: dots", pair_ways(solved, a, b)
    if pair.sort != RINGS:
        return "close", f"{name}: dots of its trims", tuple(_smaller(solved, a, pair))
    ways = own_ways(solved, a, solved.rules[a].gap, pair.short)
    if pair.overlaps:
        return "does not close", f"{name} does not close: neighbouring dots", ways
    return "close", f"{name}: neighbouring dots", ways


def _smaller(solved: Solved, index: int, pair: Pair) -> Iterator[tuple[Remedy, ...]]:
    """Trims of the row that can take less room: swipes where marks meet, petals where those collide."""
    for k, trim in enumerate(solved.rules[index].trims):
        kind = trim_kind(trim)
        if kind.swept != (pair.sort == SWEPT):
            continue
        where = f" on {solved.name(index)}" if kind.swept else ""
        for way in kind.smaller(trim, pair.short):
            yield tuple(Remedy(one.words + where, _changes(one, index, k)) for one in way)


def _changes(one: Smaller, index: int, k: int) -> tuple[Change, ...]:
    return tuple(change("rows", index, "trims", k, name, value) for name, value in one.changes.items())
