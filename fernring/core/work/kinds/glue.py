"""Crystals glued on at the very end."""

from collections.abc import Iterator

from ..groups import Family
from ..job import Job
from ..step import Step
from .kind import FINISHING, StepKind
from .marks import marked

GLUE_CAUTION = "Instant glue: what its label says; keep it off the skin, and mind the fumes."


def _make(job: Job) -> Iterator[Step]:
    for group in job.of(Family.STONES):
        step = marked(job, group, "crystals", "glue on", ("crystal", "crystals"))
        yield step.replaced(cautions=(GLUE_CAUTION,), tool=-1, shade=-1, reloads=())


GLUE = StepKind(stage=FINISHING, make=_make)
