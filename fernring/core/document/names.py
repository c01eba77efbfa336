"""How rows are called: the centre is C, the others are numbered outward from 1 as they stand on the sheet."""

from collections.abc import Collection, Sequence

from ..rows.tracks import track_of
from .row import Row


def row_marks(rows: Sequence[Row]) -> list[str]:
    """ "C", "1", "2" ... for each row."""
    marks, number = [], 0
    for row in rows:
        central = track_of(row.track).central
        number += not central
        marks.append("C" if central else str(number))
    return marks


def spoken(mark: str) -> str:
    """The mark within a sentence."""
    return "the centre" if mark == "C" else f"row {mark}"


def fresh_id(stem: str, taken: Collection[str]) -> str:
    """The first of stem-1, stem-2 ... that is not taken."""
    return next(ident for n in range(1, len(taken) + 2) if (ident := f"{stem}-{n}") not in taken)
