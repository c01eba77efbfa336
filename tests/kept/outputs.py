"""What the program says, draws and prints for the kept documents, as figures and as text.

`outputs.json` holds for each output the figures of its numbers and a digest of its words and colours; `words.txt` is
what is said of each document, to be read. Both are what they are today: where an output changes on purpose, run
`python -m tests.kept.outputs` and read the difference before it is committed. Whether an output is right is asked by
other tests, each against something outside; these notice that one moved.
"""

import json
from collections.abc import Iterator
from contextlib import suppress
from dataclasses import fields, is_dataclass
from hashlib import sha256
from itertools import chain
from pathlib import Path
from typing import Any

import numpy as np
from orjson import loads

from fernring.core.document.changes import Change
from fernring.core.document.reading import read_piece
from fernring.core.document.work import Hand, Work
from fernring.core.errors import FitError
from fernring.core.plan import Plan, plan
from fernring.core.proposals.fits import what_fits
from fernring.core.proposals.next_row import next_row
from fernring.core.proposals.starting.compose import compose
from fernring.core.proposals.starting.recipe import recipes
from fernring.core.words.lengths import Units
from fernring.core.work.work import work
from fernring.formats.drawing import Primitive, within
from fernring.formats.pages import Stamp, furniture, spread
from fernring.formats.paper import Layout, Tile, Tiling
from fernring.formats.picture import picture
from fernring.formats.plan_json import plan_object
from fernring.formats.plan_text import plan_text
from fernring.formats.rows_csv import rows_csv
from fernring.formats.sheets.all import kinds_for
from fernring.formats.sheets.sheet import Choice, Sheet
from fernring.formats.summary_json import summary_bytes
from fernring.formats.work_json import work_bytes
from fernring.formats.written.booklet import booklet
from tests import kept

HERE = Path(__file__).parent
PROPOSED = 4  # for every how-manyeth document proposals are held too
LAYOUTS = {"A4": Layout("A4"), "Letter across": Layout("Letter", "across", overlap=15.0, across=1.01)}
CHOICES = (
    Work(),
    Work(petals="one by one", erase="after the first rows", coat="resin", backing="cork", seal_base=True, warmth=27.0,
         hand=Hand(side="left")),
)  # fmt: skip
DRAWN = dict.fromkeys(("dots", "marks"))  # held by plans.json to a millionth of a millimetre


def plans() -> Iterator[tuple[str, Plan]]:
    for value in kept.documents(1):
        if value["format"] == "fernring.piece":
            yield value["name"], plan(read_piece(value))


def outputs(name: str, found: Plan) -> dict[str, list[Any]]:
    """Each output by its name: how many numbers, two sums over them, and the digest of the rest."""
    units: Units = "inch" if len(name) % 2 else "mm"
    solved = found.solved
    parts: dict[str, Any] = {
        "plan": plan_object(found) | DRAWN,
        "picture": picture(solved),
        "booklet": booklet(solved, units, "revision 3", "1 January 2030"),
        "steps": loads(work_bytes(work(solved.piece.model_copy(update={"work": CHOICES[len(name) % 2]})))),
    }
    stamp = Stamp(solved.piece, "revision 3", "1 January 2030", units)
    for kind in kinds_for(solved):
        sheet = kind.make(solved, Choice(units=units, margin=3.0, count=4))
        parts[f"sheet {kind.id}"] = sheet
        for words, layout in LAYOUTS.items():
            tiling = spread(sheet.drawing, layout)
            parts[f"sheet {kind.id} on {words}"] = [
                (furniture(sheet, stamp, tiling, tile, number), _seen(sheet, tiling, tile))
                for number, tile in enumerate(tiling.tiles, 1)
            ]
    return {f"{name}: {part}": figures(value) for part, value in parts.items()}


def _seen(sheet: Sheet, tiling: Tiling, tile: Tile) -> list[Primitive]:
    """What a page carries of the drawing."""
    right, low = tile.left + tiling.window_width, tile.top + tiling.window_height
    return within(sheet.drawing.primitives, tile.left, tile.top, right, low)


