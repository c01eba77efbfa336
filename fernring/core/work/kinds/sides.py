"""The sides of a deep canvas or tile, coated when the face is dry enough to be held."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PREPARING, StepKind


def _make(job: Job) -> Iterator[Step]:
    if job.piece.work.sides:
        base = job.piece.blank.base.name
        words = f"Coat the sides with {base}, one after the other, and prop the piece up while they dry."
        yield Step(id="sides", kind="sides", words=words, minutes=minutes(300), coat=True, needs="touch")


SIDES = StepKind(stage=PREPARING, make=_make)
