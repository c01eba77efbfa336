"""Plan to JSON beside the straightforward ways: numpy with a k-d tree and validated objects, and plain loops."""

import json
from functools import partial
from math import cos, log, pi, sin
from typing import Any

import numpy as np
from pydantic import BaseModel
from scipy.spatial import cKDTree

from fernring.core.document.piece import Piece
from fernring.core.plan import plan
from fernring.formats.plan_json import plan_bytes
from tests.samples import large

from .timing import medians, share


class Dot(BaseModel):
    x: float
    y: float
    z: float
    radius: float
    row: int
    place: int


class Answer(BaseModel):
    dots: list[Dot]
    touching: list[tuple[int, int]]


def run() -> bool:
    good = True
    for dots, limit in ((5_000, 0.6), (20_000, 0.4)):
        piece = large(40, dots, nested=False)
        rings = _rings(piece)
        tasks = {
            "ours": partial(ours, piece),
            "straight": partial(straightforward, rings),
            "loops": partial(loops, rings),
        }
        times = medians(tasks, 5)
        good &= share(f"{dots:,} dots, beside numpy, k-d tree and objects", times["ours"], times["straight"], limit)
        good &= share(f"{dots:,} dots, beside plain Python loops", times["ours"], times["loops"], 0.1)
    return good & _growth()


def _growth() -> bool:
    """From 12,500 to 50,000 dots no worse than n log n."""
    few, many = 12_500, 50_000
    times = medians({str(n): partial(ours, large(40, n, nested=False)) for n in (few, many)}, 5)
    wanted = many * log(many) / (few * log(few))
    return share("from 12,500 to 50,000 dots, over n log n", times[str(many)] / times[str(few)], wanted, 1.0)


def ours(piece: Piece) -> bytes:
    return plan_bytes(plan(piece))


def _rings(piece: Piece) -> list[tuple[float, int, float]]:
    """Walk, places and radius of each row."""
    return [(row.walk, len(row.x), row.diameters[0] / 2) for row in plan(piece).laid.rows]


def straightforward(rings: list[tuple[float, int, float]]) -> str:
    columns: list[np.ndarray] = []
    for row, (walk, n, radius) in enumerate(rings):
        a = np.arange(n) * 2 * pi / n
        columns.append(np.stack((walk * np.sin(a), -walk * np.cos(a), np.full(n, radius), np.full(n, row)), axis=1))
    dots = np.concatenate(columns)
    pairs = cKDTree(dots[:, :2]).query_pairs(2 * dots[:, 2].max() + 0.3, output_type="ndarray")
    i, j = pairs[:, 0], pairs[:, 1]
    close = np.hypot(*(dots[i, :2] - dots[j, :2]).T) < dots[i, 2] + dots[j, 2] + 0.3 - 1e-6
    objects = [Dot(x=x, y=y, z=0, radius=r, row=int(row), place=k) for k, (x, y, r, row) in enumerate(dots.tolist())]
    return Answer(dots=objects, touching=[(int(a), int(b)) for a, b in pairs[close]]).model_dump_json()


def loops(rings: list[tuple[float, int, float]]) -> str:
    dots: list[tuple[float, float, float]] = []
    objects: list[dict[str, Any]] = []
    for row, (walk, n, radius) in enumerate(rings):
        for k in range(n):
            x, y = walk * sin(k * 2 * pi / n), -walk * cos(k * 2 * pi / n)
            dots.append((x, y, radius))
            objects.append({"x": round(x, 4), "y": round(y, 4), "r": radius, "row": row, "place": k})
    widest = max(radius for _, _, radius in dots)
    cell = 2 * widest + 0.3
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
                    if other > k and (x - ox) ** 2 + (y - oy) ** 2 < (r + o + 0.3 - 1e-6) ** 2:
                        touching.append((k, other))
    return json.dumps({"dots": objects, "touching": touching})
