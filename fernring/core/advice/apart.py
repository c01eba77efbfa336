"""Ways to bring neighbouring dots further apart."""

from ..document.changes import change
from ..document.piece import Piece
from ..document.row import Row, states_gap
from ..rows.counts import allowed, as_count
from ..rows.placed import PlacedRow
from ..rows.ring_spacing import row_spacing
from ..rows.tracks import track_of
from ..solved import Solved
from .sizes import smaller
from .verdict import Remedy, Ways, each

MOST_COUNTS = 3


def own_ways(solved: Solved, index: int, gap: float, short: float) -> Ways:
    """Fewer dots that keep this gap, smaller dots by what is short, or further out (mm)."""
    row, placed, piece = solved.rules[index], solved.rows[index].one, solved.piece
    context = solved.halves.of(placed.half) or solved.context
    spacing, first = row_spacing(context.surface, row), _first(placed, row)
    fewer = [
        n
        for n in allowed(piece.segments_of(row), placed.repeats - 1)
        if spacing.clear(placed.walk, placed.diameters, n, first) >= gap
    ]
    repeats = tuple(_set_count(piece, index, n) for n in reversed(fewer[-MOST_COUNTS:]))
    further = Remedy("Move it out until it closes", (change("rows", index, "fit", "distance"),))
    return (
        repeats,
        *(each(further) if row.fit is None else ()),
        smaller(row, index, piece.tools, placed.diameters[0] - short),
    )


def _first(placed: PlacedRow, row: Row) -> float:
    """Angle of the line that the first place or pair stands on (rad)."""
    return float(placed.own_dots.out_rad[: row.copies].mean()) if row.copies > 1 else placed.first_rad


def _set_count(piece: Piece, index: int, n: int) -> Remedy:
    rule = as_count(n, piece.segments_of(piece.rows[index])).model_dump(mode="json")
    return Remedy(f"Set {n} repeats", (change("rows", index, "count", rule),))


def pair_ways(solved: Solved, a: int, b: int, short: float = 1e-6) -> Ways:
    """Nest the later row `b`, or make one of both smaller by what is short (mm)."""
    piece = solved.piece
    row = piece.rows[b]
    remedies = []
    if track_of(row.track).round and not states_gap(row):
        nest = [change("rows", b, "distance", {"kind": "nested"})]
        if row.fit == "distance":
            nest.append(change("rows", b, "fit", None))
        remedies.append(Remedy(f"Nest {solved.name(b)}", tuple(nest)))
    sizes = (
        smaller(piece.rows[k], k, piece.tools, solved.rows[k].diameters[0] - short, f" on {solved.name(k)}")
        for k in (b, a)
    )
    return (*each(*remedies), *sizes)
