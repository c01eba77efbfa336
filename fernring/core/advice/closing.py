"""Counts that break the symmetry of the piece."""

from collections.abc import Iterator

from ..document.changes import change
from ..document.count import PerSegment
from ..document.row import Row
from ..rows.counts import allowed, as_count, keeps_symmetry
from ..rows.tracks import track_of
from ..solved import Solved
from .verdict import Remedy, Verdict, each


def closing_verdicts(solved: Solved) -> Iterator[Verdict]:
    """Repeats must be a multiple of the segments or divide them."""
    for index, (row, placed) in enumerate(zip(solved.piece.rows, solved.rows, strict=True)):
        segments, repeats = solved.piece.segments_of(row), placed.one.repeats
        if not track_of(row.track).round or not placed.n or keeps_symmetry(repeats, segments):
            continue
        text = f"{solved.name(index).capitalize()} breaks the symmetry: {_why(row, repeats, segments)}."
        remedies = tuple(_set_count(solved, index, n) for n in _nearest(repeats, segments))
        yield Verdict("breaks symmetry", f"breaks symmetry:{row.id}", "warning", text, (index,), (), each(*remedies))


def _why(row: Row, n: int, segments: int) -> str:
    if isinstance(row.count, PerSegment) and row.fit != "count":
        return (
            f"{row.count.repeats} for every {row.count.segments} segments does not come out even "
            f"with {segments} segments, and was rounded to {n}"
        )
    return f"{n} repeats are neither a multiple of {segments} segments nor a divisor of them"


def _nearest(n: int, segments: int) -> list[int]:
    """The allowed counts just below and just above."""
    counts = allowed(segments, n + segments)
    below, above = [c for c in counts if c < n], [c for c in counts if c > n]
    return [*below[-1:], *above[:1]]


def _set_count(solved: Solved, index: int, n: int) -> Remedy:
    rule = as_count(n, solved.piece.segments_of(solved.piece.rows[index])).model_dump(mode="json")
    return Remedy(f"Set {n} repeats", (change("rows", index, "count", rule), change("rows", index, "fit", None)))
