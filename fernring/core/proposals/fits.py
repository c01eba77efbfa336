"""What fits here? Real alternatives for one row, from the kit's own dot sizes."""

from collections.abc import Iterator
from dataclasses import dataclass, replace
from itertools import islice, product
from math import inf, log

from ..advice.all import serious
from ..advice.sizes import KitSize, given_size, kit_sizes
from ..budget import budgeted
from ..document.changes import Change, change
from ..document.distance import Nested
from ..document.piece import Piece
from ..document.row import Row
from ..rows.border import left_over
from ..rows.counts import allowed, as_count
from ..rows.halves import Halves
from ..rows.placed import PlacedRow
from ..rows.ring_fit import MOST_DIAMETER
from ..rows.sequence import solve_rest
from ..rows.solve import solve_on_halves
from ..rows.tracks import track_of
from ..rows.trims import trim_kind
from ..solved import Solved, solve_piece
from .asked import require_row, require_sizes
from .painted import require_unpainted

SHORT_TABLE = 12
MOST_GROWN = 40
MOST_COUNTS = 12
LOOSEST = 2.2


@dataclass(frozen=True)
class Alternative:
    """A count and size that fit the row. Lengths in mm.

    `clear` is the gap that results between neighbours (None for one dot), `left` what would remain between
    the outermost painted edge and the border, `lost` how many rows further out would find no room. One that `meets`
    lets the petals of the row meet, as their host, layers and dots are then found from the kit.
    """

    repeats: int
    member: int
    diameter: float
    tool: str
    tool_name: str
    walk: float
    clear: float | None
    left: float
    lost: int
    current: bool
    changes: tuple[Change, ...]
    meets: bool = False


@budgeted
def what_fits(piece: Piece, index: int) -> list[Alternative]:
    """A short table: the counts that keep the symmetry, with the kit sizes that keep the row's gap there.

    Sorted by count, then size. Raises FitError when there is no such row or the piece has no tools.
    """
    require_row(piece, index)
    require_unpainted(piece, index)
    sizes = require_sizes(piece, "choose a size from")
    before = _before(piece, index)
    fitting = islice(_fitting(piece, before, sizes), SHORT_TABLE)
    chosen = [_alternative(piece, before, *found) for found in fitting]
    rest = sorted(chosen, key=lambda alternative: (alternative.repeats, alternative.member, alternative.diameter))
    return [*_meeting(piece, before), *rest]


@dataclass(frozen=True)
class _Before:
    """The rows before, the row as it stands, and what is seriously wrong with them as they are."""

    solved: Solved
    now: PlacedRow
    wrong: frozenset[str]

    @property
    def halves(self) -> Halves:
        return self.solved.halves

    @property
    def rows(self) -> tuple[PlacedRow, ...]:
        return self.solved.rows


def _before(piece: Piece, index: int) -> _Before:
    solved = solve_piece(piece.model_copy(update={"rows": piece.rows[:index]}))
    with_row = _with_row(solved, piece.rows[index])
    return _Before(solved, with_row.rows[index].one, _wrong(with_row))


def _with_row(before: Solved, row: Row) -> Solved:
    return solve_piece(before.piece.model_copy(update={"rows": (*before.piece.rows, row)}), before)


def _wrong(solved: Solved) -> frozenset[str]:
    """Keys of the serious findings."""
    return frozenset(verdict.key for verdict in serious(solved))


Found = tuple[Row, PlacedRow, int, KitSize]


def _fitting(piece: Piece, before: _Before, sizes: list[KitSize]) -> Iterator[Found]:
    """Trials of the row that fit, from the one most like it on: placed one by one, as they are asked for. None brings
    a serious finding that is not there already.
    """
    for trial, member, size in islice(_spaced(piece, before, sizes), MOST_GROWN):
        found = _with_row(before.solved, trial)
        if left_over(before.halves, found.rows[-1:]) >= -1e-6 and _wrong(found) <= before.wrong:
            yield trial, found.rows[-1], member, size


def _spaced(piece: Piece, before: _Before, sizes: list[KitSize]) -> Iterator[tuple[Row, int, KitSize]]:
    """Trials whose own dots, before any trim, stand well apart from each other."""
    index, row = len(before.rows), piece.rows[len(before.rows)]
    members = range(min(len(row.pattern), track_of(row.track).members))
    tries = list(product(_counts(row, piece.segments_of(row), before.now), members, sizes))
    for n, member, size in sorted(tries, key=lambda tried: _distance(row, before.now, *tried)):
        trial = _trial(row, n, member, size, piece.segments_of(row))
        placed = solve_on_halves(trial.model_copy(update={"trims": ()}), index, before.halves)
        if _well_apart(placed, row.gap, before.now):
            yield trial, member, size


