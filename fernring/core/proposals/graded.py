"""A ramp laid over the rows: from the centre to the edge or back, a step for each row or by how far out it lies."""

from typing import Literal

import numpy as np

from ..document.changes import change, changed
from ..document.piece import Piece
from ..document.shelf import Ramp, RampShade
from ..errors import FitError
from ..solved import Solved, solve_piece

By = Literal["rows", "distance"]
MOST_STEPS = 12


def graded(of: Piece, ident: str, by: By = "rows", back: bool = False, known: Solved | None = None) -> Piece:
    """The piece with a step of the ramp on every row that one of its steps is on now, or on all rows where none is.

    By rows the ramp gets as many steps as there are rows, by distance it keeps its own. Rows that were begun stay as
    they are. Raises FitError without such a ramp, or with fewer than two rows to lay it over.
    """
    ramp = next((one for one in of.ramps if one.id == ident), None)
    if ramp is None:
        raise FitError("The piece has no such ramp.", "ramp")
    rows = _rows(of, ramp, solve_piece(of, known))
    if len(rows) < 2:
        raise FitError(f"A ramp is laid over two rows at least (there are {len(rows)}).", "rows")
    steps = min(max(len(rows), 2), MOST_STEPS) if by == "rows" else ramp.steps
    share = np.linspace(0, 1, len(rows)) if by == "rows" else _shares([walk for _, walk in rows])
    numbers = 1 + np.rint((1 - share if back else share) * (steps - 1)).astype(int)
    shades = [
        change("rows", row, "shades", [{"kind": "ramp", "ramp": ident, "step": int(number)}])
        for (row, _), number in zip(rows, numbers, strict=True)
    ]
    return changed(of, (*shades, change("ramps", of.ramps.index(ramp), "steps", steps)))


def followed(before: Piece, after: Piece, known: Solved | None = None) -> Piece:
    """The piece after rows were added, where a ramp was laid over its rows before: a new row that follows one of the
    ramp joins it, and the steps are spread anew, outward or inward as they ran."""
    old = {row.id for row in before.rows}
    solved = solve_piece(before, known) if before.ramps else None
    for ramp in before.ramps:
        back = next((back for back in (False, True) if _laid(before, ramp, back, solved)), None)
        new = [
            k
            for k, row in enumerate(after.rows)
            if k and row.id not in old and any(_of(shade, ramp) for shade in after.rows[k - 1].shades)
        ]
        if back is not None and new:
            shade = [{"kind": "ramp", "ramp": ramp.id, "step": 1}]
            joined = changed(after, (change("rows", k, "shades", shade) for k in new))
            return graded(joined, ramp.id, "rows", back, solved)
    return after


def _laid(of: Piece, ramp: Ramp, back: bool, solved: Solved | None) -> bool:
    """Whether its steps lie as they would be laid."""
    rows = [row for row in of.rows if any(_of(shade, ramp) for shade in row.shades)]
    if len(rows) < 2 or any(row.painted or len(row.shades) > 1 for row in rows):
        return False
    return graded(of, ramp.id, "rows", back, solved) == of


def _rows(of: Piece, ramp: Ramp, solved: Solved) -> list[tuple[int, float]]:
    """Places of the rows and their mean walk, from the centre outward."""
    on = [k for k, row in enumerate(of.rows) if any(_of(shade, ramp) for shade in row.shades)]
    if any(_of(shade, ramp) for k in on if of.rows[k].painted for shade in of.rows[k].shades):
        raise FitError("A row in this ramp is on the piece already; lay another ramp over the rest.", "ramp")
    free = [k for k in on or range(len(of.rows)) if of.rows[k].painted is None and solved.rows[k].n]
    dots = solved.dots
    walks = [(k, float(dots.walk[dots.row == k].mean())) for k in free]
    return sorted(walks, key=lambda one: one[1])


def _of(shade: object, ramp: Ramp) -> bool:
    return isinstance(shade, RampShade) and shade.ramp == ramp.id


def _shares(walks: list[float]) -> np.ndarray:
    at = np.array(walks)
    return np.asarray((at - at[0]) / max(float(at[-1] - at[0]), 1e-9))
