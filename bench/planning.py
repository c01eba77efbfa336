"""Plan to JSON beside the straightforward ways: numpy with a k-d tree and validated objects, and plain loops.

All answer the same columns of the same dots and the same touching pairs, and it is seen that they do. The others are
told what a row solved comes to, down to the order of the hand; the plan works it out, with verdicts, guides and sums.
"""

import json
from dataclasses import dataclass
from functools import partial
from math import cos, log, pi, sin
from typing import Any

import numpy as np
import orjson
from pydantic import BaseModel
from scipy.spatial import cKDTree

from fernring.core.advice.crowd import crowded
from fernring.core.document.distance import AtWalk
from fernring.core.document.piece import Piece
from fernring.core.dots.hand import ring_ranks
from fernring.core.plan import plan
from fernring.formats.plan_json import plan_bytes
from tests.samples import large

from .timing import medians, share

GAP = 0.3


class Dot(BaseModel):
    x: float
    y: float
    r: float
    row: int
    place: int
    member: int
    tool: int
    level: int
    shade: int
    hand: int
    trim: int
    below: int


class Answer(BaseModel):
    dots: list[Dot]
    touching: list[tuple[int, int]]


def run() -> bool:
    good = True
    for dots, limit in ((5_000, 0.6), (20_000, 0.4)):
        clear = large(40, dots, nested=False)
        for what, piece in (("", clear), (", two rows touching", _touching(clear))):
            rings = _rings(piece)
            require_alike(piece, rings)
            tasks = {
                "ours": partial(ours, piece),
                "straight": partial(straightforward, rings),
                "loops": partial(loops, rings),
            }
            times = medians(tasks, 9)
            good &= share(f"{dots:,} dots{what}: numpy, k-d tree, objects", times["ours"], times["straight"], limit)
            good &= share(f"{dots:,} dots{what}: plain Python loops", times["ours"], times["loops"], 0.1)
    return good & _growth()


def _touching(piece: Piece) -> Piece:
    """One row moved out into the next."""
    row = piece.rows[20]
    moved = AtWalk(walk=row.distance.walk + 0.9) if isinstance(row.distance, AtWalk) else row.distance
    return piece.model_copy(
        update={"rows": (*piece.rows[:20], row.model_copy(update={"distance": moved}), *piece.rows[21:])}
    )


def _growth() -> bool:
    """From 12,500 to 50,000 dots no worse than n log n."""
    few, many = 12_500, 50_000
    times = medians({str(n): partial(ours, large(40, n, nested=False)) for n in (few, many)}, 5)
    wanted = many * log(many) / (few * log(few))
    return share("from 12,500 to 50,000 dots, over n log n", times[str(many)] / times[str(few)], wanted, 1.0)


def ours(piece: Piece) -> bytes:
    return plan_bytes(plan(piece))


@dataclass(frozen=True)
class Ring:
    """A row solved: walk and radius (mm), places, angle of the first (rad), shade, tool, and the order of the hand."""

    walk: float
    radius: float
    n: int
    first: float
    shade: int
    tool: int
    hand: list[int]


def _rings(piece: Piece) -> list[Ring]:
    found = plan(piece)
    shade, tool = found.dots.shade, found.dots.tool
    return [
        Ring(
            row.walk,
            row.diameters[0] / 2,
            row.n,
            row.first_rad,
            int(shade[begin]),
            int(tool[begin]),
            ring_ranks(row.n).tolist(),
        )
        for row, begin in zip(found.solved.rows, found.solved.first, strict=False)
    ]


def straightforward(rings: list[Ring]) -> str:
    columns: list[np.ndarray] = []
    begin = 0
    for row, ring in enumerate(rings):
        place = np.arange(ring.n)
        a = ring.first + place * 2 * pi / ring.n
        x, y = ring.walk * np.sin(a), -ring.walk * np.cos(a)
        same = [np.full(ring.n, value) for value in (ring.radius, row, ring.shade, ring.tool)]
        columns.append(np.stack((x, y, *same, place, np.array(ring.hand), place + begin), axis=1))
        begin += ring.n
    dots = np.concatenate(columns)
    pairs = cKDTree(dots[:, :2]).query_pairs(2 * dots[:, 2].max() + GAP, output_type="ndarray")
    i, j = pairs[:, 0], pairs[:, 1]
    close = np.hypot(*(dots[i, :2] - dots[j, :2]).T) < dots[i, 2] + dots[j, 2] + GAP - 1e-6
    objects = [
        Dot(
            x=x,
            y=y,
            r=r,
            row=int(row),
            place=int(place),
            member=0,
            tool=int(tool),
            level=1,
            shade=int(shade),
            hand=int(hand),
            trim=-1,
            below=int(below),
        )
        for x, y, r, row, shade, tool, place, hand, below in dots.tolist()
    ]
    return Answer(dots=objects, touching=[(int(a), int(b)) for a, b in pairs[close]]).model_dump_json()


def loops(rings: list[Ring]) -> str:
    dots: list[tuple[float, float, float]] = []
    objects: list[dict[str, Any]] = []
    for row, ring in enumerate(rings):
        begin = len(dots)
        for k in range(ring.n):
            a = ring.first + k * 2 * pi / ring.n
            x, y = ring.walk * sin(a), -ring.walk * cos(a)
            dots.append((x, y, ring.radius))
            objects.append(
                {
                    "x": round(x, 4),
                    "y": round(y, 4),
                    "r": ring.radius,
                    "row": row,
                    "place": k,
                    "member": 0,
                    "tool": ring.tool,
                    "level": 1,
                    "shade": ring.shade,
                    "hand": ring.hand[k],
                    "trim": -1,
                    "below": begin + k,
                }
            )
    return json.dumps({"dots": objects, "touching": _hashed(dots)})


def _hashed(dots: list[tuple[float, float, float]]) -> list[tuple[int, int]]:
    """Pairs closer than the gap, by cells as wide as two of the widest dots."""
    cell = 2 * max(radius for _, _, radius in dots) + GAP
    cells: dict[tuple[int, int], list[int]] = {}
    for k, (x, y, _) in enumerate(dots):
        cells.setdefault((int(x // cell), int(y // cell)), []).append(k)
    touching = []
    for k, (x, y, r) in enumerate(dots):
        cx, cy = int(x // cell), int(y // cell)
        for dx in (-1, 0, 1):
            for dy in (-1, 0, 1):
                for other in cells.get((cx + dx, cy + dy), ()):
                    ox, oy, o = dots[other]
                    if other > k and (x - ox) ** 2 + (y - oy) ** 2 < (r + o + GAP - 1e-6) ** 2:
                        touching.append((k, other))
    return touching


def require_alike(piece: Piece, rings: list[Ring]) -> None:
    """All three answer alike: every column of every dot, and the touching pairs."""
    mine = orjson.loads(ours(piece))["dots"]
    pairs = crowded(plan(piece).solved)
    touching = sorted(zip(pairs.i.tolist(), pairs.j.tolist(), strict=True))
    for other in (straightforward(rings), loops(rings)):
        answer = orjson.loads(other)
        theirs = {name: [dot[name] for dot in answer["dots"]] for name in Dot.model_fields}
        for name, column in theirs.items():
            if not np.allclose(column, mine[name], rtol=0, atol=1e-4):
                raise AssertionError(f"the others answer another {name}")
        if sorted(map(tuple, answer["touching"])) != touching:
            raise AssertionError("the others find other dots that touch")
