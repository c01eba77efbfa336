"""A piece with its rows solved: what the verdicts, the sums and the formats look at."""

from dataclasses import dataclass
from functools import cached_property

from .colour.palette import Palette
from .document.names import row_marks, spoken
from .document.piece import Piece
from .dots.table import Array, Dots
from .ground.ground import Ground, ground
from .rows.border import outermost, passed, still_left
from .rows.columns import Columns, Marked, columns
from .rows.context import Context
from .rows.halves import Halves
from .rows.neighbours import Near, neighbours
from .rows.placed import PlacedRow
from .rows.sequence import solve_rows


@dataclass(frozen=True, eq=False)
class Solved:
    """The rows of `piece` on its blank; `near[i]` is row i's nearest neighbour among the rows before it."""

    piece: Piece
    ground: Ground
    halves: Halves
    rows: tuple[PlacedRow, ...]
    columns: Columns
    palette: Palette
    near: tuple[Near | None, ...]

    @property
    def dots(self) -> Dots:
        """Every dot of the piece."""
        return self.columns.dots

    @property
    def first(self) -> tuple[int, ...]:
        """The first dot of each row, with one end added."""
        return self.columns.first

    @property
    def normal(self) -> Array | None:
        """Unit vectors perpendicular to the surface at every dot, shape (n, 3); None on a flat blank."""
        return self.columns.normal

    @property
    def marked(self) -> tuple[Marked, ...]:
        """Swipes and small shapes."""
        return self.columns.marked

    @property
    def context(self) -> Context:
        """The front, with every row on it."""
        return self.halves.front

    @cached_property
    def marks(self) -> list[str]:
        """What each row is called on the sheet."""
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


def solve_piece(piece: Piece) -> Solved:
    """Rows and dots, without verdicts. Raises PlanError past the bound on dots."""
    halves, rows = solve_rows(piece)
    palette = Palette(piece)
    joined = columns(piece, halves, rows, palette)
    return Solved(piece, ground(piece.blank), halves, rows, joined, palette, neighbours(halves, rows))
