"""From the centre outward: a row that lies wholly inside another is painted before it, where nothing binds them.

Common practice, no source. Boundary rows have come first; who keeps even these for last, or would rather have few
changes of tool and pot, says so.
"""

from collections.abc import Iterator, Mapping, Sequence
from typing import NamedTuple

import numpy as np

from .bond import Bond
from .edges import Edges
from .job import Job
from .step import Step

SAME = 0.01  # mm


class _Band(NamedTuple):
    """From where to where the own dots of a row lie, from the centre that it stands round (mm), and their steps."""

    low: float
    high: float
    steps: Sequence[Step]


def outward(job: Job, own: Mapping[tuple[int, str], Sequence[Step]], edges: Edges) -> None:
    """Adds a bond from each row to those right inside it; `own` are the steps that set a row's own dots on a half."""
    if job.piece.work.order == "few changes":
        return
    rounds: dict[tuple[str, str], list[_Band]] = {}
    for (row, half), setting in own.items():
        steps = [step for step in setting if step.trim < 0]
        placed = job.solved.rows[row]
        if steps and not placed.laid and row not in job.come_first:
            rounds.setdefault((placed.motif, half), []).append(_band(job, row, half, steps))
    for bands in rounds.values():
        for outer in bands:
            for inner in _right_inside(outer, bands):
                _bind(inner, outer, edges)


def _band(job: Job, row: int, half: str, steps: Sequence[Step]) -> _Band:
    placed = job.solved.rows[row]
    part = next(part for part in placed.both if part.half == half)
    walk = part.one.own_dots.walk
    return _Band(float(np.min(walk)), float(np.max(walk)), steps)


def _right_inside(outer: _Band, bands: Sequence[_Band]) -> Iterator[_Band]:
    """Those wholly inside it and not inside another such one."""
    inside = [band for band in bands if band.high < outer.low - SAME]
    furthest = max((band.low for band in inside), default=0.0)
    return (band for band in inside if band.high >= furthest - SAME)


def _bind(inner: _Band, outer: _Band, edges: Edges) -> None:
    needed = edges.needed([step.id for step in inner.steps])
    for step in outer.steps:
        if step.id not in needed:
            for first in inner.steps:
                edges.add(Bond(step, first))
