"""What fits here? Real alternatives for one trim, from the kit's own dot sizes."""

from dataclasses import dataclass

from ..advice.sizes import KitSize, kit_sizes, trim_size
from ..advice.trims import trim_path
from ..budget import budgeted
from ..document.changes import Change, change, changed
from ..document.piece import Piece
from ..errors import FitError
from ..plan import plan
from ..rows.halves import guide_walks
from ..rows.trims import trim_kind
from ..rows.trims.kind import Path, TrimRule
from ..solved import solve_piece
from ..words.lengths import mm
from .asked import require_row

MOST = 12
TROUBLE = ("petals collide", "swipe without room", "touching", "does not close", "over the border", "off the blank")


@dataclass(frozen=True)
class TrimAlternative:
    """A size (mm) or a length for the trim: dots it gives in all, and how many serious findings the piece then has."""

    label: str
    diameter: float
    tool_name: str
    dots: int
    troubles: int
    current: bool
    changes: tuple[Change, ...]


@budgeted
def trim_fits(piece: Piece, index: int, number: int) -> list[TrimAlternative]:
    """Alternatives for trim `number` of row `index`, the smallest first. Raises FitError when there is none."""
    require_row(piece, index)
    trims = piece.rows[index].all_trims
    if not 0 <= number < len(trims):
        raise FitError(f"Row {index} has {len(trims)} trims; there is no number {number}.", "trim")
    painted = piece.rows[index].painted
    if painted is not None and trims[number].id in painted.trims:
        raise FitError("This trim is painted: what is on the piece stays as it is.", "trim")
    solved = solve_piece(piece)
    path, trim = trim_path(solved, index, number), trims[number]
    host, kind = max(solved.rows[index].diameters), trim_kind(trim)
    ends = kind.ends(trim, guide_walks(piece.guides, solved.ground.surface.rim))[: 2 * MOST]
    if ends:
        now = trim.model_dump(mode="json")
        return [
            _tried(piece, index, words, 0.0, "", (change(*path, *inside, end),), now[str(inside[0])] == end)
            for words, inside, end in ends
        ]
    sizes = [size for size in kit_sizes(piece.tools) if 0.12 * host <= size.diameter < 0.95 * host][:MOST]
    return [_sized(piece, index, trim, path, size) for size in sizes]


def _sized(piece: Piece, index: int, trim: TrimRule, path: Path, size: KitSize) -> TrimAlternative:
    inside, now = trim_kind(trim).sizes(trim)[0]
    same = now.share is None and abs(now.diameter - size.diameter) < 1e-9
    changes = (change(*path, *inside, trim_size(size)),)
    return _tried(piece, index, mm(size.diameter), size.diameter, size.name, changes, same)


def _tried(
    piece: Piece, index: int, label: str, diameter: float, tool: str, changes: tuple[Change, ...], current: bool
) -> TrimAlternative:
    found = plan(changed(piece, changes))
    dots = sum(len(part.grown.dots) + len(part.grown.marks) for part in found.solved.rows[index].both)
    troubles = sum(1 for verdict in found.verdicts if index in verdict.rows and verdict.code in TROUBLE)
    return TrimAlternative(label, diameter, tool, dots, troubles, current, changes)
