"""The one table of dots: named columns of one length. Nothing in it is ever changed in place."""

from collections.abc import Sequence
from dataclasses import dataclass, fields
from functools import lru_cache
from typing import Any

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
Whole = NDArray[np.int32]
Mask = NDArray[np.bool_]


@dataclass(frozen=True, kw_only=True, eq=False)
class Dots:
    """Where dots lie and what they are. Lengths in mm; `out_rad` is the direction outward at each (rad).

    `dot` numbers the lines of the table that a dot was first part of: of its row, then of the plan. `row` counts the
    piece's rows. `place` is where along its track a dot stands: all dots of a group and all that a dot carries share
    its place, and places left empty keep their numbers. `member` says which of the pattern it is.

    `tool` is the place of its tool among the piece's tools, -1 for none. `trim` is the number of the trim that grew it
    as the trims stand on the sheet, -1 for the row's own dots. `layer` counts the walks around a petal from 1, `side`
    is 1 right and 2 left of its axis (0: neither). `level` counts dots stacked on dots from 1; 0 is a place whose mark
    is no dot. `slot` says whose turn it is among the shades. `host` is the row's own dot that it belongs to, `below`
    the dot it sits on or beside (itself for own dots). `mark` is the number of the mark that a disc helps to fill, -1
    for dots. `shade` counts the plan's shades; `hand` is the rank in which the dot is painted within its row.
    """

    x: Array
    y: Array
    z: Array
    radius: Array
    walk: Array
    out_rad: Array
    dot: Whole
    row: Whole
    place: Whole
    member: Whole
    tool: Whole
    trim: Whole
    layer: Whole
    side: Whole
    level: Whole
    slot: Whole
    host: Whole
    below: Whole
    mark: Whole
    shade: Whole
    hand: Whole

    def __len__(self) -> int:
        return len(self.x)

    @property
    def painted(self) -> Mask:
        """Dots that are dots; places of other marks are not."""
        return self.level > 0

    def take(self, chosen: NDArray[Any] | slice) -> "Dots":
        """These lines, by their numbers, by a mask or as a stretch."""
        return Dots(**{name: getattr(self, name)[chosen] for name in COLUMNS})

    def replaced(self, **columns: NDArray[Any] | float) -> "Dots":
        """The same lines with some columns put anew; a single number stands for all of them."""
        return Dots(**{name: getattr(self, name) for name in COLUMNS} | _columns(len(self), columns))


COLUMNS = tuple(field.name for field in fields(Dots))
REAL = frozenset(("x", "y", "z", "radius", "walk", "out_rad"))
MISSING = {"trim": -1, "mark": -1, "tool": -1, "level": 1}


def table(n: int, **columns: NDArray[Any] | float) -> Dots:
    """A table of n lines; columns left out hold zero, -1 where that means none, and level 1."""
    given = {name: constant(n, MISSING.get(name, 0), name in REAL) for name in COLUMNS if name not in columns}
    return Dots(**given, **_columns(n, columns))


def concat(parts: Sequence[Dots], only: Sequence[str] = ()) -> Dots:
    """The lines of several tables, one after the other; with `only` some columns, the others as in `table`."""
    if len(parts) < 2:
        return parts[0] if parts else NONE
    joined = {name: np.concatenate([getattr(part, name) for part in parts]) for name in only or COLUMNS}
    return table(sum(len(part) for part in parts), **joined) if only else Dots(**joined)


@lru_cache(maxsize=256)
def constant(n: int, value: float, real: bool) -> NDArray[Any]:
    """A column of one value: shared, and not to be written to."""
    column = np.full(n, value, np.float64 if real else np.int32)
    column.flags.writeable = False
    return column


def _columns(n: int, given: dict[str, NDArray[Any] | float]) -> dict[str, NDArray[Any]]:
    """Columns of the table's own types."""
    found = {}
    for name, column in given.items():
        if not isinstance(column, np.ndarray):
            found[name] = constant(n, column, name in REAL)
        else:
            found[name] = column if name in REAL else column.astype(np.int32, copy=False)
    return found


NONE = table(0)
