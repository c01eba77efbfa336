"""What was begun, and what was found on the piece, as changes to its document."""

from collections.abc import Collection, Iterable, Iterator, Sequence
from math import radians

from ..budget import budgeted
from ..document.changes import Change, change
from ..document.painted import Found
from ..document.piece import Piece
from ..dots.table import Whole
from ..errors import FitError
from ..rows.columns import own_tools
from ..rows.measured import measured
from ..rows.motifs.places import places_of
from ..rows.painted import kept, parts_of_row
from ..solved import Solved, solve_piece
from .asked import require_row


@budgeted
def begun(piece: Piece, rows: dict[str, Collection[str]]) -> list[Change]:
    """These rows (ids) are begun, and of each these trims: they stay as the plan has them now. Rows that the piece does
    not have, and those that are painted as far already, change nothing.
    """
    solved = solve_piece(piece)
    return [one for index in range(len(piece.rows)) for one in _begun(solved, index, rows)]


def _begun(solved: Solved, index: int, rows: dict[str, Collection[str]]) -> Iterator[Change]:
    row, placed = solved.piece.rows[index], solved.rows[index]
    if row.id not in rows or not placed.n:
        return
    new = kept(solved.piece, row, placed, _own_tools(solved, index), rows[row.id])
    if row.painted is None or (new.painted and new.painted.trims != row.painted.trims):
        yield change("rows", index, new.model_dump(mode="json"))


def _own_tools(solved: Solved, index: int) -> list[Whole]:
    """The tool of every own dot, for each part of the row."""
    placed, tools = solved.rows[index], {tool.id: place for place, tool in enumerate(solved.piece.tools)}
    return [own_tools(solved.rules[index], part, solved.piece, tools) for part in parts_of_row(placed)]


@budgeted
def found(piece: Piece, index: int, dots: Collection[int], what: Found) -> list[Change]:
    """Dots of a painted row, counted from the row's first in the plan, as they were found on the piece.

    Raises FitError when there is no such row or dot, or it is not painted.
    """
    require_row(piece, index)
    solved = solve_piece(piece)
    placed, halves = solved.rows[index], solved.halves
    if any(not 0 <= dot < placed.total for dot in dots) or not dots:
        raise FitError(f"The row has {placed.total} dots; one that is measured is not among them.", "dots")
    painted = piece.rows[index].painted
    if placed.motif and painted is not None and painted.motif is not None:
        stands = places_of(painted.motif, halves.front.ground, radians(painted.turn))
        surfaces = [place.own for place in stands.all]
    else:
        surfaces = [context.surface for part in placed.both if (context := halves.of(part.half))]
    row = measured(piece.rows[index], placed, dots, what, surfaces)
    return [change("rows", index, "painted", row.painted.model_dump(mode="json"))] if row.painted else []


def moves_painted(piece: Piece, changes: Iterable[Change]) -> bool:
    """Whether one of these changes would move what is on the piece; its shades and its note may change."""
    return any(_moves(piece, one.path) for one in changes)


def _moves(piece: Piece, path: Sequence[str | int]) -> bool:
    if len(path) < 2 or path[0] != "rows" or not isinstance(path[1], int) or path[1] >= len(piece.rows):
        return False
    painted = piece.rows[path[1]].painted
    if painted is None or path[2:3] in (("shades",), ("label",)):
        return False
    trim = path[3] if path[2:3] == ("trims",) and len(path) > 3 else None
    trims = piece.rows[path[1]].trims
    return not (isinstance(trim, int) and (trim >= len(trims) or trims[trim].id not in painted.trims))


def require_unpainted(piece: Piece, index: int) -> None:
    """Raises FitError where the row is on the piece."""
    if piece.rows[index].painted is not None:
        raise FitError("This row is painted: what is on the piece stays as it is.", "row")
