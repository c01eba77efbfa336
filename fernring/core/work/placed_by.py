"""Which rows a row is placed by, and which come before all others."""

from ..document.start import InVee, Offset
from ..rows.tracks import track_of
from ..solved import Solved

TOUCHES = 1e-3  # mm beyond its gap


def rows_below(solved: Solved, index: int) -> list[int]:
    """The rows by which a row is placed: it touches them, sits in their dips, fills the gaps between. A row that was
    nested and met nothing is placed by none."""
    row, near = solved.rules[index], solved.near[index]
    kind = track_of(row.track)
    if kind.fills:
        return [k for k in range(index) if not solved.rows[k].laid]
    dipped = kind.round and isinstance(row.start, Offset | InVee)
    if near is None or not (dipped or (kind.nests(row) and near.clear <= row.gap + TOUCHES)):
        return []
    return [near.other_row]


def boundaries(solved: Solved) -> frozenset[int]:
    """Boundary rows, which are painted first: of dots, and resting on nothing but others of these."""
    found: set[int] = set()
    for k, (rule, row) in enumerate(zip(solved.rules, solved.rows, strict=True)):
        if rule.boundary and not row.laid and found.issuperset(rows_below(solved, k)):
            found.add(k)
    return frozenset(found)
