"""A piece with its rows solved: what the verdicts, the sums and the formats look at."""

from dataclasses import dataclass
from functools import cached_property
from itertools import takewhile

import numpy as np

from .budget import budgeted
from .colour.palette import Palette
from .document.names import row_marks, spoken
from .document.piece import Piece
from .document.row import Row
from .dots.table import Array, Dots, Mask, Whole
from .ground.ground import Ground, ground
from .regions.zones import Zone, zones
from .rows.border import outermost, passed, still_left
from .rows.columns import Columns, Marked, columns
from .rows.context import Context
from .rows.halves import Halves
from .rows.masked import masked, masks_of
from .rows.neighbours import Near, neighbours
from .rows.placed import PlacedRow
from .rows.sequence import halves_before, solve_rest

AROUND_ROWS = ("blank", "segments", "turn", "guides", "tools", "bare", "motifs")  # what a row sees beside other rows


@dataclass(frozen=True, eq=False)
class Solved:
    """The rows of `piece` on its blank; `near[i]` is row i's nearest neighbour among the rows before it. `unmasked` are
    the rows as they were solved, before masks sorted their dots.
    """

    piece: Piece
    ground: Ground
    halves: Halves
    rows: tuple[PlacedRow, ...]
    columns: Columns
    palette: Palette
    near: tuple[Near | None, ...]
    unmasked: tuple[PlacedRow, ...]

    @cached_property
    def rules(self) -> tuple[Row, ...]:
        """Every row's rule as it was solved: what was fitted whole stands in it."""
        return tuple(placed.rule or row for row, placed in zip(self.piece.rows, self.rows, strict=True))

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

    @cached_property
    def back(self) -> Whole:
        """0 for every dot on the front, 1 for those on the back of a ball or egg."""
        parts = [part for row in self.rows for part in row.both]
        behind = np.array([part.half == "back" for part in parts], np.int32)
        return np.repeat(behind, [part.count for part in parts])

    @cached_property
    def domed(self) -> Mask:
        """Dots that are painted and were not pulled to a tail: each stands as a dome of its own."""
        found = self.dots.painted.copy()
        found[[one.dot for one in self.marked if one.pulled]] = False
        return found

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
    def zones(self) -> tuple[Zone, ...]:
        """Areas with a base colour of their own."""
        return zones(self.piece, self.ground.sites[0])

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


@budgeted
def solve_piece(piece: Piece, known: Solved | None = None) -> Solved:
    """Rows and dots, without verdicts. Raises PlanError past the bound on dots.

    What is `known` of a piece that begins with the same rows is taken from there.
    """
    alike = alike_rows(known.piece, piece) if known else 0
    before = known.unmasked[:alike] if known else ()
    near = known.near[:alike] if known else ()
    return assembled(piece, *solve_rest(piece, halves_before(piece, before, alike), before), near)


def assembled(piece: Piece, halves: Halves, rows: tuple[PlacedRow, ...], near: tuple[Near | None, ...] = ()) -> Solved:
    """The piece with rows that are solved already, and the nearest neighbours that are known of the first."""
    palette = Palette(piece)
    blank = ground(piece.blank)
    shown = masked(rows, masks_of(piece.bare, blank.sites[0]))
    joined = columns(piece, halves, shown, palette)
    return Solved(piece, blank, halves, shown, joined, palette, neighbours(halves, shown, near), tuple(rows))


def alike_rows(one: Piece, other: Piece) -> int:
    """How many first rows two pieces have in common that are placed alike in both."""
    if any(getattr(one, name) != getattr(other, name) for name in AROUND_ROWS):
        return 0
    pairs = zip(one.rows, other.rows, strict=False)
    return sum(1 for _ in takewhile(lambda pair: pair[0] == pair[1], pairs))
