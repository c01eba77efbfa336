"""How rows are called: the centre is C, the others are numbered outward from 1 as they stand on the sheet. Rows of
a motif are numbered from its own centre, after a letter for the motif: aC, a1, a2 ..."""

from collections import Counter
from collections.abc import Collection, Sequence
from string import ascii_lowercase

from ..rows.tracks import track_of
from .row import Row


def row_marks(rows: Sequence[Row]) -> list[str]:
    """ "C", "1", "2" ... "aC", "a1" ... for each row."""
    marks = []
    numbers: Counter[str] = Counter()
    letters: dict[str | None, str] = {None: ""}
    for row in rows:
        if row.motif not in letters:
            letters[row.motif] = ascii_lowercase[len(letters) - 1]
        letter = letters[row.motif]
        central = track_of(row.track).central
        numbers[letter] += not central
        marks.append(letter + ("C" if central else str(numbers[letter])))
    return marks


def spoken(mark: str) -> str:
    """The mark within a sentence."""
    if not mark.endswith("C"):
        return f"row {mark}"
    return f"the centre of motif {mark[0]}" if len(mark) > 1 else "the centre"


def fresh_id(stem: str, taken: Collection[str]) -> str:
    """The first of stem-1, stem-2 ... that is not taken."""
    return next(ident for n in range(1, len(taken) + 2) if (ident := f"{stem}-{n}") not in taken)
