"""20,000 dots with petals and top dots, beside plain Python loops that walk every petal for itself."""

import json
from functools import partial
from math import cos, log, pi, sin

from fernring.core.document.piece import Piece
from fernring.core.plan import plan
from fernring.formats.plan_json import plan_bytes
from tests import patterns, samples

from .timing import figure, medians, share


def run() -> bool:
    piece = _petals(20_000)
    dots = len(plan(piece).dots)
    times = medians({"ours": partial(_planned, piece), "loops": partial(_loops, piece)}, 5)
    good = figure(f"{dots:,} dots with trims, planned", times["ours"], "ms", 200)
    good &= share(f"{dots:,} dots with trims, beside plain Python loops", times["ours"], times["loops"], 0.2)
    few, many = _petals(12_500), _petals(50_000)
    n, m = len(plan(few).dots), len(plan(many).dots)
    times = medians({"few": partial(_planned, few), "many": partial(_planned, many)}, 5)
    wanted = m * log(m) / (n * log(n))
    return good & share(f"from {n:,} to {m:,} dots, over n log n", times["many"] / times["few"], wanted, 1.0)


def _planned(piece: Piece) -> bytes:
    return plan_bytes(plan(piece))


def _petals(dots: int) -> Piece:
    """Rings of 48 blossoms, each a dot with a walked petal and a top dot, far enough apart."""
    rows = []
    for k in range(max(dots // (48 * 16), 1)):
        trims = [patterns.walk(1.0, load="each"), patterns.top(2.0)]
        rows.append(patterns.row(f"r{k}", 4.6, distance=patterns.at(62 + 7.5 * k), trims=trims))
    bare = samples.piece(diameter=1000, segments=48).model_dump(mode="json")
    return patterns.read({**bare, "rows": rows})


def _loops(piece: Piece) -> str:
    """The same dots without sharing or arrays: every petal rolled, every dot checked against a cell hash."""
    from fernring.core.rows.trims.roll import down_one_side, sizes

    cells: dict[tuple[int, int], list[tuple[float, float, float]]] = {}
    touching = 0
    objects = []
    for row in plan(piece, verdicts=False).solved.rows:
        for k in range(len(row.own_dots.x)):
            a = k * 2 * pi / len(row.own_dots.x)
            host, radius = row.diameters[0] / 2, 0.5
            first = (0.0, host + radius + 0.15, radius)
            right, _ = down_one_side([(0.0, 0.0, host)], first, sizes(radius, 1.0, None), 0.15, [], 60)
            petal = [(0.0, 0.0, host), first, *right, *((-u, v, r) for u, v, r in right)]
            for u, v, r in petal:
                x = (row.walk + v) * sin(a) + u * cos(a)
                y = -(row.walk + v) * cos(a) + u * sin(a)
                touching += _near(cells, x, y, r)
                cells.setdefault((int(x // 5), int(y // 5)), []).append((x, y, r))
                objects.append({"x": round(x, 4), "y": round(y, 4), "r": r, "row": row.index, "level": 1})
            objects.append({"x": petal[0][0], "y": petal[0][1], "r": 1.0, "row": row.index, "level": 2})
    return json.dumps({"dots": objects, "touching": touching})


def _near(cells: dict[tuple[int, int], list[tuple[float, float, float]]], x: float, y: float, r: float) -> int:
    cx, cy = int(x // 5), int(y // 5)
    near = (d for i in (-1, 0, 1) for j in (-1, 0, 1) for d in cells.get((cx + i, cy + j), ()))
    return sum((ox - x) ** 2 + (oy - y) ** 2 < (o + r + 0.3) ** 2 for ox, oy, o in near)
