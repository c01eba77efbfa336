"""The steps of a piece as JSON."""

from typing import Any

import numpy as np
import orjson

from ..core.work.step import Step
from ..core.work.work import Work

_OPTIONS = orjson.OPT_SERIALIZE_NUMPY


def work_bytes(work: Work) -> bytes:
    """Every step in the order of the work. `dots` and `marks` count those of this answer's own plan; `begin`, waits and
    `minutes` are minutes, `begin` from the start of the work.
    """
    return orjson.dumps(
        {
            "steps": [_step(work, place) for place in range(len(work.steps))],
            "minutes": round(work.minutes, 2),
            "hand_minutes": round(work.hand_minutes, 2),
            "tool_changes": work.timed.tools,
            "pot_changes": work.timed.pots,
            "refused": work.refused,
        },
        option=_OPTIONS,
    )


def _step(work: Work, place: int) -> dict[str, Any]:
    step, room = work.steps[place], work.room[place]
    piece = work.solved.piece
    paint = work.paint(step.shade) if step.shade >= 0 else None
    return {
        "id": step.id,
        "kind": step.kind,
        "row": piece.rows[step.row].id if step.row >= 0 else None,
        "trim": _trim(work, step),
        "half": step.half,
        "dots": step.dots,
        "marks": np.array(step.marks, np.int32),
        "tool": piece.tools[step.tool].id if step.tool >= 0 else None,
        "shade": step.shade if step.shade >= 0 else None,
        "loads": step.loads,
        "reloads": np.array(step.reloads, np.int32),
        "sitting": work.sitting[place],
        "begin": round(work.begins[place], 3),
        "minutes": [round(value, 3) for value in step.minutes],
        "after": [
            {"step": one.step, "wait": round(one.wait, 3), "state": one.state} for one in work.after.get(step.id, ())
        ],
        "within": [{"step": one.step, "minutes": round(one.minutes, 3)} for one in work.within.get(step.id, ())],
        "turntable": _degrees(room.turntable),
        "hand": room.hand,
        "wait": work.care[place].wait,
        "care": work.care[place].change,
        "stage": work.stages[place],
        "usual": round(work.usual[place], 3),
        "body": paint.body if paint else None,
        "medium": paint.medium if paint else None,
        "leaves": _leaves(work, step),
        "parts": _parts(work, place),
        "words": step.words,
        "cautions": step.cautions,
    }


def _leaves(work: Work, step: Step) -> list[dict[str, Any]]:
    return [
        {
            "state": one.state,
            "minutes": round(one.minutes, 3),
            "usual": None if one.usual is None else round(one.usual, 3),
            "frees": one.frees,
        }
        for one in work.leaves.get(step.id, ())
    ]


def _parts(work: Work, place: int) -> list[dict[str, Any]]:
    """A step that is done in one go has none, though it has a turn."""
    parts, turns = work.parts[place], work.room[place].turns
    return [{**part._asdict(), "turntable": _degrees(turn)} for part, turn in zip(parts, turns, strict=False)]


def _degrees(turn: float | None) -> float | None:
    return None if turn is None else round(turn, 1)


def _trim(work: Work, step: Step) -> str | None:
    return work.solved.piece.rows[step.row].all_trims[step.trim].id if step.row >= 0 and step.trim >= 0 else None
