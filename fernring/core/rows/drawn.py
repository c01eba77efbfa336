"""A line throughout: instead of dots, one mark after another through all the places of a track.

The track is solved for dots as wide as the line, which lie as near to one another as the row's gap; the line runs
through their middles, in pieces that join.
"""

from collections.abc import Iterator
from dataclasses import replace
from math import floor, inf, pi
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from ..budget import spend
from ..document.count import Absolute
from ..document.start import OnLines
from ..dots.table import Array, Dots
from ..geometry.band import band
from ..geometry.frames import lifted
from .context import Context
from .counts import MOST_REPEATS
from .most import require_few
from .placed import PlacedRow
from .tracks import track_of
from .tracks.ring import stated_walk
from .trims.grown import Grown, Mark

if TYPE_CHECKING:
    from ..document.row import Row

PIECE = 8  # places that one mark runs through
NEXT = 1.6  # places further apart than so many steps are not joined
CLOSE = 0.95  # of the dots that would fit a ring are taken, so that none pushes it outward
POINT = 60  # work for a point of the line
Places = NDArray[np.intp]


def sampled(row: "Row", context: Context) -> "Row":
    """The row as dots through whose middles the line runs: on its lines and between, so that it turns onto itself."""
    dot = row.pattern[0].model_copy(update={"form": "dot"})
    rule = row.model_copy(update={"pattern": (dot,), "start": OnLines(), "fit": None})
    if not track_of(row.track).round:
        return rule.model_copy(update={"fit": None if track_of(row.track).repeats == "none" else "count"})
    walk = stated_walk(row, context)
    if walk is None:
        walk = max((other.outer for other in context.nestable), default=0.0) or context.limit / 2
    reach = float(context.surface.reach(np.array([min(walk, context.surface.rim)]), np.zeros(1))[0])
    each = 2 * context.segments
    most = min(CLOSE * 2 * pi * reach / (dot.diameter + row.gap), MOST_REPEATS)
    return rule.model_copy(update={"count": Absolute(repeats=max(floor(most / each), 1) * each)})


def drawn(row: "Row", placed: PlacedRow, context: Context) -> PlacedRow:
    """The line through the row's dots; of these the one at the beginning of each piece is kept, as an empty place."""
    own = placed.own_dots
    spend(POINT * len(own))
    pieces = list(_pieces(own, context.segments))
    require_few(0, len(pieces), "")
    points = np.stack((own.x, own.y, own.z, own.walk), axis=1)
    half = row.pattern[0].diameter / 2
    marks = tuple(_mark(points[piece], half, k, context) for k, piece in enumerate(pieces))
    number = np.arange(len(pieces))
    first = own.take(np.array([piece[0] for piece in pieces], int))
    kept = first.replaced(level=0, dot=number, host=number, below=number, place=number, slot=number)
    alike = placed.left_out == 0 and len(pieces) % context.segments == 0 and placed.repeats > 1
    repeats = context.segments if placed.round else placed.repeats
    return replace(
        placed,
        own=kept,
        grown=Grown(marks=marks),
        repeats=repeats if alike else 1,
        clear=inf,
        ring_rad=None,
        drawn=True,
    )


def _pieces(own: Dots, segments: int) -> Iterator[Places]:
    """Stretches of places, each from where the last one ended. A closed line comes back to its beginning, in pieces
    that are the same in every segment."""
    points = np.stack((own.x, own.y, own.z), axis=1)
    n = len(points)
    if n < 2:
        return
    steps = np.linalg.norm(np.roll(points, -1, axis=0) - points, axis=1)
    apart = np.flatnonzero(steps > NEXT * float(np.median(steps[:-1])))
    if len(apart):
        order = np.roll(np.arange(n), -int(apart[0]) - 1)
        runs = np.split(order, (apart[1:] - apart[0]) % n)
    else:
        each = n // segments if n % segments == 0 else n
        runs = [np.arange(begin, begin + each + 1) % n for begin in range(0, n, each)]
    for run in runs:
        for begin in range(0, len(run) - 1, PIECE):
            yield run[begin : begin + PIECE + 1]


def _mark(points: Array, half: float, number: int, context: Context) -> Mark:
    x, y, z, walk = points.T
    spine = np.stack((x, y), axis=1)
    outline = band(spine, half)
    (_, _, heights), _ = lifted(context.surface, context.surface.side * outline[:, 0], outline[:, 1])
    heights = np.where(np.isnan(heights), z.mean(), heights)
    long = float(np.linalg.norm(np.diff(points[:, :3], axis=0), axis=1).sum())
    return Mark(outline, heights, spine, z, walk, np.full(len(x), half), number, -1, number, 2 * half * long)
