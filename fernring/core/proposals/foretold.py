"""Sizes that were foretold, and how a piece takes them: the number, its range, and what that rests on."""

from collections.abc import Collection, Iterator
from dataclasses import dataclass
from typing import Any

from ..document.changes import Change
from ..document.kit import MOST_RANGES, SizeRange, Tool
from ..document.numbers import LEAST_DOT, MOST_DOT
from ..document.piece import Piece
from ..practice.prediction import Hand, Wanted

DIGITS = 2  # of a millimetre
NO_DOTS = ("blank", "crystal", "line")

Path = tuple[str | int, ...]


@dataclass(frozen=True)
class Use:
    """A place in the rows of a piece that sets dots, with which tool and how wide (mm); `shared` where they are a share
    of the dot below. A crystal or a line is none."""

    path: Path
    tool: str | None
    diameter: float
    shared: bool

    @property
    def row(self) -> int:
        """Its place among the rows."""
        return int(self.path[1])


def foretold(hand: Hand, wanted: Wanted) -> SizeRange | None:
    """The dot as a piece would keep it, None where nothing tells of it or where no dot is so small or so wide."""
    told = hand.predicted(wanted)
    diameter, low, high = (round(size, DIGITS) for size in (told.diameter, told.low, told.high))
    if not told.offered or low <= 0 or not LEAST_DOT <= diameter <= MOST_DOT:
        return None
    return SizeRange(
        diameter=diameter, low=low, high=high, body=wanted.body, surface=wanted.surface, load=wanted.load,
        measured=told.of_tool, alike=told.of_all,
    )  # fmt: skip


def taken(
    piece: Piece, set_by: Collection[Use], tool: Tool, told: SizeRange, instead: Collection[Path]
) -> tuple[Change, ...]:
    """The changes by which a tool of the piece, or one that it has not yet, makes this dot at the places `instead`. Of
    sizes that were foretold those are kept that the piece still sets in others."""
    still = {(use.tool, use.diameter) for use in set_by if use.path not in instead}
    changes, ours = [], len(piece.tools)
    for place, one in enumerate(piece.tools):
        kept = tuple(size for size in one.ranges if (one.id, size.diameter) in still)
        if one.id == tool.id:
            ours = place
            kept = (*(size for size in kept if size.diameter != told.diameter), told)[-MOST_RANGES:]
        if kept != one.ranges:
            ranges = [size.model_dump(mode="json") for size in kept]
            changes.append(Change(path=("tools", place, "ranges"), value=ranges))
    if ours == len(piece.tools):
        value = tool.model_copy(update={"ranges": (told,)}).model_dump(mode="json")
        changes.append(Change(path=("tools", ours), value=value))
    return tuple(changes)


def uses(piece: Piece) -> list[Use]:
    """Where its rows set dots of a size of their own; what is painted already is no rule of a row and left out."""
    return [use for use in places(piece) if not use.shared]


def places(piece: Piece) -> list[Use]:
    """Where its rows set dots, those too that are a share of the dot below."""
    return list(_places(piece.model_dump(mode="json", include={"rows"})["rows"], ("rows",)))


def _places(node: Any, path: Path) -> Iterator[Use]:
    if isinstance(node, dict):
        if "tool" in node and "diameter" in node and node.get("form") not in NO_DOTS:
            shared = "form" not in node and bool(node.get("share"))  # a member's share is one of the paint
            yield Use(path, node["tool"], node["diameter"], shared)
        for name, inner in node.items():
            if name != "painted":
                yield from _places(inner, (*path, name))
    elif isinstance(node, list):
        for place, inner in enumerate(node):
            yield from _places(inner, (*path, place))
