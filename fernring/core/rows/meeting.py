"""Petals that meet: the host, the layers and the dots of the kit with which a row of petals closes and nests at once.

Let D_nest be the least distance at which the whole petal keeps the row's gap to what lies inside, and D_meet the least
at which neighbouring petals keep theirs. Of all petals that the kit can make with D_meet >= D_nest the one with the
smallest difference is taken, its remainder, and the row stands at D_meet.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from typing import TYPE_CHECKING

import numpy as np

from ..document.distance import AtWalk
from ..kept import Kept
from .context import Context
from .counts import repeats
from .petal_row import Made, PetalRow, refitted
from .petal_row_uneven import UnevenPetalRow
from .ring_fit import RingFit
from .tracks import track_of
from .trims import trim_kind

if TYPE_CHECKING:
    from ..document.row import Row
    from .trims.walk import WalkTrim

LEAST_HOST, MOST_HOST = 2.0, 16.4  # mm; smaller ones carry no petal, larger ones are no host
MOST_SHARE = 0.5  # of its host that a walked dot may be
LAYERS = 4
TRIED = 20  # petals whose distances are found exactly, after a rough look at all
ROOMY = 1.1  # petals are looked at whose rough discs end so far past the border
EXACT = 1e-6  # mm
MEETINGS = Kept["Meeting | str"](32)


@dataclass(frozen=True)
class Meeting:
    """The petal that was found: host and walked dot, each with its tool, layers, walk of the row (mm), and what is left
    to what lies inside (mm).
    """

    host: Made
    dot: Made
    layers: int
    walk: float
    remainder: float


def met(row: "Row", context: Context) -> "tuple[Row, float] | str":
    """The row with the petals that meet, and its remainder (mm); or why there are none."""
    place = next((k for k, trim in enumerate(row.trims) if trim_kind(trim).walks), None)
    if place is None:
        return "it has no petal that could meet its neighbours"
    if not track_of(row.track).pairs:
        return "petals meet round the centre only"
    if len(row.pattern) > 1 or row.group is not None or row.copies > 1:
        return "petals meet where every place holds one dot with its petal"
    found = MEETINGS.of(_key(row, context), lambda: _searched(row, place, context))
    if isinstance(found, str):
        return found
    petal = refitted(row.trims[place], found.dot, found.layers)  # type: ignore[arg-type]
    host = row.pattern[0].model_copy(update={"diameter": found.host[0], "tool": found.host[1]})
    changed = {
        "pattern": (host,),
        "trims": (*row.trims[:place], petal, *row.trims[place + 1 :]),
        "distance": AtWalk(walk=found.walk),
        "fit": None,
    }
    return row.model_copy(update=changed), found.remainder


def _key(row: "Row", context: Context) -> tuple[object, ...]:
    there = tuple(part.bodies.x.tobytes() + part.bodies.radius.tobytes() for part in context.nestable)
    rule = (row.trims, row.count, row.gap, row.start, row.spacing)
    return rule, context.ground, context.back, context.segments, context.turn_rad, context.kit, there


def _searched(row: "Row", place: int, context: Context) -> "Meeting | str":
    n = repeats(row.count, context.segments)
    if n < 3:
        return "at least three petals are needed to meet round the centre"
    if not context.nestable:
        return "nothing lies inside that petals could nest on"
    ring = RingFit(row, context, None)
    best: tuple[float, PetalRow] | None = None
    kind = PetalRow if context.surface.axisymmetric else UnevenPetalRow
    # 1. After a rough look at all, the distances of some: on a relief with the petal as its frame lays it.
    for _, host, dot, layers in sorted(_rough(row, place, context, n))[:TRIED]:
        petal = kind(row, place, ring, n, host, dot, layers)
        nest, meet = petal.nested(), petal.meeting()
        fits = np.isfinite(nest) and np.isfinite(meet) and petal.outer(meet) <= context.limit + EXACT
        if fits and meet >= nest - EXACT and (best is None or meet - nest < best[0]):
            best = meet - nest, petal
    if best is None:
        return "no petal that this kit can make meets its neighbours and nests inside the border"
    # 2. Of the best the exact ones.
    petal = best[1].exactly()
    nest, meet = petal.nested(), petal.meeting()
    walk = max(nest, meet)
    return Meeting(petal.host, petal.dot, petal.layers, walk, walk - nest)


def _rough(row: "Row", place: int, context: Context, n: int) -> Iterator[tuple[float, Made, Made, int]]:
    """All petals, taken for discs of their own width: by how much they miss meeting where they nest."""
    trim: WalkTrim = row.trims[place]  # type: ignore[assignment]
    ring = RingFit(row.model_copy(update={"spacing": "equal angles"}), context, None)
    for host in context.kit:
        if not LEAST_HOST <= host[0] <= MOST_HOST:
            continue
        for dot in context.kit:
            if dot[0] > MOST_SHARE * host[0]:
                continue
            for layers in range(1, LAYERS + 1):
                radius = host[0] / 2 + layers * (dot[0] + trim.gap)
                meet = ring.own_walk((2 * radius,), n)
                if meet + radius <= context.limit * ROOMY:
                    nest = ring.contact_walk((2 * radius,), n, 0.0)
                    yield abs(meet - nest), host, dot, layers
