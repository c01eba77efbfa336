"""A piece solved out: what the verdicts and the totals look at."""

from dataclasses import dataclass
from functools import cached_property

from .colour.shades import Colouring
from .document.names import row_marks, spoken
from .document.piece import Piece
from .dots import Dots, Marked
from .ground.ground import Ground
from .near import Near
from .rows.context import Context
from .rows.placed import PlacedRow
from .rows.sequence import Halves, outermost, passed, still_left


@dataclass(frozen=True)
class Solved:
    """The rows of `piece` on its blank; `near[i]` is row i's nearest neighbour among the rows before it."""

    piece: Piece
    ground: Ground
    halves: Halves
    rows: tuple[PlacedRow, ...]
    dots: Dots
    shapes: tuple[Marked, ...]
    shades: tuple[Colouring, ...]
    ramps: dict[str, list[str]]
    near: tuple[Near | None, ...]

    @property
    def context(self) -> Context:
        """The front, with every row on it."""
        return self.halves.front

    @cached_property
    def marks(self) -> list[str]:
        return row_marks(self.piece.rows)

    def name(self, index: int) -> str:
        """The row as it is called in a sentence."""
        return spoken(self.marks[index])

    @cached_property
    def passed(self) -> list[float]:
        """How far each row passes the border at its furthest (mm; negative inside)."""
        return [passed(self.halves, row) for row in self.rows]

    @cached_property
    def left(self) -> float:
        """What is left to the border (mm; negative when over)."""
        return still_left(self.halves, self.passed)

    @cached_property
    def edge(self) -> float:
        """Walk distance of the outermost painted edge (mm)."""
        return outermost(self.rows)
