"""Which rows a row is placed by, and which come before all others."""

from ..document.start import InVee, Offset
from ..rows.tracks import track_of
from ..solved import Solved


def rows_below(solved: Solved, index: int) -> list[int]:
    """The rows by which a row is placed: nested on them, in their dips, in the gaps between."""
    row, near = solved.rules[index], solved.near[index]
    kind = track_of(row.track)
    if kind.fills:
        return [k for k in range(index) if not solved.rows[k].laid]
    if near is None or not (kind.nests(row) or isinstance(row.start, Offset | InVee)):
        return []
    return [near.other_row]


def boundaries(solved: Solved) -> frozenset[int]:
    """Boundary rows, which are painted first: of dots, and placed by no other row."""
    rows = enumerate(zip(solved.rules, solved.rows, strict=True))
    return frozenset(k for k, (rule, row) in rows if rule.boundary and not row.laid and not rows_below(solved, k))
