"""Guides taken off with a damp swab, when what was painted near them is dry."""

from collections.abc import Iterator, Sequence

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PAINTING, Bond, StepKind

FIRST_ROWS = 3  # painted before guides come off early


def _make(job: Job) -> Iterator[Step]:
    words = "Take the guides off with a damp swab" + (", all but those that are still needed." if _early(job) else ".")
    yield Step(id="erase", kind="guides off", words=words, minutes=minutes(180), needs="touch")


def _bind(job: Job, own: Sequence[Step], painting: Sequence[Step]) -> Iterator[Bond]:
    for erase in own:
        for step in painting:
            if step.row >= 0 and not _early(job):
                yield Bond(erase, step, erase.needs)
            elif _own(job, step):
                first = step.row < FIRST_ROWS or step.row in job.come_first
                yield Bond(erase, step, erase.needs) if first else Bond(step, erase)


def _own(job: Job, step: Step) -> bool:
    """Whether it sets own dots of a row on the front: guides that come off early have served when the first are set."""
    return bool(step.half == "front" and step.trim < 0 and len(step.dots) and job.dots.level[step.dots[0]] == 1)


def _early(job: Job) -> bool:
    return job.piece.work.erase == "after the first rows"


ERASE = StepKind(stage=PAINTING, make=_make, bind=_bind)
