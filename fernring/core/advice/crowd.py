"""Which dots and marks lie closer than the gap that counts for them: the whole piece in one search."""

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..document.row import Nested, Row
from ..document.trim import trims_of
from ..geometry.contact import close_pairs
from ..geometry.surface import Array
from ..rows.placed import Discs
from ..solved import Solved

TOLERANCE = 1e-6
SCALLOP = 0.02  # discs along a swipe's spine fall short of its edge by this much at most (mm)
ROLLED = 1e-4  # a walk on a relief is solved to this much (mm)
RINGS, PETALS, SWEPT, OTHERS = range(4)

Index = NDArray[np.intp]
Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Crowd:
    """Pairs as dots of the plan (i, j) and rows a <= b: what kind of pair, its clear distance and its gap (mm)."""

    i: Index
    j: Index
    a: Index
    b: Index
    kind: Index
    clear: Array
    gap: Array


@dataclass(frozen=True)
class _Things:
    """Dots on the blank and the discs that fill marks: place, size, the dot of the plan, its row and the own dot of
    the row it belongs to; `trim` is -1 for own dots; `mark` numbers the mark, -1 for dots; `gap` is the trim's."""

    x: Array
    y: Array
    z: Array
    radius: Array
    dot: Index
    row: Index
    host: Index
    trim: Index
    mark: Index
    gap: Array


_NO_INDEX, _NO_LENGTH = np.empty(0, np.intp), np.empty(0)
NOBODY = Crowd(_NO_INDEX, _NO_INDEX, _NO_INDEX, _NO_INDEX, _NO_INDEX, _NO_LENGTH, _NO_LENGTH)


def nests(row: Row) -> bool:
    """Whether the row states its gap towards what lies there: nested rings, rows along the edge, gap dots."""
    if row.track.kind in ("inset", "gaps"):
        return True
    return isinstance(row.distance, Nested) and row.fit != "distance" and row.track.kind == "ring"


def crowded(solved: Solved) -> Crowd:
    """Everything closer than its gap asks. Contact at a stated gap is intended and not among it.

    A row's gap counts between its own dots, and between a nested row and the rows before it; a walk's gap within its
    petal; for all other pairs the piece's safe gap. Stacked dots are looked at among those of their own level.
    """
    concerned = _concerned(solved)
    return _searched(solved, concerned) if concerned.any() else NOBODY


def _concerned(solved: Solved) -> Mask:
    """The rows that have to be searched: those that may come too close to something, and those in reach of them."""
    if any(part.half == "back" for row in solved.rows for part in row.both):
        return np.ones(len(solved.rows), bool)
    least = solved.piece.safe_gap if any(row.boundary for row in solved.piece.rows) else 0.0
    suspect = np.array([not _known_clear(solved, index, least) for index in range(len(solved.rows))], bool)
    if not suspect.any():
        return suspect
    gap, thick = (
        max(solved.piece.safe_gap, *(row.gap for row in solved.piece.rows)),
        max(row.thickest for row in solved.rows),
    )
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
    wanted = max(rule.gap, least) if nests(rule) else solved.piece.safe_gap
    return near is None or near.clear >= wanted - TOLERANCE


def _searched(solved: Solved, concerned: Mask) -> Crowd:
    """All dots and marks of these rows put to one search."""
    things = _things(solved, concerned)
    safe = solved.piece.safe_gap
    rows = solved.piece.rows
    gaps = np.array([row.gap for row in rows] or [0.0])
    nested = np.array([nests(row) for row in rows] or [False])
    boundary = np.array([row.boundary for row in rows] or [False])
    growth = np.maximum(np.where(nested, gaps, gaps / 2)[things.row], safe / 2)
    first, second = close_pairs(things.x, things.y, things.z, things.radius + growth, 0.0)
    i, j = first.astype(np.intp), second.astype(np.intp)
    swap = things.row[i] > things.row[j]
    i, j = np.where(swap, j, i), np.where(swap, i, j)
    a, b = things.row[i], things.row[j]
    same, family = a == b, things.host[i] == things.host[j]
    marked = (things.mark[i] >= 0) | (things.mark[j] >= 0)
    own = (things.trim[i] < 0) & (things.trim[j] < 0)
    stated = (same & own) | (~same & nested[b] & ~boundary[a] & (things.trim[j] < 0))
    gap = np.where(stated, gaps[b], safe)
    gap = np.where(same & family, np.minimum(things.gap[i], things.gap[j]), gap)
    kind = np.where(marked, SWEPT, np.where(same & ~own & ~family, PETALS, np.where(same & own, RINGS, OTHERS)))
    clear = _clear(things, i, j)
    rolled = TOLERANCE if solved.dots.normal is None else ROLLED
    least = np.where(marked, TOLERANCE + SCALLOP, np.where(same & family, rolled, TOLERANCE))
    keep = (clear < gap - least) & ~(marked & same & family)
    found = [Crowd(things.dot[i][keep], things.dot[j][keep], a[keep], b[keep], kind[keep], clear[keep], gap[keep])]
    return _together([*found, *_stacked(solved)])


