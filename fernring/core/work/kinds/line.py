"""Lines of a pen or a fine brush."""

from collections.abc import Iterator

from ..groups import Family
from ..job import Job
from ..step import Step
from .kind import PAINTING, StepKind
from .marks import marked


def _make(job: Job) -> Iterator[Step]:
    for group in job.of(Family.LINES):
        yield marked(job, group, "lines", "draw", ("line", "lines"))


LINE = StepKind(stage=PAINTING, make=_make)
