"""Sanding bare wood before it is painted."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PREPARING, StepKind

MASK = "Sanding dust: wear a dust mask and wipe the dust up damp."


def _make(job: Job) -> Iterator[Step]:
    if job.piece.blank.material == "wood":
        words = "Sand the bare wood smooth along its grain, and wipe the dust off."
        yield Step(id="sand", kind="sand", words=words, minutes=minutes(600), cautions=(MASK,))


SAND = StepKind(stage=PREPARING, make=_make)
