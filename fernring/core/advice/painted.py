"""What is on the piece and would be planned otherwise today: it is kept as painted, and said."""

from collections.abc import Iterator

import numpy as np

from ..rows.painted import RULES
from ..rows.sequence import halves_before
from ..rows.solve import solve_on_halves
from ..solved import Solved
from ..words.lengths import mm
from .verdict import Verdict

SEEN = 0.01  # mm; nobody sees less


def painted_verdicts(solved: Solved) -> Iterator[Verdict]:
    """Rows painted from a plan of an earlier way of planning, where the way of today would set them elsewhere."""
    for index, row in enumerate(solved.piece.rows):
        if row.painted is None or row.painted.rules == RULES or row.painted.measured:
            continue
        off = _off(solved, index)
        if off > SEEN:
            far = f"up to {mm(off)} elsewhere" if off < np.inf else "with other dots"
            text = f"{solved.name(index).capitalize()} is kept as it was painted; Fern Ring would now plan it {far}."
            yield Verdict("planned otherwise", f"planned otherwise:{row.id}", "note", text, (index,))


def _off(solved: Solved, index: int) -> float:
    """How far a row's own dots lie from where its rule would set them now (mm); infinite for other dots."""
    bare = solved.piece.rows[index].model_copy(update={"painted": None})
    new = solve_on_halves(bare, index, halves_before(solved.piece, solved.unmasked, index)).own_dots
    now = solved.rows[index].own_dots
    if len(new) != len(now):
        return np.inf
    return float(np.sqrt((new.x - now.x) ** 2 + (new.y - now.y) ** 2 + (new.z - now.z) ** 2).max(initial=0.0))
