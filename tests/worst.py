"""Documents at their bounds: as much of everything as a piece may hold, where it costs most.

Run by itself it plans some in processes of their own, each held to limits of time and memory:
python -m tests.worst SEED COUNT
"""

import os
import resource
import sys
import time
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from math import cos, pi, sin
from random import Random
from typing import Any

from fernring.core.document.reading import read_piece
from fernring.core.errors import FernError
from fernring.core.plan import plan
from fernring.core.proposals.fits import what_fits
from fernring.core.proposals.motif import with_motif
from fernring.core.proposals.next_row import next_row
from fernring.core.proposals.resize import resized
from fernring.core.proposals.row_below import row_below
from fernring.core.proposals.slack import spread_slack
from fernring.core.work.work import work
from tests import samples
from tests.patterns import LINES, members, row, top, walk
from tests.patterns import outline as line_round

Document = dict[str, Any]
MOST_CPU_S, MOST_BYTES = 10, 1_000_000_000


def absolute(repeats: int) -> Document:
    return {"kind": "absolute", "repeats": repeats}


def at(mm: float) -> Document:
    return {"kind": "walk", "walk": mm}


def piece(*rows: Document, outline: Document | None = None, relief: Document | None = None, **more: Any) -> Document:
    """A large piece with these rows, every id its own."""
    base = samples.five_rows().model_dump(mode="json")
    round_one = {"kind": "round", "diameter": 1000.0}
    blank = {**base["blank"], "outline": outline or round_one, "relief": relief or {"kind": "flat"}, "border": 0.0}
    return {**base, "blank": blank, "rows": [{**one, "id": f"r{k}"} for k, one in enumerate(rows)], **more}


def star(points: int, reach: float = 400.0) -> Document:
    """An outline of so many points, every other one further in."""
    turns = [2 * pi * k / points for k in range(points)]
    reaches = [reach * (1.0 if k % 2 else 0.6) for k in range(points)]
    x = [round(r * sin(turn), 3) for r, turn in zip(reaches, turns, strict=True)]
    y = [round(-r * cos(turn), 3) for r, turn in zip(reaches, turns, strict=True)]
    return {"kind": "odd", "x": x, "y": y}


def tangle(seed: int, points: int) -> tuple[list[float], list[float]]:
    """A line that crosses itself everywhere."""
    chance = Random(seed)
    x, y = ([round(chance.uniform(-400, 400), 2) for _ in range(points)] for _ in "xy")
    return x, y


def swipe(**more: Any) -> Document:
    return {"kind": "swipe", "to": {"kind": "contact"}, "family": 9, "form": "comma left", "bend": 120.0, **more}


def layers(*inner: Document, **more: Any) -> Document:
    return walk(0.2, load="each", count=60, layers=6, trims=list(inner), **more)


def numbered(trims: list[Document], names: Iterator[int]) -> list[Document]:
    """Trims with ids of their own, those on trims as well."""
    return [{**one, "id": f"t{next(names)}", **_inner(one, names)} for one in trims]


def _inner(one: Document, names: Iterator[int]) -> Document:
    return {"trims": numbered(one["trims"], names)} if "trims" in one else {}


def ring(mm: float, dots: int, diameter: float = 1.0, trims: list[Document] | None = None, **more: Any) -> Document:
    grown = numbered(trims or [], iter(range(10**6)))
    return row("r", diameter, count=absolute(dots), distance=at(mm), trims=grown, **more)


def centre(*trims: Document) -> Document:
    grown = numbered(list(trims), iter(range(10**6)))
    return row("r", 60.0, track={"kind": "centre"}, start=LINES, trims=grown)


def inset(**more: Any) -> Document:
    return row("r", 0.5, track={"kind": "inset"}, count=absolute(300), **more)


def gaps(diameter: float = 1.0) -> Document:
    return row("r", diameter, track={"kind": "gaps", "least": 0.2}, gap=0.1)


def uneven(repeats: int) -> Document:
    sizes = [0.5 + 0.1 * k for k in range(12)]
    return row("r", *sizes, count=absolute(repeats), spacing="equal gaps", fit="distance")


def stroke(mm: float) -> Document:
    return {**ring(mm, 2000), "pattern": members(1.0, form="leaf", length=120.0)}


def arc(**more: Any) -> Document:
    track = {"kind": "arc", "start": 10.0, "end": 480.0, "across": 64.0, "bulge": 500.0, "mirrored": True}
    return row("r", 0.5, track=track, count=absolute(3), **more)


