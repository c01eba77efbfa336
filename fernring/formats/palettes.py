"""Paints as lists of colours: text palettes (red, green and blue, then a name), CSV with a head, lists of hex values.

All of a file is taken or none of it; lines that cannot be read are named with why.
"""

import csv
import io
import re
from collections.abc import Iterable, Iterator
from dataclasses import dataclass, field
from typing import Literal

from pydantic import ValidationError

from ..core.document.sentences import first_sentence
from ..core.document.shelf import MOST_PAINTS, Paint, Shelf
from ..core.errors import DocumentError

MOST_LINES, MOST_NAMED = 2000, 4
HEX = re.compile(r"^#?([0-9a-fA-F]{6})\b[\s,;]*(.*)$")
NUMBERS = re.compile(r"^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$")
HEADED = re.compile(r"palette\s*$", re.IGNORECASE)
NAMES, COLOURS = ("name",), ("colour", "color", "hex")
FIELDS = (
    "name", "colour", "body", "finish", "medium", "binder", "cover", "coats", "darker", "left", "price", "note",
)  # fmt: skip
WORDS, AMOUNTS = ("body", "finish", "medium", "binder", "cover", "note"), ("coats", "darker", "left", "price")
Ways = Literal["csv", "palette", "hex"]


@dataclass(frozen=True)
class Line:
    """Its number, a colour "#rrggbb", a name, which may be empty, and what else is told of the paint."""

    number: int
    colour: str
    name: str
    more: dict[str, str | int | float] = field(default_factory=dict)


def palette(text: str) -> Shelf:
    """The paints of a list. Raises DocumentError with the lines that cannot be read."""
    if "\ufffd" in text:
        raise DocumentError("This file is not written in UTF-8; save it so, and try again.", "file")
    lines = text.lstrip("\ufeff").splitlines()
    if len(lines) > MOST_LINES:
        raise DocumentError(f"A palette has at most {MOST_LINES:,} lines; this one has {len(lines):,}.", "file")
    wrong: list[str] = []
    found = list(_csv(lines, wrong) if _is_csv(lines) else _list(lines, wrong))
    if wrong:
        more = f" and {len(wrong) - MOST_NAMED} more" if len(wrong) > MOST_NAMED else ""
        raise DocumentError(f"Nothing was taken: {'; '.join(wrong[:MOST_NAMED])}{more}.", "file")
    if not found:
        raise DocumentError("There is no colour in this file.", "file")
    paints = tuple(_paints(found))
    if len(paints) > MOST_PAINTS:
        raise DocumentError(f"A shelf holds at most {MOST_PAINTS} paints; this file has {len(paints)}.", "file")
    return Shelf(paints=paints)


def shelf_text(shelf: Shelf, way: Ways) -> str:
    """The paints as a table with a head, as a text palette, or as hex values with their names."""
    if way == "csv":
        return _table(shelf)
    if way == "hex":
        return "".join(f"{paint.colour} {paint.name}\n" for paint in shelf.paints)
    levels = [tuple(int(paint.colour[k : k + 2], 16) for k in (1, 3, 5)) for paint in shelf.paints]
    lines = [
        f"{red:3} {green:3} {blue:3}\t{paint.name}"
        for (red, green, blue), paint in zip(levels, shelf.paints, strict=True)
    ]
    return "\n".join(("GIMP Palette", "Name: Shelf", "#", *lines, ""))


def _table(shelf: Shelf) -> str:
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\n")
    table.writerow(FIELDS)
    for paint in shelf.paints:
        values = (getattr(paint, name) for name in FIELDS)
        table.writerow(["" if value is None else plain(value) for value in values])
    return out.getvalue()


def plain(value: str | float) -> str:
    """A text that no table calculates with."""
    text = str(value)
    return f"'{text}" if text[:1] in ("=", "+", "-", "@", "\t") else text


def _is_csv(lines: list[str]) -> bool:
    head = [cell.strip().lower() for cell in re.split("[,;\t]", lines[0])] if lines else []
    return len(head) > 1 and bool({*head} & {*COLOURS})


def _csv(lines: list[str], wrong: list[str]) -> Iterator[Line]:
    """By the columns that the head names; others are left."""
    mark = max(",;\t", key=lines[0].count)
    rows = csv.reader(lines, delimiter=mark)
    head = [cell.strip().lower() for cell in next(rows)]
    colour = next(head.index(name) for name in COLOURS if name in head)
    places = {name: head.index(name) for name in (*NAMES, *WORDS, *AMOUNTS) if name in head}
    for number, row in enumerate(rows, 2):
        if not any(cell.strip() for cell in row):
            continue
        if len(row) <= max(colour, *places.values(), 0):
            wrong.append(f"line {number} has {len(row)} columns where the head has {len(head)}")
            continue
        match = HEX.match(row[colour].strip())
        if match is None:
            wrong.append(f"line {number}: “{row[colour][:20]}” is no colour like #2f6fb3")
            continue
        told = {name: row[place].strip().removeprefix("'") for name, place in places.items()}
        more = _told(told, number, wrong)
        if more is not None:
            yield Line(number, f"#{match[1].lower()}", told.get("name", ""), more)


def _told(told: dict[str, str], number: int, wrong: list[str]) -> dict[str, str | int | float] | None:
    """What a line tells beside colour and name; None where one of it cannot be."""
    more: dict[str, str | int | float] = {name: told[name] for name in WORDS if told.get(name)}
    for name in (name for name in AMOUNTS if told.get(name)):
        try:
            more[name] = int(told[name]) if name == "coats" else float(told[name].replace(",", "."))
        except ValueError:
            wrong.append(f"line {number}: “{told[name][:20]}” is no number for “{name}”")
            return None
    try:
        Paint(id="a", name="a", colour="#000000", **more)
    except ValidationError as error:
        field, sentence = first_sentence([{**one, "loc": ("body", *one["loc"])} for one in error.errors()], more)
        wrong.append(f"line {number}, {field}: {sentence.rstrip('.')}")
        return None
    return more


def _list(lines: list[str], wrong: list[str]) -> Iterator[Line]:
    """Hex values or three numbers; words before the first colour are a head, lines with a # in front remarks."""
    begun = False
    headed = bool(lines) and HEADED.search(lines[0]) is not None
    for number, line in enumerate(lines, 1):
        text = line.strip()
        by_hex, by_numbers = HEX.match(text), NUMBERS.match(text)
        levels = [int(part) for part in by_numbers.groups()[:3]] if by_numbers else []
        if by_numbers and max(levels) <= 255:
            begun = True
            colour = "#" + "".join(f"{level:02x}" for level in levels)
            yield Line(number, colour, (by_numbers[4] or "").strip())
        elif by_hex:
            begun = True
            yield Line(number, f"#{by_hex[1].lower()}", by_hex[2].strip())
        elif text and not text.startswith("#") and (begun or not headed):
            wrong.append(f"line {number}: “{text[:20]}” is no colour")


def _paints(found: Iterable[Line]) -> Iterator[Paint]:
    """Each colour of a name once; a name that another colour has too is told apart by its own."""
    seen: dict[str, str] = {}
    for k, line in enumerate(found, 1):
        whole = "".join(char for char in line.name if char.isprintable())[:100] or line.colour
        if seen.get(whole) == line.colour:
            continue
        told = f"{whole} {line.colour}" if whole in seen else whole
        seen[told] = line.colour
        yield Paint(id=f"taken-{k}", name=told, colour=line.colour, **line.more)
