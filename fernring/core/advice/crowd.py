"""Which dots and marks lie closer than the gap that counts for them: the whole piece in one search."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ..budget import spend
from ..document.row import Row, states_gap
from ..dots.grid import MOST_PAIRS, close_pairs
from ..dots.table import Array, Dots, Mask, concat, table
from ..rows.columns import Marked
from ..rows.tracks import track_of
from ..rows.trims import trim_kind
from ..solved import Solved

TOLERANCE = 1e-6
SCALLOP = 0.02  # discs along a swipe's spine fall short of its edge by this much at most (mm)
ROLLED = 1e-4  # a walk on a relief is solved to this much (mm)
RINGS, PETALS, SWEPT, OTHERS = range(4)

Index = NDArray[np.intp]
Rows = NDArray[np.integer[Any]]


@dataclass(frozen=True)
class Crowd:
    """Pairs as dots of the plan (i, j) and rows a <= b: what sort of pair, its clear distance and its gap (mm).

    Of a great many only some are told, and then there are `more`.
    """

    i: Index
    j: Index
    a: Index
    b: Index
    sort: Index
    clear: Array
    gap: Array
    more: bool = False


_NO_INDEX, _NO_LENGTH = np.empty(0, np.intp), np.empty(0)
NOBODY = Crowd(_NO_INDEX, _NO_INDEX, _NO_INDEX, _NO_INDEX, _NO_INDEX, _NO_LENGTH, _NO_LENGTH)


def crowded(solved: Solved) -> Crowd:
    """Everything closer than its gap asks. Contact at a stated gap is intended and not among it.

    A row's gap counts between its own dots, and between a nested row and the rows before it; a walk's gap within its
    petal, a swipe's to all it meets; for all other pairs the piece's safe gap. Stacked dots are looked at among those
    of their own level.
    """
    concerned = _concerned(solved)
    return _searched(solved, concerned) if concerned.any() else NOBODY


def _concerned(solved: Solved) -> Mask:
    """The rows that have to be searched: those that may come too close to something, and those in reach of them."""
    if any(part.half == "back" for row in solved.rows for part in row.both):
        return np.ones(len(solved.rows), bool)
    rules = solved.piece.rows
    least = solved.piece.safe_gap if any(row.boundary for row in rules) else 0.0
    suspect = np.array([not _known_clear(solved, index, least) for index in range(len(solved.rows))], bool)
    if not suspect.any():
        return suspect
    gap, thick = max(solved.piece.safe_gap, *(row.gap for row in rules)), max(row.thickest for row in solved.rows)
    margin = solved.ground.surface.longest_arc(gap + 2 * thick) - 2 * thick
    inner, outer = np.array([row.inner for row in solved.rows]), np.array([row.outer for row in solved.rows])
    meets = (inner[:, None] <= outer[suspect] + margin) & (outer[:, None] >= inner[suspect] - margin)
    return np.asarray(meets.any(axis=1))


def _known_clear(solved: Solved, index: int, least: float) -> bool:
    """Whether the row is a bare ring that is known to keep the gap in itself and to all rows before it.

    Nested rows keep their own gap, but not to boundary rows: these ask for the `least`.
    """
    rule, row, near = solved.piece.rows[index], solved.rows[index], solved.near[index]
    if not row.n:
        return True
    if row.ring is None or row.clear < rule.gap - TOLERANCE:
        return False
    wanted = max(rule.gap, least) if states_gap(rule) else solved.piece.safe_gap
    return near is None or near.clear >= wanted - TOLERANCE


def _searched(solved: Solved, concerned: Mask) -> Crowd:
    """All dots and marks of these rows put to one search."""
    things = _things(solved, concerned)
    safe, rows = solved.piece.safe_gap, solved.piece.rows
    gaps = np.array([row.gap for row in rows] or [0.0])
    nested = np.array([states_gap(row) for row in rows] or [False])
    # 1. Discs grown by their share of the widest gap that may count for them meet where a pair may be too close.
    asked = _mark_gaps(solved, things)
    petal = _petal_gaps(solved, things)
    growth = np.maximum(np.maximum(np.where(nested, gaps, gaps / 2)[things.row], safe / 2), asked)
    growth = np.maximum(growth, np.where(np.isfinite(petal), petal / 2, 0.0))
    first, second = close_pairs(things.x, things.y, things.z, things.radius + growth, 0.0)
    i, j = first.astype(np.intp), second.astype(np.intp)
    swap = things.row[i] > things.row[j]
    i, j = np.where(swap, j, i), np.where(swap, i, j)
    a, b = things.row[i].astype(np.intp), things.row[j].astype(np.intp)
    # 2. What sort of pair it is decides the gap.
    same, family = a == b, things.host[i] == things.host[j]
    marked = (things.mark[i] >= 0) | (things.mark[j] >= 0)
    own = (_is_own(things)[i]) & (_is_own(things)[j])
    stated = (same & own) | (~same & states_to(rows, a, b) & _is_own(things)[j])
    gap = np.where(stated, gaps[b], safe)
    gap = np.where(same & family, np.minimum(petal[i], petal[j]), gap)
    gap = np.where(marked & ~(same & family), np.maximum(asked[i], asked[j]), gap)
    sort = np.where(marked, SWEPT, np.where(same & ~own & ~family, PETALS, np.where(same & own, RINGS, OTHERS)))
    # 3. Only those that fall short of it by more than the arithmetic may err.
    clear = clear_between(things, i, j)
    rolled = TOLERANCE if solved.normal is None else ROLLED
    least = np.where(marked, TOLERANCE + SCALLOP, np.where(same & family, rolled, TOLERANCE))
    one = (marked & same & family) | (same & np.array([row.drawn for row in rows] or [False])[a])
    keep = (clear < gap - least) & ~one
    dot = things.dot.astype(np.intp)
    found = [
        Crowd(dot[i][keep], dot[j][keep], a[keep], b[keep], sort[keep], clear[keep], gap[keep], len(i) > MOST_PAIRS)
    ]
    return _together([*found, *_stacked(solved)])


def _things(solved: Solved, concerned: Mask) -> Dots:
    """Dots on the blank and the discs that fill marks. `host` is the own dot of the row that each belongs to."""
    dots = solved.dots
    concerned = concerned & np.array([not row.laid for row in solved.rows], bool)
    low = dots.take((dots.level == 1) & concerned[dots.row])
    return concat((low, _discs(dots, [mark for mark in solved.marked if concerned[mark.row]])))


def _discs(dots: Dots, marked: Sequence[Marked]) -> Dots:
    """The discs of these marks; each carries the dot it was pulled from."""
    sizes = [len(one.mark.girth) for one in marked]
    if not sizes:
        return table(0)
    spine = np.concatenate([one.mark.spine for one in marked])
    start = np.repeat([one.dot for one in marked], sizes)
    return table(
        len(spine),
        x=spine[:, 0],
        y=spine[:, 1],
        z=np.concatenate([one.mark.rise for one in marked]),
        radius=np.concatenate([one.mark.girth for one in marked]),
        row=np.repeat([one.row for one in marked], sizes),
        trim=np.repeat([one.mark.trim for one in marked], sizes),
        mark=np.repeat(np.arange(len(sizes)), sizes),
        dot=start,
        host=dots.host[start],
    )


def _is_own(things: Dots) -> Mask:
    """Dots that a row sets itself; a mark is none, even where it is a member of the pattern."""
    return np.asarray((things.trim < 0) & (things.mark < 0))


def _petal_gaps(solved: Solved, things: Dots) -> Array:
    """The gap that each dot of a trim keeps within its petal; infinite for all others."""
    found = np.full(len(things), np.inf)
    for index, row in enumerate(solved.piece.rows):
        if row.trims:
            gaps = np.array([trim_kind(trim).gap(trim) for trim in row.all_trims])
            grown = np.flatnonzero((things.row == index) & (things.trim >= 0) & (things.mark < 0))
            found[grown] = gaps[things.trim[grown]]
    return found


def _mark_gaps(solved: Solved, things: Dots) -> Array:
    """The gap that each mark keeps to what it does not belong to: its trim's, its row's, or the safe gap; -inf for
    dots."""
    found = np.where(things.mark >= 0, solved.piece.safe_gap, -np.inf)
    for index, row in enumerate(solved.piece.rows):
        if track_of(row.track).swept:
            found[(things.row == index) & (things.trim < 0) & (things.mark >= 0)] = row.gap
        for number, trim in enumerate(row.all_trims):
            if trim_kind(trim).swept:
                found[(things.row == index) & (things.trim == number) & (things.mark >= 0)] = trim_kind(trim).gap(trim)
    return found


def _stacked(solved: Solved) -> list[Crowd]:
    """Dots on dots that overlap others of their own level."""
    dots, found = solved.dots, []
    for level in range(2, int(dots.level.max(initial=1)) + 1):
        own = np.flatnonzero(dots.level == level)
        first, second = close_pairs(dots.x[own], dots.y[own], dots.z[own], dots.radius[own], TOLERANCE)
        i, j = own[first], own[second]
        rows = dots.row[np.stack((i, j))].astype(np.intp)
        clear, sort = clear_between(dots, i, j), np.full(len(i), OTHERS, np.intp)
        lower, higher, more = rows.min(axis=0), rows.max(axis=0), len(i) > MOST_PAIRS
        found.append(Crowd(i, j, lower, higher, sort, clear, np.zeros(len(i)), more))
    return found


def states_to(rows: Sequence[Row], a: Rows, b: Rows) -> Mask:
    """Whether row b states a gap that counts towards row a above it: not to boundary rows, on which nothing nests."""
    nested = np.array([states_gap(row) for row in rows] or [False])
    boundary = np.array([row.boundary for row in rows] or [False])
    return np.asarray(nested[b] & ~boundary[a])


def clear_between(things: Dots, i: Index, j: Index) -> Array:
    """Clear distance of each pair (mm)."""
    dx, dy, dz = things.x[i] - things.x[j], things.y[i] - things.y[j], things.z[i] - things.z[j]
    return np.asarray(np.sqrt(dx * dx + dy * dy + dz * dz) - things.radius[i] - things.radius[j])


def alike(code: Index) -> Iterator[Index]:
    """Places of the same number, one group after the other in the order of the numbers."""
    order = np.argsort(code, kind="stable")
    for members in np.split(order, np.flatnonzero(np.diff(code[order])) + 1) if len(order) else ():
        spend(20_000)
        yield members


def _together(parts: list[Crowd]) -> Crowd:
    names = ("i", "j", "a", "b", "sort", "clear", "gap")
    columns = {name: np.concatenate([getattr(part, name) for part in parts]) for name in names}
    return Crowd(**columns, more=any(part.more for part in parts))