def proposals(name: str, found: Plan) -> dict[str, list[Any]]:
    """What is proposed for a document: another middle row, a next row, rows instead of its own."""
    piece = found.solved.piece
    row = len(piece.rows) // 2
    parts: dict[str, Any] = {f"fits {row}": what_fits(piece, row)}
    with suppress(FitError):
        parts["next row"] = next_row(piece).model_dump(mode="json")
    return {f"{name}: {part}": figures(value) for part, value in parts.items()}


def beginnings() -> dict[str, list[Any]]:
    """Every starting pattern on one of two blanks, with the paints and tools of the first kept document."""
    first = read_piece(kept.documents(1)[0])
    blanks = {"oval": {"kind": "oval", "length": 130, "width": 95}, "round": {"kind": "round", "diameter": 84}}
    bare = first.model_dump(mode="json") | {"rows": [], "ramps": [], "accepted": []}
    found = {}
    for k, recipe in enumerate(recipes()):
        words = ("oval", "round")[k % 2]
        piece = read_piece({**bare, "segments": 10, "blank": {**bare["blank"], "outline": blanks[words]}})
        found[f"{recipe.id} on {words}"] = figures(compose(piece, recipe).model_dump(mode="json"))
    return found


def words(name: str, found: Plan) -> str:
    """What is said of a document, one thing a line."""
    solved = found.solved
    pattern = booklet(solved, "mm" if len(name) % 2 else "inch", "revision 3", "1 January 2030")
    steps = chain.from_iterable((step.heading, *step.sentences) for step in pattern.steps)
    ideas = [
        f"{verdict.severity} {verdict.key} {verdict.rows} {len(verdict.dots)}: "
        + " | ".join(", ".join(idea.label for idea in way) for way in verdict.ways)
        for verdict in found.verdicts
    ]
    summary = summary_bytes(solved.piece).decode()
    return "\n".join([f"== {name}", plan_text(found), rows_csv(solved), *steps, *ideas, summary, ""])


def figures(value: Any) -> list[Any]:
    """How many numbers, their sums times cos k and sin k, and the digest of everything else."""
    numbers: list[float] = []
    rest = sha256()
    for part in _flat(value):
        if isinstance(part, np.ndarray):
            numbers += part.ravel().astype(float).tolist()
        elif isinstance(part, int | float) and not isinstance(part, bool):
            numbers.append(float(part))
        else:
            rest.update(f"{part}\n".encode())
    column = np.nan_to_num(np.array(numbers, dtype=float), posinf=1e4, neginf=-1e4)
    k = np.arange(len(column))
    return [len(column), *(round(float(column @ wave), 7) for wave in (np.cos(k), np.sin(k))), rest.hexdigest()[:16]]


def _flat(value: Any) -> Iterator[Any]:
    if is_dataclass(value):
        for one in fields(value):
            yield from _flat(getattr(value, one.name))
    elif isinstance(value, Change):
        yield from _flat(value.model_dump(mode="json"))
    elif isinstance(value, dict):
        for key, one in value.items():
            yield key
            yield from _flat(one)
    elif isinstance(value, list | tuple):
        for one in value:
            yield from _flat(one)
    else:
        yield value


def recorded() -> tuple[dict[str, list[Any]], str]:
    known = json.loads((HERE / "outputs.json").read_text(encoding="utf-8"))
    return known, (HERE / "words.txt").read_text(encoding="utf-8")


if __name__ == "__main__":
    every = list(plans())
    made = {key: value for name, found in every for key, value in outputs(name, found).items()}
    made |= {key: value for name, found in every[::PROPOSED] for key, value in proposals(name, found).items()}
    made |= beginnings()
    lines = ",\n".join(f"{json.dumps(key)}: {json.dumps(value)}" for key, value in made.items())
    (HERE / "outputs.json").write_text(f"{{\n{lines}\n}}\n", encoding="utf-8")
    (HERE / "words.txt").write_text("".join(words(name, found) for name, found in every), encoding="utf-8", newline="")
