"""What touches what on the piece, and which of the two is painted first.

Things are dots and marks. Each has a rank: its level, then its row (boundary rows first, then as the sheet has them),
then its trim, then its layer, of a petal the tip first; a tail comes right after the dot it is pulled from. Of two
things that touch, the one of higher rank comes later, and what overlaps a thing of a lower level waits until that is
dry for a top dot. Equal ranks never bind. Ranks are in one order, so that nothing can ever wait for itself.
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from ..budget import TOO_MUCH
from ..dots.grid import close_pairs
from ..dots.table import Array, Mask
from ..errors import SpentError
from ..rows.trims import trim_kind
from .groups import is_tail, level_of, one_number
from .job import Job

TOLERANCE = 1e-6  # mm
ROLLED, SCALLOP = 1e-4, 0.02  # mm: on a relief, and of the discs that fill a mark
MOST = 4_000_000  # pairs
Places = NDArray[np.intp]


class Met(NamedTuple):
    """Pairs of things, by their numbers: `later` touches `first`; where it is `over` that one it needs it dry. Pairs
    with marks may come up more than once."""

    later: Places
    first: Places
    over: Mask


class _Things(NamedTuple):
    """Discs and the things they belong to: dots by their lines in the plan's table, then marks by their numbers.
    Of each thing: its `rank` as one number, its level, whether it is a tail."""

    x: Array
    y: Array
    z: Array
    radius: Array
    thing: Places
    rank: NDArray[np.int64]
    level: NDArray[np.int64]
    tail: Mask
    row: Places
    host: Places
    back: Mask
    gap: Array
    mark: Mask


def contacts(job: Job) -> Met:
    """Every pair of things on one half that touch, or lie no further apart than the gap of the later one. Raises
    SpentError where too many lie within their gaps."""
    things = _things(job)
    # 1. Discs grown by the gaps of both meet wherever a pair may touch.
    tolerance = ROLLED if job.solved.normal is not None else TOLERANCE
    grown = things.radius + things.gap[things.thing] + SCALLOP
    i, j = close_pairs(things.x, things.y, things.z, grown, 0.0, MOST)
    if len(i) > MOST:
        raise SpentError(TOO_MUCH)
    a, b = things.thing[i], things.thing[j]
    # 2. The one of higher rank is the later.
    higher, lower = things.rank[a], things.rank[b]
    bound = np.flatnonzero((higher != lower) & (things.back[a] == things.back[b]))
    i, j, a, b, swap = i[bound], j[bound], a[bound], b[bound], (higher < lower)[bound]
    later, first = np.where(swap, b, a), np.where(swap, a, b)
    # 3. It touches where its own gap is not exceeded; over another level only what overlaps counts.
    apart = np.sqrt(
        (things.x[i] - things.x[j]) ** 2 + (things.y[i] - things.y[j]) ** 2 + (things.z[i] - things.z[j]) ** 2
    )
    clear = apart - things.radius[i] - things.radius[j]
    slack = np.where(things.mark[later] | things.mark[first], SCALLOP, tolerance)
    over = things.level[later] > things.level[first]
    met = np.where(over, clear < -slack, clear <= things.gap[later] + slack)
    # 4. The tail of one dot does not wait for the dots beside it: it is pulled before they are set.
    met &= ~(things.tail[later] & (things.row[later] == things.row[first]) & (things.host[later] != things.host[first]))
    return Met(later[met], first[met], over[met])


def _things(job: Job) -> _Things:
    solved, dots = job.solved, job.dots
    n, marked = len(dots), solved.marked
    turn = _turns(job)
    # 1. What each thing is.
    home = np.array([one.dot for one in marked], np.intp)
    of = np.concatenate((np.arange(n, dtype=np.intp), home))
    row, trim, layer = (getattr(dots, name)[of].astype(np.int64) for name in ("row", "trim", "layer"))
    level = np.maximum(dots.level[of].astype(np.int64), 1)
    tail, aside = np.zeros(len(of), np.int64), (dots.side[of] > 0).astype(np.int64)
    for k, one in enumerate(marked, n):
        tail[k] = is_tail(one, dots)
        if not tail[k]:
            trim[k], layer[k], aside[k], level[k] = one.mark.trim, 0, 0, max(level_of(one, dots), 1)
    rank = one_number((level, turn[row], trim + 1, layer, aside, tail))
    gap = _gaps(job)[row, trim + 1]
    # 2. Their discs; lines laid under or over the dots and glued stones are bound by rules of their own.
    laid = np.array([placed.laid for placed in solved.rows] or [False])
    own = np.flatnonzero(dots.painted & ~laid[dots.row])
    bodies = [(k, one.mark) for k, one in enumerate(marked, n) if not (laid[one.row] or one.mark.glued)]
    x, y = (
        np.concatenate([line[own], *(mark.spine[:, axis] for _, mark in bodies)])
        for axis, line in enumerate((dots.x, dots.y))
    )
    z = np.concatenate([dots.z[own], *(mark.rise for _, mark in bodies)])
    radius = np.concatenate([dots.radius[own], *(mark.girth for _, mark in bodies)])
    thing = np.concatenate([own, *(np.full(len(mark.girth), k) for k, mark in bodies)]).astype(np.intp)
    back = np.concatenate((job.back, np.array([one.back for one in marked], bool)))
    return _Things(
        x, y, z, radius, thing, rank, level, tail > 0, row.astype(np.intp), dots.host[of].astype(np.intp), back, gap,
        np.arange(len(of)) >= n,
    )  # fmt: skip


def _turns(job: Job) -> NDArray[np.int64]:
    """Whose turn each row is: boundary rows first, then as they stand on the sheet."""
    rows = range(len(job.solved.rows))
    order = sorted(rows, key=lambda row: (row not in job.come_first, row))
    turn = np.empty(len(order), np.int64)
    turn[order] = np.arange(len(order))
    return turn


def _gaps(job: Job) -> Array:
    """What each row and each of its trims keeps clear (mm): a line for each row, its own dots first."""
    rules = job.solved.rules
    found = np.zeros((len(rules), 1 + max((len(rule.all_trims) for rule in rules), default=0)))
    for index, rule in enumerate(rules):
        own = (rule.gap, *(trim_kind(trim).most_gap(trim) for trim in rule.all_trims))
        found[index, : len(own)] = own
    return found