def _things(solved: Solved, concerned: Mask) -> _Things:
    dots = solved.dots
    low = np.flatnonzero((dots.level == 1) & concerned[dots.row])
    shapes = [shape for shape in solved.shapes if concerned[shape.row]]
    host = _hosts(solved)
    own = np.full(len(low), np.inf)
    for index, row in enumerate(solved.piece.rows):
        if row.trims:
            gaps = np.array([getattr(trim, "gap", 0.0) for trim in trims_of(row.trims)])
            grown = (dots.row[low] == index) & (dots.trim[low] >= 0)
            own[grown] = gaps[dots.trim[low][grown]]
    sizes = [len(shape.mark.girth) for shape in shapes]
    spine = np.concatenate([shape.mark.spine for shape in shapes]) if sizes else np.empty((0, 2))

    def each(values: list[int] | list[float]) -> Index:
        return np.repeat(np.array(values, dtype=np.intp if not values or isinstance(values[0], int) else float), sizes)

    start = each([shape.dot for shape in shapes])
    return _Things(
        np.concatenate((dots.x[low], spine[:, 0])),
        np.concatenate((dots.y[low], spine[:, 1])),
        np.concatenate((dots.z[low], each([float(shape.mark.z) for shape in shapes]))),
        np.concatenate((dots.radius[low], *(shape.mark.girth for shape in shapes))),
        np.concatenate((low, start)),
        np.concatenate((dots.row[low].astype(np.intp), each([shape.row for shape in shapes]))),
        np.concatenate((host[low], host[start] if sizes else start)),
        np.concatenate((dots.trim[low].astype(np.intp), np.full(len(start), len(solved.rows), np.intp))),
        np.concatenate((np.full(len(low), -1, np.intp), each(list(range(len(sizes)))))),
        np.concatenate((own, np.full(len(start), np.inf))),
    )


def _hosts(solved: Solved) -> Index:
    """The own dot of its row that every dot belongs to."""
    host = solved.dots.below.astype(np.intp)
    for _ in range(8):
        higher = host[host]
        if (higher == host).all():
            break
        host = higher
    return host


def _stacked(solved: Solved) -> list[Crowd]:
    """Dots on dots that overlap others of their own level."""
    dots, found = solved.dots, []
    for level in range(2, int(dots.level.max(initial=1)) + 1):
        own = np.flatnonzero(dots.level == level)
        first, second = close_pairs(dots.x[own], dots.y[own], dots.z[own], dots.radius[own], TOLERANCE)
        i, j = own[first], own[second]
        clear = _clear(dots, i, j)
        a, b = (
            np.minimum(dots.row[i], dots.row[j]).astype(np.intp),
            np.maximum(dots.row[i], dots.row[j]).astype(np.intp),
        )
        found.append(Crowd(i, j, a, b, np.full(len(i), OTHERS, np.intp), clear, np.zeros(len(i))))
    return found


def _clear(things: Discs, i: Index, j: Index) -> Array:
    """Clear distance of each pair (mm)."""
    dx, dy, dz = things.x[i] - things.x[j], things.y[i] - things.y[j], things.z[i] - things.z[j]
    return np.asarray(np.sqrt(dx * dx + dy * dy + dz * dz) - things.radius[i] - things.radius[j])


def _together(parts: list[Crowd]) -> Crowd:
    names = ("i", "j", "a", "b", "kind", "clear", "gap")
    return Crowd(*(np.concatenate([getattr(part, name) for part in parts]) for name in names))
