"""Sizes for a dot of a row: what every tool at hand will make of it, with a range, by what was measured."""

from collections.abc import Sequence
from dataclasses import dataclass

from ..colour.palette import Palette
from ..document.changes import Change
from ..document.kit import Loaded, SizeRange, Tool
from ..document.piece import Piece
from ..errors import FitError
from ..practice.prediction import Hand, Wanted
from .foretold import foretold, taken, uses


@dataclass(frozen=True)
class OfferedSize:
    """The dot that a tool will make there, and the changes by which the row takes it."""

    tool: str
    name: str
    size: SizeRange
    changes: tuple[Change, ...]


def offered_sizes(
    piece: Piece, tools: Sequence[Tool], hand: Hand, row: int, member: int, load: Loaded
) -> list[OfferedSize]:
    """For this member of a row's pattern, the smallest first: with the row's paint, on the piece's material, so loaded.
    Raises FitError for a row or a member that the piece has not, or one that is painted."""
    if row >= len(piece.rows) or member >= len(piece.rows[row].pattern):
        raise FitError(f"The piece has no dot {member + 1} in row {row + 1}.", "row")
    rule = piece.rows[row]
    if rule.painted is not None:
        raise FitError("This row is on the piece: its dots stay as they are.", "row")
    body = Palette(piece).body(rule.pattern[member].shade or rule.shades[0])
    here = ("rows", row, "pattern", member)
    set_by, found = uses(piece), []
    for tool in tools:
        told = None if tool.pulls else foretold(hand, Wanted(tool.id, body, piece.blank.material, load))
        if told is not None:
            changes = (
                *taken(piece, set_by, tool, told, {here}),
                Change(path=(*here, "diameter"), value=told.diameter),
                Change(path=(*here, "tool"), value=tool.id),
                *((Change(path=("rows", row, "fit"), value=None),) if rule.fit == "size" else ()),
            )
            found.append(OfferedSize(tool.id, tool.name, told, changes))
    return sorted(found, key=lambda one: one.size.diameter)
