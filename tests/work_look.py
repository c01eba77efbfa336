"""A look at the steps of a piece by somebody who knows nothing of how they are found: contact, wet paint, coats, tools.

Reads the plan, the answer's own times and the table of drying times; nothing of core/work.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any

import numpy as np
from scipy.spatial import cKDTree

from fernring.core.document.shelf import HEIGHT, Paint
from fernring.core.rows.trims.swipe import SwipeTrim
from fernring.core.tables import table
from tests.patterns import Document

DEEP = 0.05  # mm of an overlap that everybody sees
NEAR = 1e-5  # mm
FOLLOWS = ("pull", "swirl")


@dataclass(frozen=True)
class Thing:
    """A dot or mark: its discs (n, 4), and when its step begins and ends (minutes)."""

    name: str
    discs: np.ndarray
    row: int
    host: int
    back: bool
    level: int
    trim: int
    layer: int
    tail: bool
    shade: int
    begins: float
    ends: float
    wide: float


def seen(work: Any) -> list[str]:
    """What is wrong, in words."""
    things = list(_things(work))
    return [*_contacts(work, things), *_wiped(work, things), *_coated(work), *_tooled(work), *_together(work)]


def _things(work: Any) -> Iterator[Thing]:
    solved = work.solved
    dots, back = solved.dots, solved.back
    step_of_dot = {int(dot): k for k, step in enumerate(work.steps) for dot in step.dots}
    step_of_mark = {mark: k for k, step in enumerate(work.steps) for mark in step.marks}

    def times(k: int) -> tuple[float, float]:
        return work.begins[k], work.begins[k] + work.steps[k].minutes.mean

    for dot in np.flatnonzero(dots.level > 0).tolist():
        disc = np.array([[dots.x[dot], dots.y[dot], dots.z[dot], dots.radius[dot]]])
        yield Thing(
            f"dot {dot}", disc, int(dots.row[dot]), int(dots.host[dot]), bool(back[dot]), int(dots.level[dot]),
            int(dots.trim[dot]), int(dots.layer[dot]), False, int(dots.shade[dot]), *times(step_of_dot[dot]),
            float(2 * dots.radius[dot]),
        )  # fmt: skip
    for number, one in enumerate(solved.marked):
        if one.mark.glued:
            continue
        mark, host = one.mark, one.dot
        discs = np.column_stack((mark.spine, mark.rise, mark.girth))
        level = max(int(dots.level[host]), 1)
        tail = one.pulled and dots.level[host] > 0
        on = (
            not tail
            and dots.level[host] > 0
            and np.hypot(*(mark.spine[0] - (dots.x[host], dots.y[host]))) < dots.radius[host]
        )
        yield Thing(
            f"mark {number}", discs, one.row, int(dots.host[host]), one.back, level + on,
            int(dots.trim[host]) if tail else mark.trim, int(dots.layer[host]) if tail else 0, tail, one.shade,
            *times(step_of_mark[number]), 2 * float(mark.girth.max()),
        )  # fmt: skip


def _contacts(work: Any, things: list[Thing]) -> Iterator[str]:
    solved = work.solved
    discs = np.concatenate([one.discs for one in things]) if things else np.empty((0, 4))
    of = np.repeat(np.arange(len(things)), [len(one.discs) for one in things])
    if not len(discs):
        return
    widest = float(discs[:, 3].max())
    pairs = cKDTree(discs[:, :3]).query_pairs(2 * widest, output_type="ndarray")
    pairs = pairs[of[pairs[:, 0]] != of[pairs[:, 1]]]
    apart = np.linalg.norm(discs[pairs[:, 0], :3] - discs[pairs[:, 1], :3], axis=1)
    clear = apart - discs[pairs[:, 0], 3] - discs[pairs[:, 1], 3]
    worst: dict[tuple[int, int], float] = {}
    for (i, j), gap in zip(of[pairs].tolist(), clear.tolist(), strict=True):
        key = (min(i, j), max(i, j))
        worst[key] = min(worst.get(key, np.inf), gap)
    for (i, j), gap in worst.items():
        one, other = things[i], things[j]
        if one.back != other.back:
            continue
        laid = [solved.rows[thing.row].laid and solved.rules[thing.row].laid for thing in (one, other)]
        if any(laid):
            if all(laid) or gap >= -DEEP:
                continue
            line, dot = (one, other) if laid[0] else (other, one)
            under = "under" in laid
            yield from _waits(work, *((dot, line) if under else (line, dot)), dry=True)
        elif one.level != other.level:
            if gap < -DEEP:
                low, high = sorted((one, other), key=lambda thing: thing.level)
                yield from _waits(work, high, low, dry=True)
        elif one.row == other.row and one.host == other.host and gap <= NEAR:
            low, high = sorted((one, other), key=lambda thing: (thing.trim, thing.layer, thing.tail))
            if (low.trim, low.layer, low.tail) != (high.trim, high.layer, high.tail):
                yield from _waits(work, high, low)
        elif (
            one.row != other.row
            and gap <= NEAR
            and not any(solved.piece.rows[k].boundary for k in (one.row, other.row))
        ):
            low, high = sorted((one, other), key=lambda thing: thing.row)
            yield from _waits(work, high, low)


def _waits(work: Any, later: Thing, first: Thing, dry: bool = False) -> Iterator[str]:
    least = least_dry(work, first) if dry else 0.0
    if later.begins < first.ends + least - 1e-6 and (dry or later.begins != first.begins):
        yield f"{later.name} of row {later.row} does not wait for {first.name} of row {first.row} (dry: {dry})"


def least_dry(work: Any, thing: Thing) -> float:
    """What a dot of this size takes at least before something may lie on it (minutes)."""
    facts = table("drying.json")
    paint = work.solved.palette.paints[thing.shade] or Paint(id="b", name="b", colour="#000000")
    height = HEIGHT[paint.body] * thing.wide
    return float(facts["least_top"] * (height / facts["height"]) ** facts["power"])


def _wiped(work: Any, things: list[Thing]) -> Iterator[str]:
    """A damp swab goes over nothing wet."""
    for step, begin in zip(work.steps, work.begins, strict=True):
        if step.id == "erase":
            for one in things:
                if one.ends <= begin < one.ends + least_dry(work, one) - 1e-6:
                    yield f"{one.name} of row {one.row} is wet when the guides are wiped"


def _coated(work: Any) -> Iterator[str]:
    """Nothing is painted on a coat of the whole piece that is wet, no coat over another, and none over wet dots."""
    last, wet = "", 0.0
    for step, begin in zip(work.steps, work.begins, strict=True):
        if begin < wet - 1e-6 and step.over is None:
            yield f"{step.id} comes on {last}, which is wet"
        if step.coat and step.over is None:
            last, wet = step.id, begin + step.minutes.mean + 10.0


def _tooled(work: Any) -> Iterator[str]:
    """Every dot is set with its own tool, every mark with its trim's."""
    tools = [tool.id for tool in work.solved.piece.tools]
    for step in work.steps:
        strange = {int(tool) for tool in work.solved.dots.tool[step.dots]} - {step.tool} if not step.marks else set()
        if strange:
            yield f"{step.id} sets dots of other tools"
        for mark in step.marks:
            one = work.solved.marked[mark].mark
            trim = work.solved.rules[step.row].all_trims[one.trim] if one.trim >= 0 else None
            size = getattr(trim, "size", None)
            if size is not None and size.tool and not isinstance(trim, SwipeTrim) and tools[step.tool] != size.tool:
                yield f"{step.id} is made with the tool of something else"


