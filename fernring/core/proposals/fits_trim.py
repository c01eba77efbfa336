"""What fits here? Real alternatives for one trim, from the kit's own dot sizes."""

from dataclasses import dataclass
from typing import Any

from ..document.changes import Change, changed
from ..document.piece import Piece
from ..document.trim import SwipeTrim, TopTrim, WalkTrim, sizes_of, trims_of
from ..errors import FitError
from ..plan import plan, solve_piece
from ..rows.sequence import guide_walks
from ..advice.sizes import KitSize, kit_sizes, trim_size
from ..advice.trims import trim_path
from ..document.changes import change

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


def trim_fits(piece: Piece, index: int, number: int) -> list[TrimAlternative]:
    """Alternatives for trim `number` of row `index`, the smallest first. Raises FitError when there is none."""
    if not 0 <= index < len(piece.rows):
        raise FitError(f"The piece has {len(piece.rows)} rows; there is no row at place {index}.", "row")
    trims = list(trims_of(piece.rows[index].trims))
    if not 0 <= number < len(trims):
        raise FitError(f"Row {index} has {len(trims)} trims; there is no number {number}.", "trim")
    solved = solve_piece(piece)
    path, trim = trim_path(solved, index, number), trims[number]
    host = max(solved.rows[index].diameters)
    if isinstance(trim, SwipeTrim):
        return [
            _tried(piece, index, label, 0.0, "", (change(*path, "to", to),), to == trim.to.model_dump())
            for label, to in _ends(piece, solved.ground.surface.rim)
        ]
    sizes = [size for size in kit_sizes(piece.tools) if 0.12 * host <= size.diameter < 0.95 * host][:MOST]
    return [_sized(piece, index, trim, path, size) for size in sizes]


def _ends(piece: Piece, rim: float) -> list[tuple[str, dict[str, Any]]]:
    """Where a swipe can end: at first contact, on each guide circle, at round lengths."""
    found: list[tuple[str, dict[str, Any]]] = [("to first contact", {"kind": "contact"})]
    found += [
        (f"to the circle at {walk:g}", {"kind": "circle", "walk": walk})
        for walk in guide_walks(piece.guides, rim).values()
    ]
    found += [(f"{length:g} long", {"kind": "length", "mm": float(length)}) for length in (4, 6, 8, 10, 12, 16, 20, 25)]
    return found[: 2 * MOST]


def _sized(
    piece: Piece, index: int, trim: TopTrim | WalkTrim, path: tuple[str | int, ...], size: KitSize
) -> TrimAlternative:
    inside, now = sizes_of(trim)[0]
    same = now.share is None and abs(now.diameter - size.diameter) < 1e-9
    changes = (change(*path, *inside, trim_size(size)),)
    return _tried(piece, index, f"{size.diameter:g} mm", size.diameter, size.name, changes, same)


def _tried(
    piece: Piece, index: int, label: str, diameter: float, tool: str, changes: tuple[Change, ...], current: bool
) -> TrimAlternative:
    found = plan(changed(piece, changes))
    dots = sum(len(part.grown.dots.x) + len(part.grown.marks) for part in found.solved.rows[index].both)
    troubles = sum(1 for verdict in found.verdicts if index in verdict.rows and verdict.code in TROUBLE)
    return TrimAlternative(label, diameter, tool, dots, troubles, current, changes)
