"""Pieces of the demo studio at every stage: some are planned, some drying, one is done.

Their logbooks are told as a page at the table would, so long before the demo is opened as the data says.
"""

import sqlite3
from collections.abc import Collection, Iterator
from functools import cache
from hashlib import sha256
from importlib.resources import files
from typing import Any

import orjson

from ..core.document.changes import changed
from ..core.document.piece import Piece
from ..core.logbook.events import Event
from ..core.proposals.painted import begun
from ..core.words.lengths import said
from ..core.work.work import Work, work
from ..store import happenings

PAGE = "d" * 32
DEVICE = "the studio's machine"
MOST_FREED, MOST_NEEDS = 12, 12


@cache
def stages() -> Any:
    return orjson.loads(files(__package__).joinpath("stages.json").read_bytes())


def at_its_stage(piece: Piece) -> tuple[Piece, Work | None, int]:
    """The piece with what is painted of it by now, its steps, and how many of them are done; no steps where it was not
    begun."""
    stage = stages()["pieces"].get(piece.name)
    if stage is None:
        return piece, None, 0
    steps = work(piece)
    count = _count(steps, stage)
    rows: dict[str, Collection[str]] = {}
    for step in steps.steps[:count]:
        if step.row >= 0 and (len(step.dots) or step.marks):
            row = piece.rows[step.row]
            trims = {row.all_trims[step.trim].id} if step.trim >= 0 else set()
            rows[row.id] = {*rows.get(row.id, ()), *trims}
    return changed(piece, begun(piece, rows)), steps, count


def tell(db: sqlite3.Connection, document: str, piece: Piece, steps: Work, count: int, now: float) -> None:
    """The logbook of a piece of which so many steps are done, up to `now` (seconds since 1970)."""
    stage = stages()["pieces"][piece.name]
    ended = [begin + step.minutes.mean for begin, step in zip(steps.begins, steps.steps, strict=True)]
    begin = now - 60 * (stage["ago"] + ended[count - 1])
    told = [(0.0, {"kind": "lead", "name": DEVICE}), (0.0, {"kind": "sit"})]
    told += [(ended[k], _done(steps, k)) for k in range(count)]
    told += list(_happened(piece, steps, ended, count))
    for number, (minutes, what) in enumerate(sorted(told, key=lambda one: one[0])):
        ident = sha256(f"{document} {number}".encode()).hexdigest()[:32]
        event = Event.model_validate({"id": ident, "page": PAGE, "what": what})
        happenings.add(db, document, ident, begin + 60 * minutes, event.model_dump_json())


def _count(steps: Work, stage: dict[str, Any]) -> int:
    if "before" in stage:
        return steps.stages.index(stage["before"])
    return len(steps.steps) if stage.get("all") else round(stage["share"] * len(steps.steps))


def _done(steps: Work, k: int) -> dict[str, Any]:
    step, last = steps.steps[k], len(steps.steps) - 1
    after = min(k + 1, last)
    dries = [
        {"state": one.state, "minutes": one.minutes, "usual": one.usual, "frees": _frees(steps, one.frees, k)}
        for one in steps.leaves.get(step.id, ())
    ]
    paint = steps.paint(step.shade) if step.shade >= 0 else None
    return {
        "kind": "done", "step": step.id, "words": said(step.words, "mm")[:400], "kind_of_step": step.kind,
        "usual": steps.usual[k], "dries": dries, **({"body": paint.body, "medium": paint.medium} if paint else {}),
        "next": {
            "last": steps.stages[k], "stage": "done" if k == last else steps.stages[after], "left": last - k,
            "sitting": steps.sitting[after], "sittings": steps.sitting[-1],
            "wait": max(steps.begins[after] - steps.begins[k] - step.minutes.mean, 0.0),
        },
    }  # fmt: skip


def _frees(steps: Work, waiting: Collection[str], k: int) -> list[dict[str, Any]]:
    """The steps that wait for what the k-th leaves, with what else they need that is not there yet."""
    done = {one.id for one in steps.steps[: k + 1]}
    found = []
    for step in steps.steps:
        if step.id in waiting:
            needs = [one for one in steps.after[step.id] if one.state is not None or one.step not in done]
            told = [{"step": one.step, "state": one.state} for one in needs]
            found.append({"step": step.id, "words": said(step.words, "mm")[:400], "needs": told})
    return [one for one in found if len(one["needs"]) <= MOST_NEEDS][:MOST_FREED]


def _happened(piece: Piece, steps: Work, ended: list[float], count: int) -> Iterator[tuple[float, dict[str, Any]]]:
    for one in stages()["happened"].get(piece.name, ()):
        k = min(round(one["share"] * count), count - 1)
        rest = {name: one[name] for name in ("what", "where", "note")}
        yield ended[k] + 0.1, {"kind": "happened", "step": steps.steps[k].id, **rest}
