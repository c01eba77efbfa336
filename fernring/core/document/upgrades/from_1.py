"""From version 1 to 2: members and trims have ids, shapes and paths several lines, loads nothing left to be guessed,
texts no characters that are none.

The ids are calculated from the place in the old document, so that reading it twice gives the same. Accepted verdicts
that named a place by its number name it by its id.
"""

from collections.abc import Iterator
from itertools import count
from typing import Any

from ..numbers import UNREADABLE

Document = dict[str, Any]
DEEPEST = 8  # trims on trims; version 1 took three
OLD_LOAD = {"ratio": 0.9, "dots": 7}  # what version 1 took a load to be where a field was left out


def upgraded(old: Document) -> Document:
    """The next version of a piece, kit or shelf."""
    old = _readable(old)
    new = {**old, "version": 2}
    if isinstance(old.get("tools"), list):
        new["tools"] = [_tool(tool) for tool in old["tools"]]
    if old.get("format") != "fernring.piece":
        return new
    known = set(_ids(new.get("tools")))
    if isinstance(old.get("rows"), list):
        new["rows"] = [_row(row, known) for row in old["rows"]]
    if isinstance(old.get("bare"), list):
        new["bare"] = _bare(old["bare"])
    if isinstance(old.get("accepted"), list):
        new["accepted"] = [_accepted(one, new.get("rows")) for one in old["accepted"]]
    return new


def _readable(value: Any) -> Any:
    """Version 1 took control characters in texts, which no paper and no screen shows: a mark stands for each."""
    if isinstance(value, str):
        return "".join("¤" if ord(char) in UNREADABLE else char for char in value)
    if isinstance(value, list):
        return [_readable(one) for one in value]
    return {key: _readable(one) for key, one in value.items()} if isinstance(value, dict) else value


def _tool(tool: Any) -> Any:
    """Version 1 took every size as measured."""
    if not isinstance(tool, dict):
        return tool
    load = tool.get("load")
    return {**tool, "load": {**OLD_LOAD, **load}} if isinstance(load, dict) else tool


def _row(row: Any, tools: set[str]) -> Any:
    if not isinstance(row, dict):
        return row
    new = dict(row)
    if isinstance(row.get("pattern"), list):
        new["pattern"] = [_member(member, f"dot-{k}", tools) for k, member in enumerate(row["pattern"], 1)]
    if isinstance(row.get("trims"), list):
        new["trims"] = _trims(row["trims"], "trim", tools, DEEPEST)
    track = row.get("track")
    if isinstance(track, dict) and track.get("kind") == "path" and "x" in track and "y" in track:
        line = {name: track[name] for name in ("x", "y", "closed") if name in track}
        rest = {name: value for name, value in track.items() if name not in line}
        new["track"] = {**rest, "lines": [line]}
    return new


def _member(member: Any, ident: str, tools: set[str]) -> Any:
    return {"id": ident, **_known(member, tools)} if isinstance(member, dict) else member


def _trims(trims: list[Any], stem: str, tools: set[str], deep: int) -> list[Any]:
    """trim-1, trim-2 ...; those on trim-2 are trim-2-1, trim-2-2 ..."""
    return [_trim(trim, f"{stem}-{k}", tools, deep) for k, trim in enumerate(trims, 1)] if deep else trims


def _trim(trim: Any, ident: str, tools: set[str], deep: int) -> Any:
    if not isinstance(trim, dict):
        return trim
    new = {"id": ident, **trim}
    if isinstance(trim.get("size"), dict):
        new["size"] = _known(trim["size"], tools)
    if isinstance(trim.get("sizes"), list):
        new["sizes"] = [_known(size, tools) if isinstance(size, dict) else size for size in trim["sizes"]]
    if isinstance(trim.get("trims"), list):
        new["trims"] = _trims(trim["trims"], ident, tools, deep - 1)
    return new


def _known(sized: Document, tools: set[str]) -> Document:
    """A tool that the piece does not hold made no difference: the size was free."""
    tool = sized.get("tool")
    return {**sized, "tool": None} if isinstance(tool, str) and tool not in tools else sized


def _bare(areas: list[Any]) -> list[Any]:
    """Shapes hold lines; of two areas with one id the later gets another."""
    found, seen, taken = [], set[str](), set(_ids(areas))
    fresh = (ident for n in count(1) if (ident := f"bare-{n}") not in taken)
    for area in areas:
        new: Any = _area(area)
        own = new.get("id") if isinstance(new, dict) else None
        if isinstance(own, str) and own in seen:
            new["id"] = next(fresh)
        elif isinstance(own, str):
            seen.add(own)
        found.append(new)
    return found


def _ids(things: Any) -> Iterator[str]:
    """The ids among these things, whatever else they are."""
    for thing in things if isinstance(things, list) else ():
        if isinstance(thing, dict) and isinstance(thing.get("id"), str):
            yield thing["id"]


def _area(area: Any) -> Any:
    if not isinstance(area, dict):
        return area
    shape = area.get("area")
    if isinstance(shape, dict) and shape.get("kind") == "shape" and "x" in shape and "y" in shape:
        rest = {name: value for name, value in shape.items() if name not in ("x", "y")}
        return {**area, "area": {**rest, "lines": [{"x": shape["x"], "y": shape["y"]}]}}
    return dict(area)


def _accepted(one: Any, rows: Any) -> Any:
    """Keys of verdicts about trims and members ended in numbers: "no tool:row:0", "load too small:row:2"."""
    if not isinstance(one, dict) or not isinstance(one.get("key"), str) or not isinstance(rows, list):
        return one
    parts = one["key"].split(":")
    row = next((row for row in rows if isinstance(row, dict) and len(parts) > 2 and row.get("id") == parts[1]), None)
    if parts[0] == "motif cut":
        return {**one, "key": ":".join(["bare area cut", *parts[1:]])}
    if row is None:
        return one
    if parts[0] in ("load too small", "uneven sides", "top too large"):
        return {**one, "key": ":".join([*parts[:2], _id_at(list(_all(row.get("trims"))), parts[2])])}
    if parts[0] == "no tool" and parts[2].startswith("trim "):
        return {**one, "key": ":".join([*parts[:2], _id_at(list(_all(row.get("trims"))), parts[2][5:]), *parts[3:]])}
    if parts[0] == "no tool":
        return {**one, "key": ":".join([*parts[:2], _id_at(row.get("pattern"), parts[2])])}
    return one


def _all(trims: Any, deep: int = DEEPEST) -> Iterator[Any]:
    """Trims as they stand on the sheet, each followed by those on it."""
    for trim in trims if isinstance(trims, list) and deep else ():
        yield trim
        yield from _all(trim.get("trims"), deep - 1) if isinstance(trim, dict) else ()


def _id_at(things: Any, number: str) -> str:
    """The id of the thing of this number, or the number itself where there is none."""
    within = isinstance(things, list) and number.isascii() and number.isdigit() and int(number) < len(things)
    thing = things[int(number)] if within else None
    return str(thing["id"]) if isinstance(thing, dict) and "id" in thing else number
