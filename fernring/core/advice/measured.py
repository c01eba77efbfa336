"""Rows that stand on sizes nobody measured."""

from collections.abc import Iterator

import numpy as np

from ..solved import Solved
from .verdict import Verdict

MOST_NAMED = 4


def measured_verdicts(solved: Solved) -> Iterator[Verdict]:
    """One for each tool that dots are made with and whose sizes are only typical of its kind."""
    for place, tool in enumerate(solved.piece.tools):
        rows = np.unique(solved.dots.row[solved.dots.tool == place]).tolist() if tool.sizes == "typical" else []
        if rows:
            text = f"The sizes of {tool.name} are typical of its kind, not measured: {_named(solved, rows)} may differ."
            yield Verdict("not measured", f"not measured:{tool.id}", "note", text, tuple(rows))


def _named(solved: Solved, rows: list[int]) -> str:
    names = [solved.name(row) for row in rows[:MOST_NAMED]]
    more = len(rows) - len(names)
    if more:
        return f"{', '.join(names)} and {more} more"
    return " and ".join((", ".join(names[:-1]), names[-1])) if len(names) > 1 else names[0]
