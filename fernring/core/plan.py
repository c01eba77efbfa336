"""plan(piece) -> Plan: the one door the rest of the program uses.

Stages, each a pure function in its own file: surface and guides, rows in document order, dots as columns,
verdicts, totals.
"""

from dataclasses import dataclass

from .advice.all import all_verdicts
from .advice.verdict import Verdict
from .budget import budgeted, spend
from .document.piece import Piece
from .dots.table import Dots
from .solved import Solved, alike_rows, solve_piece
from .totals import Totals, add_up


@dataclass(frozen=True)
class Plan:
    """A piece calculated: rows with their solved numbers, dots as columns, findings and sums."""

    solved: Solved
    verdicts: tuple[Verdict, ...]
    totals: Totals

    @property
    def dots(self) -> Dots:
        return self.solved.dots


@budgeted
def plan(piece: Piece, verdicts: bool = True, known: Solved | None = None) -> Plan:
    """The plan of a piece: the same document gives the same plan, byte for byte, whatever is `known` of its first
    rows. These are paid for as if they had been calculated anew.
    """
    if known is not None:
        alike = alike_rows(known.piece, piece)
        spend(sum(part.work for part in (*known.rows[:alike], *known.near[:alike]) if part))
    solved = solve_piece(piece, known)
    return Plan(solved, all_verdicts(solved) if verdicts else (), add_up(solved))
