"""Bubble holes of cast stone, filled before the base coat."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PREPARING, StepKind


def _make(job: Job) -> Iterator[Step]:
    if job.piece.blank.material == "cast stone":
        words = "Fill bubble holes with gesso or filler, smooth the lip under the base, and let it dry."
        yield Step(id="fill holes", kind="fill holes", words=words, minutes=minutes(300), coat=True)


FILL_HOLES = StepKind(stage=PREPARING, make=_make)
