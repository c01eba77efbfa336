"""Where the hand rests while it paints, and how the piece is turned so that it rests on nothing wet.

The resting hand covers a disc whose middle lies a way off the place, straight towards the wrist: for a right hand 45
degrees right of straight towards the artist. The piece stands on a turntable, so any direction of the piece may point
there. Wet is what is not yet touch-dry at the minute at which a step begins, dots of the same step included as they are
set. Looked up in a picture of the wet places, a square for every few millimetres.
"""

from collections.abc import Sequence
from math import ceil, pi
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from ..budget import spend
from ..dots.table import Array, Mask, Whole
from .edges import dries
from .job import Job
from .schedule import Over
from .step import Step

SQUARE, ACROSS = 2.0, 160  # mm of a square at least, and squares across a large piece
ROUND = 8  # points of a dot's edge that are put in the picture
WAYS = 48  # directions looked at
WRIST_RAD = pi * 3 / 4  # clockwise from straight away from the artist: 45 degrees right of straight towards them
AT_ONCE = 400  # places of a step that are looked at
MOST_PAIRED, FEW_PLACES, FEW_WAYS = 60, 12, 16  # of steps, whose order goes by the hand's room; looked at less closely
LOOKED = 3  # work for a place and a direction
BLOCKED = (
    "there is wet paint wherever the hand could rest: work from the centre outward, wait, prop the edge up, or lean on "
    "a bridge"
)
OWN = "the hand would rest on dots of this step: do the places furthest from you last, or wait between them"


class Room(NamedTuple):
    """`turns` are by how much the piece is turned clockwise for the first place of each part (degrees), None where no
    turn serves; `hand` is "clear", or why not."""

    turns: tuple[float | None, ...]
    hand: str

    @property
    def turntable(self) -> float | None:
        """For the step's first place."""
        return self.turns[0]


def rooms(
    job: Job, steps: Sequence[Step], begins: Sequence[float], firsts: Sequence[Sequence[int]]
) -> tuple[Room, ...]:
    """For every step, in the order of the work; `firsts` are the places in its dots with which its parts begin, the
    first of all among them."""
    found: list[Room] = []
    wet: list[tuple[float, Step]] = []
    for step, begin, own in zip(steps, begins, firsts, strict=True):
        wet = [(dry, other) for dry, other in wet if dry > begin]
        found.append(_room(job, step, [other for _, other in wet], own))
        if len(step.dots):
            wet.append((begin + step.minutes.mean + dries(job, step, "touch"), step))
    return tuple(found)


def over(job: Job, steps: Sequence[Step]) -> Over | None:
    """For every two steps whether the first leaves the hand no room while what the second left is wet; None where there
    are too many to look at all of them."""
    if len(steps) > MOST_PAIRED or not job.piece.work.costs.hand:
        return None
    hand, dots = job.piece.work.hand, job.dots
    blocked = np.zeros((len(steps), len(steps)), bool)
    wet = np.array([dries(job, step, "touch") if len(step.dots) else 0.0 for step in steps])
    way = np.arange(FEW_WAYS) * 2 * pi / FEW_WAYS
    for other in np.flatnonzero(wet > 0).tolist():
        picture = _own(job, steps[other])
        for k, step in enumerate(steps):
            if k == other or not len(step.dots) or step.half != steps[other].half:
                continue
            some = step.dots[:: ceil(len(step.dots) / FEW_PLACES)]
            spend(LOOKED * len(some) * FEW_WAYS)
            rests = dots.x[some, None] + hand.reach * np.sin(way), dots.y[some, None] - hand.reach * np.cos(way)
            blocked[k, other] = not picture.clear(*rests).any(axis=1).all()
    return Over(blocked=blocked, wet=wet)


