"""The kit's own dot sizes, and changes that give a row another one."""

from collections.abc import Iterable, Iterator
from dataclasses import dataclass

import numpy as np

from ..document.changes import Change, change
from ..document.kit import SizeRange, Tool
from ..document.row import Row
from ..dots.table import Dots, Mask
from ..words.lengths import mm
from .verdict import Remedy

SAME, EXACT = 0.05, 1e-6
MOST_SIZES = 8


@dataclass(frozen=True, order=True)
class KitSize:
    """One measured dot diameter (mm) and the tool that makes it."""

    diameter: float
    tool: str
    name: str


def kit_sizes(tools: Iterable[Tool]) -> list[KitSize]:
    """Every dot, smallest first; where two tools make the same size the first named stands."""
    sizes: dict[float, KitSize] = {}
    for tool in tools:
        for diameter in tool.made:
            sizes.setdefault(diameter, KitSize(diameter, tool.id, tool.name))
    return sorted(sizes.values())


def foretold_dots(tools: Iterable[Tool], dots: Dots) -> Iterator[tuple[Tool, SizeRange, Mask]]:
    """Each size that was chosen with its range, its tool, and which of these dots are set so."""
    for place, tool in enumerate(tools):
        for size in tool.ranges:
            yield tool, size, (dots.tool == place) & (np.abs(2 * dots.radius - size.diameter) < EXACT)


def largest_up_to(sizes: list[KitSize], most: float) -> KitSize | None:
    return next((size for size in reversed(sizes) if size.diameter <= most + 1e-9), None)


def given_size(index: int, member: int, size: KitSize) -> tuple[Change, Change]:
    """A member of the pattern takes this dot of the kit."""
    path = ("rows", index, "pattern", member)
    return change(*path, "diameter", size.diameter), change(*path, "tool", size.tool)


def give_size(row: Row, index: int, member: int, size: KitSize) -> tuple[Change, ...]:
    """The pattern's member takes this size; a fitted size is no longer fitted."""
    given = given_size(index, member, size)
    return (*given, change("rows", index, "fit", None)) if row.fit == "size" else given


def trim_size(size: KitSize) -> dict[str, float | str | None]:
    """A trim's size in the document: this dot of the kit, no share of the dot below."""
    return {"diameter": size.diameter, "tool": size.tool, "share": None}


def smaller(row: Row, index: int, tools: Iterable[Tool], most: float, where: str = "") -> tuple[Remedy, ...]:
    """The kit sizes up to `most` (mm), the largest first, for a row of one kind of dot; `where` ends their words."""
    if len(row.pattern) != 1:
        return ()
    fitting = [size for size in reversed(kit_sizes(tools)) if size.diameter <= most + 1e-9]
    return tuple(
        Remedy(f"Use {mm(size.diameter)} dots ({size.name}){where}", give_size(row, index, 0, size))
        for size in fitting[:MOST_SIZES]
    )
