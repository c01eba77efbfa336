"""The piece beside its plan, before anything is laid over it."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import FINISHING, StepKind


def _make(_: Job) -> Iterator[Step]:
    words = "Lay the piece beside the plan and go round it once: what is missing, smudged or run together?"
    yield Step(id="check", kind="check", words=words, minutes=minutes(180))


CHECK = StepKind(stage=FINISHING, make=_make)
