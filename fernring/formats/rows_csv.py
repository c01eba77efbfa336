"""CSV of the rows: the written pattern as a table, lengths in mm."""

import csv
import re
from io import StringIO
from math import degrees

from ..core.document.row import Row
from ..core.solved import Solved
from ..core.words.lengths import bare
from ..core.words.rows import track_words, trims_in_a_line

HEADER = (
    "row", "label", "repeats", "dots", "diameters mm", "tools", "shades", "walk distance mm", "gap asked mm",
    "gap found mm", "start degrees", "fitted", "track", "trims", "motif",
)  # fmt: skip

FORMULA = {"=", "+", "-", "@"}
NUMBER = re.compile(r"[+-]?\d+(\.\d+)?")


def rows_csv(solved: Solved) -> str:
    """RFC 4180 with a header line; cells that a spreadsheet would take for a formula get an apostrophe."""
    out = StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    writer.writerow(HEADER)
    for index, row in enumerate(solved.piece.rows):
        writer.writerow([_safe(cell) for cell in _cells(solved, index, row)])
    return out.getvalue()


def _cells(solved: Solved, index: int, row: Row) -> list[str]:
    placed = solved.rows[index]
    tools = {tool.id: tool.name for tool in solved.piece.tools}
    shades = [solved.palette.named(shade) for shade in row.shades]
    motif = solved.piece.motif_of(row)
    start = f"{degrees(placed.one.first_rad) % 360:.3f}" if placed.n else ""
    return [
        solved.marks[index],
        row.label,
        str(placed.one.repeats),
        str(placed.n),
        " + ".join(f"{d:.3f}" for d in placed.diameters),
        " + ".join(tools.get(member.tool or "", "any tool") for member in row.pattern),
        " / ".join(shades),
        f"{placed.walk:.3f}" if placed.n else "no room",
        f"{row.gap:.3f}",
        f"{placed.clear:.3f}" if placed.n > 1 else "",
        start,
        row.fit or "",
        track_words(row),
        bare(trims_in_a_line(row.trims), 3),
        motif.name if motif else "",
    ]


def _safe(cell: str) -> str:
    """A cell that begins like a formula, white space before it or not, is text, unless all of it is a number."""
    begins = cell.lstrip()[:1] in FORMULA or cell[:1] in {"\t", "\r"}
    return f"'{cell}" if begins and not NUMBER.fullmatch(cell) else cell
