"""Sizes for a dot of a row or trim: what every tool at hand will make of it, with a range, by what was measured."""

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from ..colour.palette import Palette
from ..document.changes import Change
from ..document.kit import Loaded, SizeRange, Tool
from ..document.piece import Piece
from ..document.row import Row
from ..document.shelf import Shade
from ..errors import FitError
from ..practice.prediction import Hand, Wanted
from ..rows.trims.kind import Size, TrimRule
from .foretold import Path, foretold, places, taken, uses


@dataclass(frozen=True)
class OfferedSize:
    """The dot that a tool will make there, and the changes by which the row takes it."""

    tool: str
    name: str
    size: SizeRange
    changes: tuple[Change, ...]


def offered_sizes(
    piece: Piece, tools: Sequence[Tool], hand: Hand, row: int, at: Path, load: Loaded
) -> list[OfferedSize]:
    """For the dot at this path within the rule of a row, a member of its pattern or a size of a trim, the smallest
    first: with its paint, on the piece's material, so loaded. Raises FitError for a row or a dot that the piece has
    not, or one that is painted."""
    here, rule = ("rows", row, *at), piece.rows[row] if row < len(piece.rows) else None
    if rule is None or here not in {place.path for place in places(piece)}:
        raise FitError(f"There is no dot of row {row + 1} that a tool would set there.", "row")
    dot, owner, shades = _found(rule, at)
    if rule.painted is not None and (owner is rule or owner.id in rule.painted.trims):
        raise FitError("This is on the piece: its dots stay as they are.", "row")
    level = int(at[-1]) if at[-2] == "sizes" else 0  # the shades of a stack go up it
    body = Palette(piece).body(getattr(dot, "shade", None) or shades[level % len(shades)])
    set_by, found = uses(piece), []
    for tool in tools:
        told = None if tool.pulls else foretold(hand, Wanted(tool.id, body, piece.blank.material, load))
        if told is not None:
            changes = (
                *taken(piece, set_by, tool, told, {here}),
                Change(path=(*here, "diameter"), value=told.diameter),
                Change(path=(*here, "tool"), value=tool.id),
                *((Change(path=("rows", row, "fit"), value=None),) if owner is rule and rule.fit == "size" else ()),
                *((Change(path=(*here, "share"), value=None),) if isinstance(dot, Size) else ()),
            )
            found.append(OfferedSize(tool.id, tool.name, told, changes))
    return sorted(found, key=lambda one: one.size.diameter)


def _found(rule: Row, at: Path) -> tuple[Any, Row | TrimRule, Sequence[Shade]]:
    """The rule of the dot, the row or trim that it belongs to, and the shades of the innermost rule that has some."""
    found: Any = rule
    owner: Row | TrimRule = rule
    shades = rule.shades
    for step in at:
        found = found[step] if isinstance(step, int) else getattr(found, step)
        owner = found if isinstance(found, TrimRule) else owner
        shades = getattr(found, "shades", ()) or shades
    return found, owner, shades
