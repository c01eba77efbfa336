"""Somebody's design made with the tools of this kit: the nearest for each size, and whether it still closes."""

from collections.abc import Sequence
from dataclasses import dataclass

from ..budget import budgeted
from ..document.changes import Change, changed
from ..document.kit import Tool
from ..document.piece import Piece
from ..plan import Plan, plan
from ..practice.asked_sizes import dots_of, nearest_dot
from ..solved import Solved
from .foretold import Use, uses

MOST_FOUND = 12


@dataclass(frozen=True)
class Nearest:
    """A size of the piece (mm), the rows that set it (their places in the document), and the tool and dot of the kit
    that come nearest."""

    size: float
    rows: tuple[int, ...]
    tool: str
    name: str
    dot: float

    @property
    def off(self) -> float:
        """By how much ours is larger, as a share."""
        return self.dot / self.size - 1


@dataclass(frozen=True)
class WithMine:
    """What the kit has instead of the piece's sizes, the changes by which the piece takes these, and what is wrong then
    that was not before: `lost` counts all such findings, `found` are the first of them."""

    sizes: tuple[Nearest, ...]
    changes: tuple[Change, ...]
    lost: int
    found: tuple[str, ...]


@budgeted
def with_nearest(piece: Piece, tools: Sequence[Tool], known: Solved | None = None) -> WithMine:
    """The piece with each size that no tool of the kit makes set with the nearest that one does; what is painted and
    what is fitted stays. Raises FitError for a kit without a tool that sets dots."""
    dots = dots_of(tools)
    sizes, found, changes, needed = _foreign(piece, tools), [], [], {}
    for size, places in sorted(sizes.items()):
        tool, dot = nearest_dot(dots, size)
        rows = tuple(sorted({use.row for use in places}))
        found.append(Nearest(size, rows, tool.id, tool.name, dot))
        needed[tool.id] = tool
        for use in places:
            changes += [
                Change(path=(*use.path, "diameter"), value=dot),
                Change(path=(*use.path, "tool"), value=tool.id),
            ]
    if not found:
        return WithMine((), (), 0, ())
    changes[:0] = _tools(piece, list(needed.values()))
    worse = _worse(plan(piece, known=known), plan(changed(piece, changes)))
    return WithMine(tuple(found), tuple(changes), len(worse), tuple(worse[:MOST_FOUND]))


def _foreign(piece: Piece, tools: Sequence[Tool]) -> dict[float, list[Use]]:
    """Sizes that no tool of the kit makes, and where rows set them; sizes of paint on the piece stay as they are."""
    made = {dot for tool in tools for dot in tool.dots}
    mine = {tool.id for tool in tools}
    chosen = {(tool.id, size.diameter) for tool in piece.tools if tool.id in mine for size in tool.ranges}
    found: dict[float, list[Use]] = {}
    for use in uses(piece):
        row = piece.rows[use.row]
        fitted = row.fit == "size" and use.path[2] == "pattern"
        known = use.diameter in made or (use.tool, use.diameter) in chosen
        if not known and row.painted is None and not fitted:
            found.setdefault(use.diameter, []).append(use)
    return found


def _tools(piece: Piece, needed: Sequence[Tool]) -> list[Change]:
    """The tools of the kit that the piece needs; those it has already as the kit has them, with the sizes it chose."""
    places = {tool.id: place for place, tool in enumerate(piece.tools)}
    changes, after = [], len(piece.tools)
    for tool in needed:
        place = places.get(tool.id, after)
        after += place == after
        ranges = piece.tools[place].ranges if tool.id in places else ()
        value = tool.model_copy(update={"ranges": ranges}).model_dump(mode="json")
        changes.append(Change(path=("tools", place), value=value))
    return changes


def _worse(before: Plan, after: Plan) -> list[str]:
    """Serious findings and warnings that were not there before, in words."""
    known = {one.key for one in before.verdicts}
    return [one.text for one in after.verdicts if one.severity != "note" and one.key not in known]
