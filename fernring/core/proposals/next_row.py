"""The next row: one more nested row that sits in the dips and fits inside the border."""

from collections.abc import Iterator, Sequence
from functools import partial

from ..advice.sizes import KitSize
from ..budget import attempt, budgeted
from ..document.count import Count
from ..document.distance import Nested
from ..document.member import Member
from ..document.names import fresh_id, row_marks, spoken
from ..document.piece import MAX_ROWS, Piece
from ..document.relief import Ball, Egg
from ..document.row import Row
from ..document.start import Offset, OnLines
from ..errors import FitError
from ..rows.counts import allowed, as_count
from ..rows.sequence import solve_rows
from ..rows.solve import solve_on_halves
from ..rows.tracks.centre import CentreTrack
from ..words.lengths import mm
from .asked import require_sizes

CENTRE_SHARE = 0.12
NARROWER = (0.5, 1.0, 1.5, 2.0, 3.0, 4.0, 5.0, 7.5, 10.0)  # borders that are tried (mm)


@budgeted
def next_row(piece: Piece) -> Row:
    """A row to add at the end: as many dots as the last ring, in the largest kit size that finds room.

    Sizes up to 1.15 times the last row's are tried first, so that rows grow gently. Raises FitError when the
    piece is full or has no tools.
    """
    sizes = sizes_for_one_more(piece)
    found = next(rows_with_room(piece, sizes), None)
    if found is None:
        raise FitError(
            f"No further row fits: even dots of {mm(sizes[0].diameter)} would pass the border. {_room(piece, sizes)}",
            "rows",
        )
    return found


def sizes_for_one_more(piece: Piece) -> list[KitSize]:
    """The sizes of the kit. Raises FitError when the piece is full or has no tools."""
    sizes = require_sizes(piece, "make a row with")
    if len(piece.rows) >= MAX_ROWS:
        raise FitError(f"A piece holds at most {MAX_ROWS} rows.", "rows")
    return sizes


def rows_with_room(piece: Piece, sizes: Sequence[KitSize]) -> Iterator[Row]:
    """Rows that would find room at the end, the one with the largest dots first."""
    halves, placed = solve_rows(piece)
    context = halves.front
    ident = fresh_id("row", [row.id for row in piece.rows])
    if not piece.rows:
        fitting = [s for s in sizes if s.diameter <= max(2 * CENTRE_SHARE * context.limit, sizes[0].diameter)]
        yield row_of_one(piece, ident, fitting[-1], as_count(1, piece.segments), centre=True)
        return
    last = next((row.one for row in reversed(placed) if row.n and not row.drawn), None)
    wanted = 1.15 * max(last.diameters) if last and last.walk > 0 else 0.35 * max(placed[0].diameters)
    segments = piece.segments_of(piece.rows[-1])
    counts = [n for n in allowed(segments, segments) if n > 2] or [segments]
    before = last.repeats if last and last.walk > 0 else counts[-1]
    smaller = [s for s in reversed(sizes) if s.diameter <= max(wanted, sizes[0].diameter) + 1e-9]
    for size in smaller:
        row = row_of_one(piece, ident, size, as_count(before, segments))
        row = row.model_copy(update={"motif": piece.rows[-1].motif})
        if not solve_on_halves(row, len(piece.rows), halves).noroom:
            yield row


def _fits(piece: Piece, sizes: Sequence[KitSize]) -> bool:
    return any(True for _ in rows_with_room(piece, sizes))


def _room(piece: Piece, sizes: Sequence[KitSize]) -> str:
    """What would make room, each tried: a narrower border, or a smaller last row."""
    ways = []
    for less in NARROWER:
        blank = piece.blank.model_copy(update={"border": piece.blank.border - less})
        if blank.border >= 0 and attempt(partial(_fits, piece.model_copy(update={"blank": blank}), sizes)):
            ways.append(f"a border narrower by {mm(less)}")
            break
    last = piece.rows[-1]
    for size in reversed(sizes):
        if len(last.pattern) > 1 or last.trims or size.diameter >= last.pattern[0].diameter:
            continue
        member = last.pattern[0].model_copy(update={"diameter": size.diameter, "tool": size.tool})
        rows = (*piece.rows[:-1], last.model_copy(update={"pattern": (member,)}))
        if attempt(partial(_fits, piece.model_copy(update={"rows": rows}), sizes)):
            ways.append(f"dots of {mm(size.diameter)} in {spoken(row_marks(piece.rows)[-1])}")
            break
    return f"Room would make {' or '.join(ways)}." if ways else "Take a row out, or take a larger blank."


def _half(piece: Piece) -> str:
    """Where the last row is; a ball or egg begins on both halves."""
    if piece.rows:
        return piece.rows[-1].half
    return "both" if isinstance(piece.blank.relief, Ball | Egg) else "front"


def row_of_one(piece: Piece, ident: str, size: KitSize, count: Count, centre: bool = False) -> Row:
    """A nested row of one kit size round the piece's own centre, or that centre, painted in the shade of two rows
    before, so that colours come back."""
    member = Member(id="dot-1", diameter=size.diameter, tool=size.tool)
    shades = piece.rows[-2].shades if len(piece.rows) > 1 else ({"kind": "paint", "paint": piece.paints[0].id},)
    row = Row.model_validate(
        {
            "id": ident,
            "pattern": (member,),
            "count": count,
            "gap": piece.safe_gap,
            "half": _half(piece),
            "shades": shades,
        }
    )
    if centre:
        return row.model_copy(update={"track": CentreTrack(), "start": OnLines()})
    return row.model_copy(update={"distance": Nested(), "start": Offset()})
