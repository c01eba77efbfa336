"""A light underbase, where bright or translucent paint will lie on a dark base. Common practice, no source."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PREPARING, StepKind


def _make(job: Job) -> Iterator[Step]:
    if job.piece.work.underbase:
        words = "Lay a thin light underbase where bright colours will come; leave the base bare between them."
        yield Step(id="underbase", kind="underbase", words=words, minutes=minutes(420), coat=True, needs="top")


UNDERBASE = StepKind(stage=PREPARING, make=_make)