def meeting(repeats: int) -> Document:
    """Petals that meet, of more layers than the first."""
    trims = numbered([walk(0.5, layers=6)], iter(range(10**6)))
    return row("r", 3.0, count=absolute(repeats), fit="meet", trims=trims)


def fans(head: float = 0.8, **more: Any) -> Document:
    return row("r", head, track={"kind": "fan", "at": "lines", "most": 25, "form": "straight", **more}, gap=0.1)


def lines(count: int) -> Document:
    """Thin lines throughout, straight ones or round the centre."""
    track = {"kind": "line", "lines": count, "spacing": 0.5} if count > 1 else {"kind": "ring"}
    return {**row("r", 0.2, track=track, gap=0.0), "pattern": members(0.2, form="line")}


def hug() -> Document:
    return {"kind": "hug", "size": {"diameter": 0.5}, "form": "straight"}


def bare(k: int) -> Document:
    x, y = tangle(k, 1000)
    area = {"kind": "shape", "lines": [{"x": x, "y": y}]}
    return {"id": f"b{k}", "area": area, "rows": "stop evenly"}


def rings(count: int, dots: int, step: float, diameter: float = 0.5, **more: Any) -> list[Document]:
    return [ring(480.0 - k * step, dots, diameter, **more) for k in range(count)]


DOME = {"kind": "dome", "rise": 100.0}
BALL = {"kind": "ball"}


def motif(count: int = 24, ident: str = "m") -> Document:
    """At so many places that are not alike."""
    spots = [{"x": 11.0 * k - 130.0, "y": 7.0 * (k % 5), "turn": 3.0 * k, "mirrored": k % 2 == 1} for k in range(count)]
    return {"id": ident, "segments": 64, "places": {"kind": "given", "spots": spots}}


def in_motif(one: Document) -> Document:
    return {**one, "motif": "m"}


WORST: dict[str, Callable[[], Document]] = {
    "30 rings of 2,000 dots": lambda: piece(*rings(30, 2000, 10.0, 0.2)),
    "30 rings of 2,000 dots of 60 mm at one distance": lambda: piece(*rings(30, 2000, 0.0, 60.0)),
    "a ring of 2,000 with swipes to contact": lambda: piece(ring(200.0, 2000, 0.6, [swipe()] * 8)),
    "walks on walks on walks": lambda: piece(centre(layers(layers(layers())))),
    "swipes on walks": lambda: piece(centre(*[layers(*[swipe()] * 6)] * 8)),
    "top dots on top dots": lambda: piece(ring(400.0, 2000, 1.0, [top(0.5, trims=[top(0.4)] * 6)] * 6)),
    "gaps over 20 rings of 500": lambda: piece(*rings(20, 500, 4.0), gaps()),
    "gaps over 20 rings of 2,000": lambda: piece(*rings(20, 2000, 2.0), gaps()),
    "200 mirrored arcs": lambda: piece(*[arc()] * 200, segments=64),
    "twelve members with equal gaps on a dome that is a star": lambda: piece(
        *[uneven(200)] * 20, outline=star(2000), relief=DOME
    ),
    "200 inset rows in a star": lambda: piece(*[inset()] * 200, outline=star(2000)),
    "20 bare shapes that rows stop at": lambda: piece(*rings(60, 1000, 7.0), bare=[bare(k) for k in range(20)]),
    "100 rows of petals that meet": lambda: piece(*[meeting(64)] * 100),
    "mirrored places with swipes": lambda: piece(
        *[ring(400.0 - k, 64, 1.0, [swipe()] * 6, mirrored={"kind": "distance", "mm": 2.0}) for k in range(40)]
    ),
    "fans on 64 lines of a star, among dots": lambda: piece(
        *rings(6, 2000, 20.0), *[fans()] * 20, outline=star(2000), segments=64
    ),
    "hugging swipes round petals": lambda: piece(
        *[ring(200.0 + 20 * k, 1000, 3.0, [layers(), *[hug()] * 7]) for k in range(10)]
    ),
    "200 rows of 200 lines": lambda: piece(*[lines(200)] * 200),
    "motifs at 24 places among dots": lambda: piece(
        *rings(10, 2000, 30.0), *[in_motif(row("r", 0.5, count=absolute(60))) for _ in range(100)], motifs=[motif()]
    ),
    "petals in motifs at 24 places on a ball": lambda: piece(
        *[in_motif(ring(10.0 + 8 * k, 20, 2.0, [layers(), swipe()])) for k in range(12)], motifs=[motif()], relief=BALL
    ),
    "an oval like a needle": lambda: piece(outline={"kind": "oval", "length": 1000.0, "width": 10.0}),
    "14,000 strokes": lambda: piece(
        *[stroke(200.0 + k) for k in range(7)]
    ),
}  # fmt: skip

