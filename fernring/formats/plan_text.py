"""A plan as a table of plain text, for looking at it in a terminal. Lengths in mm."""

from math import isfinite

from ..core.plan import Plan
from ..core.words.lengths import plain
from ..core.words.rows import track_words

HEADER = ("row", "id", "track", "repeats", "dots", "diameters", "walk", "gap", "to others", "what")


def plan_text(found: Plan) -> str:
    """One line a row, then the verdicts and the sums."""
    solved, totals = found.solved, found.totals
    lines = [HEADER]
    for index, (rule, row) in enumerate(zip(solved.piece.rows, solved.rows, strict=True)):
        near = solved.near[index]
        what = row.noroom or (f"{len(row.grown.dots)} trim dots" if len(row.grown.dots) else "")
        sizes = " ".join(f"{size:g}" for size in row.diameters)
        others = _mm(near.clear) if near else ""
        numbers = (str(row.one.repeats), str(row.total), sizes, f"{row.walk:.3f}", _mm(row.clear), others)
        lines.append((solved.marks[index], rule.id, track_words(rule), *numbers, what))
    widths = [max(len(line[k]) for line in lines) for k in range(len(HEADER))]
    table = ["  ".join(cell.ljust(width) for cell, width in zip(line, widths, strict=True)).rstrip() for line in lines]
    said = [f"{verdict.severity}: {plain(verdict.text)}" for verdict in found.verdicts]
    sums = f"{totals.rows} rows, {totals.dots} dots, edge at {totals.edge:.3f}, {totals.left:.3f} left to the border"
    return "\n".join([solved.piece.name, "", *table, "", *said, sums, ""])


def _mm(length: float) -> str:
    return f"{length:.3f}" if isfinite(length) else ""
