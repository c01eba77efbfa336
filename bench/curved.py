"""The plan of 5,000 dots on curved blanks beside the flat one, and the geometry of a rough outline."""

from functools import partial

import numpy as np

from fernring.core.document.blank import Blank
from fernring.core.document.piece import Piece
from fernring.core.geometry.outline import centres, inset, shapes
from fernring.core.plan import plan
from fernring.formats.plan_json import plan_bytes
from tests.samples import large

from .timing import figure, medians, share

RELIEFS = {
    "flat": {"kind": "flat"},
    "dome": {"kind": "dome", "rise": 120},
    "ball": {"kind": "ball"},
    "egg": {"kind": "egg", "length": 1000, "widest": 520},
}


def run() -> bool:
    tasks = {name: partial(_planned, _on(relief)) for name, relief in RELIEFS.items()}
    times = medians(tasks, 9)
    good = True
    for name in ("dome", "ball", "egg"):
        good &= share(f"5,000 dots on a {name}, beside flat", times[name], times["flat"], 2.0)
    return good & _rough()


def _on(relief: dict[str, object]) -> Piece:
    blank = Blank.model_validate({"outline": {"kind": "round", "diameter": 800}, "relief": relief})
    return large(40, 5_000).model_copy(update={"blank": blank})


def _planned(piece: Piece) -> bytes:
    return plan_bytes(plan(piece))


def _rough() -> bool:
    angle = np.arange(2000) * 2 * np.pi / 2000
    radius = 55 + 6 * np.sin(3 * angle + 1) + 2 * np.sin(7 * angle) + 0.01 * np.sin(211 * angle)
    x, y = radius * np.sin(angle), -radius * np.cos(angle)

    def calculated() -> None:
        corners = inset.simplified(shapes.odd(x.tolist(), y.tolist()), 0.02)
        inset.inset(corners, 4)
        centres.candidates(corners)

    return figure(
        "inset and centres of an outline of 2,000 points", medians({"rough": calculated}, 9)["rough"], "ms", 50
    )