def _room(job: Job, step: Step, wet: Sequence[Step], firsts: Sequence[int]) -> Room:
    if not len(step.dots):
        return Room((None,), "clear")
    hand, dots = job.piece.work.hand, job.dots
    side = 1.0 if hand.side == "right" else -1.0
    sight = job.solved.halves.of(step.half)
    mirrored = sight.surface.side if sight else 1.0
    # 1. What is wet, as whoever looks at this half sees it: of other steps, and of this one.
    there = np.concatenate([other.dots for other in wet]) if wet else np.empty(0, np.intp)
    there = there[job.back[there] == (step.half == "back")]
    others = _Picture(dots.x[there] * mirrored, dots.y[there], dots.radius[there], hand.radius)
    # 2. For the first place of each part, and for each place, the directions in which a hand may rest.
    some = np.concatenate((step.dots[list(firsts)], step.dots[:: ceil(len(step.dots) / AT_ONCE)]))
    x, y = dots.x[some] * mirrored, dots.y[some]
    way = np.arange(WAYS) * 2 * pi / WAYS
    spend(LOOKED * len(some) * WAYS)
    rests = x[:, None] + hand.reach * np.sin(way), y[:, None] - hand.reach * np.cos(way)
    clear = others.clear(*rests)
    both = clear & _own(job, step).clear(rests[0] * mirrored, rests[1])
    turns = []
    for k, first in enumerate(firsts):  # dots of earlier parts are wet, those to come are not there yet
        free = (
            both[k] if both[k].any() else clear[k] & _off(job, step.dots[:first], rests[0][k] * mirrored, rests[1][k])
        )
        turns.append(_turn(free, way, x[k], y[k], side))
    if both.any(axis=1).all():
        return Room(tuple(turns), "clear")
    return Room(tuple(turns), OWN if clear.any(axis=1).all() else BLOCKED)


def _turn(clear: Mask, way: Array, x: float, y: float, side: float) -> float | None:
    """Degrees that bring the clear direction nearest to outward to the wrist."""
    if not clear.any():
        return None
    outward = np.arctan2(x, -y)
    off = np.where(clear, np.abs((way - outward + pi) % (2 * pi) - pi), np.inf)
    chosen = float(way[int(off.argmin())])
    return float(np.degrees((side * WRIST_RAD - chosen) % (2 * pi)))


def _own(job: Job, step: Step) -> "_Picture":
    """Of the step's own dots, as they lie; made once."""
    if step.id not in job.pictures:
        dots, own = job.dots, step.dots
        job.pictures[step.id] = _Picture(dots.x[own], dots.y[own], dots.radius[own], job.piece.work.hand.radius)
    found: _Picture = job.pictures[step.id]
    return found


def _off(job: Job, own: Whole, x: Array, y: Array) -> Mask:
    """Which middles of a resting hand keep off these dots."""
    dots = job.dots
    spend(len(own) * len(x))
    apart = np.hypot(x[:, None] - dots.x[own], y[:, None] - dots.y[own]) - dots.radius[own]
    return np.asarray(apart.min(axis=1, initial=np.inf) >= job.piece.work.hand.radius)


class _Picture:
    """Which middles of a resting hand are clear of discs, as squares of a picture."""

    def __init__(self, x: Array, y: Array, radius: Array, hand: float) -> None:
        self.blocked: NDArray[np.bool_] | None = None
        if not len(x):
            return
        from scipy.ndimage import distance_transform_edt

        # 1. Middles and points of the edges, each a square.
        around = np.arange(ROUND) * 2 * pi / ROUND
        x = np.concatenate((x, (x[:, None] + radius[:, None] * np.sin(around)).ravel()))
        y = np.concatenate((y, (y[:, None] + radius[:, None] * np.cos(around)).ravel()))
        # 2. A hand may not have its middle within its own radius of one.
        extent = max(float(np.ptp(x)), float(np.ptp(y))) + 2 * hand
        self.square = max(SQUARE, extent / ACROSS)
        margin = hand + 2 * self.square
        self.left, self.top = float(x.min()) - margin, float(y.min()) - margin
        wide, high = (ceil((float(v.max()) - float(v.min()) + 2 * margin) / self.square) + 1 for v in (x, y))
        spend(wide * high * 8)
        picture = np.ones((high, wide), bool)
        picture[((y - self.top) / self.square).astype(int), ((x - self.left) / self.square).astype(int)] = False
        self.blocked = np.asarray(distance_transform_edt(picture) * self.square < hand)

    def clear(self, x: Array, y: Array) -> Mask:
        if self.blocked is None:
            return np.ones(x.shape, bool)
        column, line = (
            np.floor((x - self.left) / self.square).astype(int),
            np.floor((y - self.top) / self.square).astype(int),
        )
        high, wide = self.blocked.shape
        inside = (column >= 0) & (line >= 0) & (column < wide) & (line < high)
        found = np.ones(x.shape, bool)
        found[inside] = ~self.blocked[line[inside], column[inside]]
        return found