DOORS: dict[str, Callable[[Document], object]] = {
    "motif": lambda one: with_motif(read_piece(one)),
    "resized motif": lambda one: resized(read_piece(one), "m", 50.0),
    "plan": lambda one: plan(read_piece(one)),
    "fits": lambda one: what_fits(read_piece(one), len(one["rows"]) - 1),
    "next row": lambda one: next_row(read_piece(one)),
    "row below": lambda one: row_below(read_piece(one), len(one["rows"]) // 2),
    "slack": lambda one: spread_slack(read_piece(one)),
    "work": lambda one: work(read_piece(one)),
}


def drawn(seed: int) -> Document:
    """A piece drawn from everything that costs much, at its bounds."""
    chance = Random(seed)
    trims = [
        swipe(),
        hug(),
        line_round(0.2),
        layers(),
        layers(swipe()),
        top(0.5, 0.4, 0.3),
        walk(0.3, layers=6, lead=4),
    ]
    chosen = lambda: [chance.choice(trims)] * chance.randint(1, 6)  # noqa: E731
    kinds: list[Callable[[], Document]] = [
        lambda: ring(chance.uniform(1, 490), chance.choice((2000, 400, 24)), chance.choice((0.2, 5.0, 60.0))),
        lambda: ring(chance.uniform(5, 490), chance.choice((300, 24)), 3.0, chosen()),
        lambda: row("r", chance.uniform(0.5, 5), count=absolute(chance.choice((2000, 60))), fit="distance"),
        inset, gaps, arc, fans, lambda: lines(chance.choice((1, 200))),
        lambda: in_motif(ring(chance.uniform(2, 90), 60, 1.0, chosen())),
        lambda: in_motif(row("r", chance.uniform(0.5, 5), count=absolute(chance.choice((300, 12))))),
        lambda: uneven(chance.choice((200, 12))), lambda: meeting(chance.choice((64, 8))),
    ]  # fmt: skip
    outlines = [None, star(2000), star(40), {"kind": "oval", "length": 1000.0, "width": 300.0}]
    reliefs: list[Document | None] = [None, DOME]
    made = [kind() for kind in chance.choices(kinds, k=chance.choice((3, 20, 200)))]
    areas = [bare(k) for k in range(chance.choice((0, 0, 20)))]
    outline, relief = chance.choice(outlines), chance.choice(reliefs)
    return piece(*made, outline=outline, relief=relief, segments=chance.choice((2, 12, 64)), bare=areas,
                 motifs=[motif(chance.choice((1, 24)))])  # fmt: skip


@dataclass(frozen=True)
class Cost:
    """What one calculation took: processor time (s), memory (bytes), and what it answered."""

    seconds: float
    held: int
    said: str


def cost(door: str, document: Document) -> Cost:
    """Measured in a process that does nothing else; one that passes twice the limits is ended."""
    reading, writing = os.pipe()
    pid = os.fork()
    if pid == 0:
        resource.setrlimit(resource.RLIMIT_CPU, (2 * MOST_CPU_S, 2 * MOST_CPU_S + 1))
        os.write(writing, _said(door, document).encode()[:4000])
        os._exit(0)
    os.close(writing)
    _, status, used = os.wait4(pid, 0)
    with os.fdopen(reading, encoding="utf-8") as said:
        words = said.read()
    return Cost(used.ru_utime + used.ru_stime, used.ru_maxrss * 1024, words if status == 0 else f"ended by {status}")


def _said(door: str, document: Document) -> str:
    try:
        DOORS[door](document)
    except FernError as error:
        return error.message
    return "done"


def main(seed: int, count: int) -> int:
    """Plans so many drawn documents; 1 when one passed the limits."""
    warm = DOORS["plan"](piece(*rings(2, 24, 10.0), gaps(), ring(200.0, 8, trims=[swipe()]), inset(), outline=star(40)))
    assert warm
    bad = 0
    for number in range(seed, seed + count):
        door, begin = Random(number).choice(sorted(DOORS)), time.monotonic()
        found = cost(door, drawn(number))
        over = found.seconds > MOST_CPU_S or found.held > MOST_BYTES or found.said.startswith("ended")
        bad += over
        print(
            f"{'TOO MUCH ' if over else ''}{number} {door}: {found.seconds:.1f} s, {found.held / 1e6:.0f} MB, "
            f"{time.monotonic() - begin:.1f} s in all: {found.said[:110]}",
            flush=True,
        )
    return min(bad, 1)


if __name__ == "__main__":
    sys.exit(main(int(sys.argv[1]), int(sys.argv[2])))
