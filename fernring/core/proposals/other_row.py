"""A row on another kind of track than a ring: a fan, a row along the edge, dots into the gaps."""

from collections.abc import Callable
from math import pi
from typing import Any

import numpy as np

from ..advice.sizes import KitSize
from ..budget import budgeted
from ..document.names import fresh_id
from ..document.piece import Piece
from ..document.row import Row
from ..errors import FitError
from ..rows.counts import as_count
from ..rows.placed import PlacedRow
from ..rows.solve import solve_on_halves
from ..rows.tracks import TRACKS
from ..solved import Solved, solve_piece
from .begun import on_track
from .harmless import first_harmless
from .next_row import row_of_one, sizes_for_one_more

LARGEST = 0.09  # dots of at most so much of the way from the centre to the edge are tried
MOST_TRIES = 3


def _line(size: KitSize, _: int) -> dict[str, Any]:
    """A line round the centre, in the finest point of the kit."""
    return {"pattern": [_mark(size, "dot-1", form="line")], "start": {"kind": "on lines"}}


def _ticks(size: KitSize, segments: int) -> dict[str, Any]:
    """Tick marks found by halving: long ones on the lines, then ever shorter ones in the middle of what is left.

    Common practice, no source.
    """
    longs = (5.0, 2.0, 3.0, 2.0)  # times the line's width: lines, then quarters, then halves
    marks = [
        _mark(size, f"dot-{k + 1}", form="stroke", length=round(long * size.diameter, 2))
        for k, long in enumerate(longs)
    ]
    return {"pattern": marks, "start": {"kind": "on lines"}, "count": as_count(segments, segments).model_dump()}


def _mark(size: KitSize, ident: str, **more: Any) -> dict[str, Any]:
    return {"id": ident, "diameter": size.diameter, "tool": size.tool, **more}


MARKS: dict[str, Callable[[KitSize, int], dict[str, Any]]] = {"drawn": _line, "ticks": _ticks}


@budgeted
def other_row(piece: Piece, kind: str, area: str | None = None, where: str = "") -> Row:
    """A row on this kind of track (about this area), or of these MARKS, to add at the end: of the kit sizes that find
    room, the one that paints most without a new serious finding. Where all bring one, the one that paints most.

    Raises FitError when there is no such kind, the piece is full or has no tools, or no size finds room.
    """
    if kind not in MARKS and (kind not in TRACKS or TRACKS[kind].from_file or TRACKS[kind].central):
        raise FitError(f"No row begins on the track “{kind}”.", "kind")
    if area is not None:
        _require_area(piece, kind, area)
    sizes = sizes_for_one_more(piece)
    now = solve_piece(piece)
    ident = fresh_id("row", [row.id for row in piece.rows])
    found: list[tuple[float, Row]] = []
    why = ""
    for size, fields in _ways(now, kind, sizes, area, where):
        one = row_of_one(piece, ident, size, as_count(piece.segments, piece.segments))
        row = Row.model_validate({**one.model_dump(), **fields})
        placed = solve_on_halves(row, len(piece.rows), now.halves)
        if placed.noroom:
            why = why or placed.noroom
        else:
            found.append((_painted(placed), row))
    if not found:
        raise FitError(f"No such row fits: {why}.", "rows")
    rows = [row for _, row in sorted(found, key=lambda one: -one[0])]

    def with_it(row: Row) -> Piece:
        return piece.model_copy(update={"rows": (*piece.rows, row)})

    return first_harmless(now, rows, with_it) or rows[0]


def _require_area(piece: Piece, kind: str, area: str) -> None:
    if kind in MARKS or "areas" not in TRACKS[kind].model.model_fields:
        raise FitError(f"A row on the track “{kind}” is about no area.", "area")
    if all(one.id != area for one in piece.bare):
        raise FitError(f"There is no area “{area}” in this piece.", "area")


def _ways(
    now: Solved, kind: str, sizes: list[KitSize], area: str | None, where: str
) -> list[tuple[KitSize, dict[str, Any]]]:
    """Sizes to try, the largest first, each with the fields that make such a row of it."""
    if kind in MARKS:
        return [(sizes[0], MARKS[kind](sizes[0], now.piece.segments))]  # a pen's line is thin
    rim = now.ground.surface.rim
    walk = max((row.walk for row in now.rows if row.n), default=rim / 2)
    fields = on_track(now.piece, TRACKS[kind], round(walk, 2), round(rim, 2), now.ground, area, where)
    fitting = [size for size in sizes if size.diameter <= LARGEST * rim] or sizes[:1]
    many = TRACKS[kind].sizes_begun
    if many > 1:
        chosen = fitting[:: -max(len(fitting) // many, 1)][:many]
        return [(chosen[0], fields | {"pattern": [_mark(size, f"dot-{k}") for k, size in enumerate(chosen, 1)]})]
    return [(size, fields) for size in fitting[: -MOST_TRIES - 1 : -1]]


def _painted(row: PlacedRow) -> float:
    """Roughly how much of the blank the row covers (mm²)."""
    dots = pi * float(np.square(row.own_dots.radius).sum())
    return dots + sum(mark.area for mark in row.grown.marks)
