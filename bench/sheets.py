"""Practice sheets from photographs: dots found, their sizes and places, on seeds of its own."""

import time
from concurrent.futures import ProcessPoolExecutor
from dataclasses import dataclass, field

import numpy as np

from fernring.core.practice.sheet import PracticeSheet, Practised, blocks
from fernring.standins.camera.hand import Painted
from fernring.standins.camera.sheets import sheet_shot
from fernring.vision.intake import picture
from fernring.vision.sheet import Seen, number_of, sheet_read

from .timing import figure

SHEETS, FIRST, TOOLS = 60, 70_000, 4
LEAST, MOST = 0.8, 8.0  # dots, mm


@dataclass
class Read:
    """`off` are errors of diameters (mm); `spreads` pairs of the spread that was read and the true one (mm)."""

    true: int
    found: int
    invented: int
    seconds: float
    off: list[float] = field(default_factory=list)
    spreads: list[tuple[float, float]] = field(default_factory=list)
    swipes: list[float] = field(default_factory=list)


def run() -> bool:
    with ProcessPoolExecutor(2) as pool:
        read = list(pool.map(_one, range(SHEETS)))
    true, found = sum(one.true for one in read), sum(one.found for one in read)
    off = np.array([error for one in read for error in one.off])
    spreads = np.array([pair for one in read for pair in one.spreads])
    good = figure(f"of {true:,} dots and swipes found", 100 * found / true, "%", None, 99)
    good &= figure("invented, on all sheets", sum(one.invented for one in read), "", 1)
    good &= figure("diameters, 95th percentile of the error", 1000 * float(np.quantile(np.abs(off), 0.95)), "um", 150)
    good &= figure("diameters, bias", 1000 * abs(float(off.mean())), "um", 50)
    wrong = np.abs(spreads[:, 0] / spreads[:, 1] - 1)
    good &= figure("spread of places, worst error of a sheet", 100 * float(wrong.max()), "%", 5)
    figure("length of swipes, median error", float(np.median([error for one in read for error in one.swipes])), "mm")
    figure("to read one, median", float(np.median([one.seconds for one in read])), "s")
    return good


def _one(k: int) -> Read:
    seed = FIRST + k
    sizes = np.exp(np.random.default_rng(seed).uniform(np.log(LEAST), np.log(MOST), TOOLS)).round(1)
    tools = tuple(Practised(tool=f"tool-{n}", name=f"Tool {n}", dot=float(size)) for n, size in enumerate(sizes))
    sheet = PracticeSheet(number=1 + k, tools=tools, day="2026-11-27")
    shot = sheet_shot(sheet, seed)
    began = time.perf_counter()
    taken = picture(shot.jpeg)
    assert number_of(taken) == sheet.number
    seen = sheet_read(taken, sheet).seen
    read = Read(0, 0, 0, time.perf_counter() - began)
    at = np.array([[one.x, one.y] for one in seen])
    middles = np.array([_middle(one) for one in shot.true])
    far = np.hypot(*(at[:, None] - middles[None]).transpose(2, 0, 1))
    pairs = []
    for n, one in enumerate(shot.true):
        if one.smudged:
            continue
        read.true += 1
        near = int(far[:, n].argmin())
        if far[near, n] > (one.diameter / 2 if one.tail is None else _long(one) / 2):
            continue
        read.found += 1
        if one.tail is None:
            read.off.append(seen[near].diameter - one.diameter)
            pairs.append((seen[near], one))
        elif seen[near].length is not None:
            read.swipes.append(abs(float(seen[near].length or 0) - _long(one)))
    reach = np.array([one.diameter / 2 if one.tail is None else _long(one) for one in shot.true])
    dots = np.array([not one.smudged for one in seen])
    read.invented = int(((far > reach[None]).all(axis=1) & dots).sum())
    read.spreads.append(_spreads(sheet, pairs))
    return read


def _spreads(sheet: PracticeSheet, pairs: list[tuple[Seen, Painted]]) -> tuple[float, float]:
    """Deviation of the places from their targets, of what was read and of what is on the sheet (mm)."""
    every = blocks(sheet)
    goals = np.array([every[one.block].places[one.target] for _, one in pairs])
    read, true = (np.array([[one.x, one.y] for one in part]) - goals for part in zip(*pairs, strict=True))
    return float((read - read.mean(axis=0)).std()), float((true - true.mean(axis=0)).std())


def _middle(one: Painted) -> tuple[float, float]:
    return (one.x, one.y) if one.tail is None else ((one.x + one.tail[0]) / 2, (one.y + one.tail[1]) / 2)


def _long(one: Painted) -> float:
    assert one.tail is not None
    return float(np.hypot(one.tail[0] - one.x, one.tail[1] - one.y)) + one.diameter / 2
