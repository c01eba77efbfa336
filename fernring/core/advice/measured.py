"""Rows that stand on sizes nobody measured."""

from collections.abc import Iterator

import numpy as np

from ..dots.table import Mask
from ..solved import Solved
from ..words.lengths import mm
from ..words.numbers import listed
from .sizes import foretold_dots
from .verdict import Verdict

MOST_NAMED = 4


def measured_verdicts(solved: Solved) -> Iterator[Verdict]:
    """One for each tool that dots are made with and whose sizes are only typical of its kind, and one for each size
    that was foretold without a measured dot of its tool."""
    dots, tools = solved.dots, solved.piece.tools
    plain = np.ones(len(dots), bool)
    for tool, size, mine in foretold_dots(tools, dots):
        plain &= ~mine
        if mine.any() and not size.measured:
            rows, names = _rows(solved, mine)
            text = f"{mm(size.diameter)} with {tool.name} is foretold by its tip and kind alone: {names} may differ."
            yield Verdict("only foretold", f"only foretold:{tool.id}:{size.diameter:g}", "note", text, rows)
    for place, tool in enumerate(tools):
        mine = (dots.tool == place) & plain
        if tool.sizes == "typical" and mine.any():
            rows, names = _rows(solved, mine)
            text = f"The sizes of {tool.name} are typical of its kind, not measured: {names} may differ."
            yield Verdict("not measured", f"not measured:{tool.id}", "note", text, rows)


def _rows(solved: Solved, dots: Mask) -> tuple[tuple[int, ...], str]:
    """The rows of these dots, and their names."""
    rows = np.unique(solved.dots.row[dots]).tolist()
    return tuple(rows), _named(solved, rows)


def _named(solved: Solved, rows: list[int]) -> str:
    names = [solved.name(row) for row in rows[:MOST_NAMED]]
    more = len(rows) - len(names)
    return listed([*names, f"{more} more"] if more else names)