def _counts(row: Row, segments: int, now: PlacedRow) -> list[int]:
    """The counts nearest to the present one that keep the symmetry."""
    counted = track_of(row.track).repeats
    if counted == "none":
        return [1]
    if counted == "line":
        dots = max(now.n // max(now.repeats, 1), 1)
        return [n for n in range(dots - 6, dots + 7) if n > 1]
    present = max(now.repeats, 1)
    counts = [n for n in allowed(segments, 4 * max(present, segments)) if n * len(row.pattern) > 1]
    return sorted(sorted(counts, key=lambda n: abs(log(n / present)))[:MOST_COUNTS])


def _trial(row: Row, n: int, member: int, size: KitSize, segments: int) -> Row:
    given = row.pattern[member].model_copy(update={"diameter": size.diameter, "tool": size.tool})
    pattern = (*row.pattern[:member], given, *row.pattern[member + 1 :])
    counted = track_of(row.track).repeats
    if counted == "none":
        return row.model_copy(update={"pattern": pattern, "fit": None if row.fit == "size" else row.fit})
    fit = row.fit if row.fit == "distance" else None
    segments = 1 if counted == "line" else segments
    return row.model_copy(update={"pattern": pattern, "count": as_count(n, segments), "fit": fit})


def _well_apart(placed: PlacedRow, gap: float, now: PlacedRow) -> bool:
    """The gap kept, and neighbours no further apart than now, or at least not so far that the row falls to pieces."""
    if placed.noroom or placed.clear < gap - 1e-6:
        return False
    widest = max(placed.diameters)
    loosest = max(LOOSEST * widest + gap, now.clear if now.clear < inf else 0.0)
    return widest <= MOST_DIAMETER and (placed.clear == inf or placed.clear <= loosest)


def _distance(row: Row, now: PlacedRow, n: int, member: int, size: KitSize) -> float:
    """How far an alternative is from the row as it stands; a wide gap counts against it."""
    asked = now.diameters[member] if now.diameters else row.pattern[member].diameter
    return abs(log(n / max(now.repeats, 1))) + abs(log(size.diameter / asked))


def _without_last_gaps(piece: Piece, index: int) -> Piece:
    """Rows that only fill the gaps left at the end decide neither what is left to the border nor what finds room."""
    last = len(piece.rows)
    while last > index + 1 and track_of(piece.rows[last - 1].track).fills:
        last -= 1
    return piece.model_copy(update={"rows": piece.rows[:last]})


def _alternative(
    piece: Piece, before: _Before, trial: Row, placed: PlacedRow, member: int, size: KitSize
) -> Alternative:
    index, now = len(before.rows), before.now
    row = piece.rows[index]
    changes = [*given_size(index, member, size)]
    if track_of(row.track).repeats != "none":
        changes.append(change("rows", index, "count", trial.count.model_dump(mode="json")))
    if row.fit != trial.fit:
        changes.append(change("rows", index, "fit", trial.fit))
    same = placed.one.repeats == now.repeats and placed.diameters == now.diameters
    return _told(piece, before, placed, member, size, same, tuple(changes))


def _meeting(piece: Piece, before: _Before) -> list[Alternative]:
    """Petals that meet, where the row has petals and the kit can make such."""
    index = len(before.rows)
    row = piece.rows[index]
    if row.fit == "meet" or not any(trim_kind(trim).walks for trim in row.trims):
        return []
    found = _with_row(before.solved, row.model_copy(update={"fit": "meet", "distance": Nested()}))
    placed = found.rows[index]
    if placed.noroom or left_over(before.halves, (placed,)) < -1e-6 or not _wrong(found) <= before.wrong:
        return []
    host = found.rules[index].pattern[0]
    size = next(size for size in kit_sizes(piece.tools) if size.diameter == host.diameter)
    changes = (change("rows", index, "fit", "meet"), change("rows", index, "distance", {"kind": "nested"}))
    return [replace(_told(piece, before, placed, 0, size, False, changes), meets=True)]


def _told(
    piece: Piece, before: _Before, placed: PlacedRow, member: int, size: KitSize, current: bool,
    changes: tuple[Change, ...],
) -> Alternative:  # fmt: skip
    """The alternative in its figures, with what becomes of the rows further out."""
    index = len(before.rows)
    after, solved = solve_rest(_without_last_gaps(piece, index), before.halves.with_row(placed), (*before.rows, placed))
    return Alternative(
        repeats=placed.one.repeats,
        member=member,
        diameter=size.diameter,
        tool=size.tool,
        tool_name=size.name,
        walk=placed.walk,
        clear=None if placed.clear == inf else placed.clear,
        left=left_over(after, solved),
        lost=sum(1 for later in solved[index + 1 :] if later.noroom),
        current=current,
        changes=changes,
    )
