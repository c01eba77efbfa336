"""A piece laid out: what the verdicts and the totals look at."""

from dataclasses import dataclass
from functools import cached_property

from .colour.shades import Colouring
from .document.names import row_marks, spoken
from .document.piece import Piece
from .dots import Dots
from .rows.context import Context
from .rows.layout import nearest, outermost
from .rows.nest import symmetry
from .rows.placed import PlacedRow


@dataclass(frozen=True)
class Near:
    """The closest dot of the rows before: its clear distance (mm) and the two dots' rows and places."""

    clear: float
    place: int
    other_row: int
    other_place: int


@dataclass(frozen=True)
class Laid:
    """The rows of `piece` on its blank; `near[i]` is row i's nearest neighbour among the rows before it."""

    piece: Piece
    context: Context
    rows: tuple[PlacedRow, ...]
    dots: Dots
    shades: tuple[Colouring, ...]
    ramps: dict[str, list[str]]
    near: tuple[Near | None, ...]

    @cached_property
    def marks(self) -> list[str]:
        return row_marks(self.piece.rows)

    def name(self, index: int) -> str:
        """The row as it is called in a sentence."""
        return spoken(self.marks[index])

    @cached_property
    def edge(self) -> float:
        """Walk distance of the outermost painted edge (mm)."""
        return outermost(self.rows)


def neighbours(context: Context, rows: tuple[PlacedRow, ...]) -> tuple[Near | None, ...]:
    """For each row the nearest dot of the rows before it; one sector suffices, since the rest repeats it."""
    found: list[Near | None] = []
    seen: tuple[PlacedRow, ...] = ()
    for row in rows:
        hit = None
        if len(row.x) and seen:
            sector = max(1, len(row.x) // symmetry(seen, row.repeats))
            hit = nearest(row, seen, sector)
        found.append(Near(hit[0], hit[1], hit[2].index, hit[3]) if hit else None)
        seen = (*seen, row) if len(row.x) else seen
    return tuple(found)
