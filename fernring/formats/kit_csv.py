"""Tools as a table with a head: out, and in again, all or nothing. Several dots of a tool stand side by side, in mm."""

import csv
import io
from typing import Any

from pydantic import ValidationError

from ..core.document.kit import MOST_TOOLS, Kit, Load, Tool
from ..core.document.sentences import first_sentence
from ..core.errors import DocumentError
from .palettes import MOST_LINES, MOST_NAMED, plain

QUOTE = "'"
FIELDS = ("name", "kind", "tip", "dots", "sizes", "handle", "note", "load dots", "load ratio")


def kit_csv(kit: Kit) -> str:
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\n")
    table.writerow(FIELDS)
    for tool in kit.tools:
        load = ("", "") if tool.load is None else (tool.load.dots, tool.load.ratio)
        sizes = " ".join(f"{dot:g}" for dot in tool.dots)
        tip = "" if tool.tip is None else f"{tool.tip:g}"
        cells = (tool.name, tool.kind, tip, sizes, tool.sizes, tool.handle, tool.note, *load)
        table.writerow([plain(cell) for cell in cells])
    return out.getvalue()


def kit_of_csv(text: str) -> Kit:
    """The tools of a table by the columns that its head names. Raises DocumentError with the lines that cannot be."""
    lines = text.lstrip("\ufeff").splitlines()
    if "\ufffd" in text:
        raise DocumentError("This file is not written in UTF-8; save it so, and try again.", "file")
    if len(lines) > MOST_LINES:
        raise DocumentError(f"A table of tools has at most {MOST_LINES:,} lines; this one has {len(lines):,}.", "file")
    mark = max(",;\t", key=lines[0].count) if lines else ","
    head = [cell.strip().lower() for cell in next(csv.reader(lines[:1], delimiter=mark), [])]
    if not {"name", "dots"} <= set(head):
        raise DocumentError("A table of tools has a head with the columns “name” and “dots” at least.", "file")
    tools: list[Tool] = []
    wrong: list[str] = []
    for number, row in enumerate(csv.reader(lines[1:], delimiter=mark), 2):
        if not any(cell.strip() for cell in row):
            continue
        cells = dict(zip(head, (cell.strip().removeprefix("'") for cell in row), strict=False))
        try:
            tools.append(Tool.model_validate(_told(cells, len(tools) + 1)))
        except ValidationError as error:
            field, sentence = first_sentence([{**one, "loc": ("body", *one["loc"])} for one in error.errors()], cells)
            wrong.append(f"line {number}, {field}: {sentence.rstrip('.')}")
        except ValueError as error:
            wrong.append(f"line {number}: “{str(error).rpartition(': ')[2].strip(QUOTE)[:30]}” is no number")
    if wrong:
        more = f" and {len(wrong) - MOST_NAMED} more" if len(wrong) > MOST_NAMED else ""
        raise DocumentError(f"Nothing was taken: {'; '.join(wrong[:MOST_NAMED])}{more}.", "file")
    if not 0 < len(tools) <= MOST_TOOLS:
        raise DocumentError(f"A kit holds 1 to {MOST_TOOLS} tools; this file has {len(tools)}.", "file")
    return Kit(tools=tuple(tools))


def _told(cells: dict[str, str], number: int) -> dict[str, Any]:
    """What a line tells of a tool; what it leaves out is as usual."""
    told: dict[str, Any] = {"id": f"taken-{number}", "name": cells.get("name", "")}
    told["dots"] = tuple(_number(part) for part in cells.get("dots", "").replace(";", " ").split())
    told |= {name: cells[name] for name in ("kind", "sizes", "handle", "note") if cells.get(name)}
    if cells.get("tip"):
        told["tip"] = _number(cells["tip"])
    if cells.get("load dots") and cells.get("load ratio"):
        told["load"] = Load(dots=int(cells["load dots"]), ratio=_number(cells["load ratio"]))
    return told


def _number(text: str) -> float:
    return float(text.replace(",", "."))
