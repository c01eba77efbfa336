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
        yield sanded("sand", words, 600)


def sanded(ident: str, words: str, seconds: float) -> Step:
    return Step(id=ident, kind="sand", words=words, minutes=minutes(seconds), needs="top", cautions=(MASK,))


SAND = StepKind(stage=PREPARING, make=_make)
