"""A long step in parts, each as much as the hand does before it looks up and turns the piece: quarter points, a petal,
a load.
"""

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np

from ..words.numbers import counted, listed
from .job import Job
from .step import Step

EIGHT = 8  # dots of a row that is no ring, before the hand looks up
FEW = 6  # dots that are done in one go
EVEN = {4: "the quarter points", 3: "three points, evenly round", 2: "two points, opposite each other"}


class Part(NamedTuple):
    """What comes now in words, and the place in the step's dots of its first."""

    words: str
    first: int


def parts(job: Job, step: Step) -> tuple[Part, ...]:
    """The parts of a step; none where it is done in one go, as heads of tails are."""
    dots = step.dots
    if len(dots) <= FEW or any(dot in job.pulled for dot in dots.tolist()):
        return ()
    if job.dots.layer[dots].any():
        host = job.dots.host[dots]
        return _named("petal", [0, *(np.flatnonzero(np.diff(host)) + 1).tolist()], step)
    if 1 < step.loads < len(dots):
        return _named("load", step.reloads, step)
    if not job.solved.rows[step.row].one.round:  # no ring has quarter points
        return tuple(Part(_some(k, len(dots)), k) for k in range(0, len(dots), EIGHT))
    return _spread(len(dots))


def _some(first: int, whole: int) -> str:
    """ "the first eight", "the next eight", "the last three"."""
    which = "first" if not first else "next" if first + EIGHT < whole else "last"
    return f"the {which} {counted(min(EIGHT, whole - first))}"


def _named(what: str, firsts: Sequence[int], step: Step) -> tuple[Part, ...]:
    """Of several loads in one part it is said where each begins."""
    if len(firsts) < 2:
        return ()
    ends = [*firsts[1:], len(step.dots)]
    loads = np.array(step.reloads)
    cuts = zip(np.searchsorted(loads, firsts, side="right"), np.searchsorted(loads, ends), strict=True)
    found = []
    for k, (first, end, (low, high)) in enumerate(zip(firsts, ends, cuts, strict=True), 1):
        again = (loads[low:high] - first).tolist()
        load = "" if not again or len(again) == end - first - 1 else f", a fresh load after {_dots(again)}"
        found.append(Part(f"{what} {k} of {len(firsts)}{load}", first))
    return tuple(found)


def _dots(counts: Sequence[int]) -> str:
    """ "five and ten dots", "one dot"."""
    return f"{listed([counted(count) for count in counts])} {'dot' if counts[-1] == 1 else 'dots'}"


def _spread(n: int) -> tuple[Part, ...]:
    """The evenly spaced points that the order of the hand begins with, then the middles between, again and again."""
    begin = next((g for g in EVEN if n % g == 0), 0)
    found = [Part(EVEN[begin], 0)] if begin else []
    at = begin or 1
    while at < n:
        more = min(at, n - at)
        found.append(Part(f"{counted(more)} more, between", at if begin or len(found) else 0))
        at += more
    return tuple(found)
