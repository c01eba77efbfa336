"""plan(piece) -> Plan: the one door the rest of the program uses.

Stages, each a pure function in its own file: surface and guides, rows in document order, dots as columns,
verdicts, totals.
"""

from dataclasses import dataclass

from .advice.all import all_verdicts
from .advice.verdict import Verdict
from .colour.shades import Palette
from .document.piece import Piece
from .dots import Dots, columns
from .ground.ground import ground
from .near import neighbours
from .rows.sequence import solve_rows
from .solved import Solved
from .totals import Totals, add_up


@dataclass(frozen=True)
class Plan:
    """A piece reckoned through: rows with their solved numbers, dots as columns, findings and sums."""

    solved: Solved
    verdicts: tuple[Verdict, ...]
    totals: Totals

    @property
    def dots(self) -> Dots:
        return self.solved.dots


def solve_piece(piece: Piece) -> Solved:
    """Rows and dots, without verdicts. Raises PlanError past the bound on dots."""
    halves, rows = solve_rows(piece)
    palette = Palette(piece)
    dots, shapes = columns(piece, halves, rows, palette)
    near = neighbours(halves, rows)
    return Solved(piece, ground(piece.blank), halves, rows, dots, shapes, tuple(palette.shades), palette.ramps(), near)


def plan(piece: Piece, verdicts: bool = True) -> Plan:
    """The plan of a piece: the same document gives the same plan, byte for byte."""
    solved = solve_piece(piece)
    return Plan(solved, all_verdicts(solved) if verdicts else (), add_up(solved))
