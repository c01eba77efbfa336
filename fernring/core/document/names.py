"""How rows are called: the centre is C, the others are numbered outward from 1 as they stand on the sheet."""

from collections.abc import Sequence

from .row import Row
from .track import CentreTrack


def row_marks(rows: Sequence[Row]) -> list[str]:
    """ "C", "1", "2" ... for each row."""
    marks, number = [], 0
    for row in rows:
        centre = isinstance(row.track, CentreTrack)
        number += not centre
        marks.append("C" if centre else str(number))
    return marks


def spoken(mark: str) -> str:
    """The mark within a sentence."""
    return "the centre" if mark == "C" else f"row {mark}"


def fresh_id(stem: str, taken: Sequence[str]) -> str:
    """The first of stem-1, stem-2 ... that is not taken."""
    return next(ident for n in range(1, len(taken) + 2) if (ident := f"{stem}-{n}") not in taken)