def _together(work: Any) -> Iterator[str]:
    """A tail is pulled and a centre swirled while it is wet."""
    ends = {}
    for step, begin in zip(work.steps, work.begins, strict=True):
        ends[step.id] = begin
        if step.kind in FOLLOWS:
            (within,) = work.within[step.id]
            if begin + step.minutes.mean > ends[within.step] + within.minutes + 1e-6:
                yield f"{step.id} comes when the paint has skinned"


def features(piece: Any) -> set[str]:
    """What of the hard things a random piece holds."""
    found = {f"finish {piece.work.coat}"}
    for row in piece.rows:
        trims: tuple[Any, ...] = row.all_trims
        found |= {"layers"} if any(getattr(trim, "layers", 1) > 1 for trim in trims) else set()
        found |= {"two trims"} if len(row.trims) > 1 else set()
        found |= {"top on a trim"} if any(one.kind == "top" for trim in row.trims for one in trim.carried) else set()
        found |= {"hugging"} if any(trim.kind == "hug" for trim in trims) else set()
        found |= {f"line {row.laid}"} if row.laid != "beside" else set()
        found |= {"boundary inset"} if row.boundary and row.track.kind == "inset" else set()
        found |= {"back"} if row.half != "front" else set()
    return found | ({"mask"} if piece.bare else set())


def hard_rows(random: np.random.Generator) -> Document:
    """The rows of a random piece with what is hard to put in order, and what else the document needs."""
    from tests import patterns

    def shade() -> Any:
        return patterns.shades(str(random.choice(["pale", "red", "teal", "amber"])))

    def carried() -> list[Document]:
        walks = patterns.walk(1.0, load="each", layers=int(random.integers(1, 4)), shading="by layer", count=3)
        inner = {**walks, "trims": [patterns.top(0.6)]}
        hugged = patterns.hug(1.3, shades=shade())
        swiped = patterns.swipe(4.0, direction="inward" if random.integers(2) else "outward")
        tops, second = patterns.top(1.3, shades=shade()), patterns.walk(1.3, load="each", count=2, shades=shade())
        ways = [[walks], [inner], [walks, second], [walks, tops], [hugged], [swiped, tops], [walks, hugged], [tops], []]
        return list(ways[random.integers(len(ways))])

    ball = random.integers(3) == 0
    rows = [patterns.centre(float(random.choice([3.5, 8.9])))]
    for k in range(int(random.integers(1, 4))):
        size = float(random.choice([3.0, 4.6, 6.8]))
        half = str(random.choice(["front", "back", "both"])) if ball else "front"
        own = patterns.row(f"r{k}", size, shades=shade(), trims=carried(), label="", half=half)
        own["count"] = {"kind": "absolute", "repeats": int(random.choice([6, 8]))}
        own["distance"] = patterns.at(16.0 + 13 * k)
        rows.append(own)
    if random.integers(2):
        laid = str(random.choice(["under", "over"]))
        rows.insert(1, patterns.line("l", 0.8, distance=patterns.at(16.0), laid=laid, shades=shade()))
    more: Document = {}
    if not ball:
        if random.integers(2):
            rows.append(patterns.row("b", 2.0, track={"kind": "inset"}, boundary=True, shades=shade(), fit="count"))
        if random.integers(2):
            area = {"kind": "disc", "diameter": 24.0, "x": 0.0, "y": -18.0}
            more["bare"] = [{"id": "m", "name": "M", "area": area, "rows": "mask", "whole": bool(random.integers(2))}]
    return {"rows": rows, "ball": ball, **more}
