"""Guides taken off with a damp swab, when what was painted near them is dry."""

from collections.abc import Iterator, Sequence

from ..edges import Edges
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PAINTING, Bond, StepKind

FIRST_ROWS = 3  # painted before guides come off early


def _make(job: Job) -> Iterator[Step]:
    words = "Take the guides off with a damp swab" + (", all but those that are still needed." if _early(job) else ".")
    yield Step(id="erase", kind="guides off", words=words, minutes=minutes(180), needs="top")


def _part(job: Job, own: Sequence[Step], painting: Sequence[Step], edges: Edges) -> Iterator[Bond]:
    """What is painted before is dry when the swab comes near it, and all else is painted after: at the end nothing is,
    otherwise what the first rows do not need."""
    late = _late(job, painting, edges) if _early(job) else set()
    for erase in own:
        for step in painting:
            if step.row >= 0:
                yield Bond(step, erase) if step.id in late else Bond(erase, step, erase.needs)


def _late(job: Job, painting: Sequence[Step], edges: Edges) -> set[str]:
    """The steps that neither set dots of the first rows nor are needed for that nor follow these at once."""
    first = [step.id for step in painting if _own(job, step) and _first(job, step)]
    needed = edges.needed(first)
    at_once = {ident for ident, heads in edges.within.items() if any(head.step in needed for head in heads)}
    return {step.id for step in painting if step.row >= 0} - edges.needed(needed | at_once)


def _own(job: Job, step: Step) -> bool:
    """Whether it sets own dots of a row on the front: guides that come off early have served when the first are set."""
    return bool(step.half == "front" and step.trim < 0 and len(step.dots) and job.dots.level[step.dots[0]] == 1)


def _first(job: Job, step: Step) -> bool:
    return step.row < FIRST_ROWS or step.row in job.come_first


def _early(job: Job) -> bool:
    return job.piece.work.erase == "after the first rows"


ERASE = StepKind(stage=PAINTING, make=_make, part=_part)
