"""Swipes of a shade of their own, and small shapes: ovals, leaves, short strokes."""

from collections.abc import Iterator

from ..groups import Family
from ..job import Job
from ..step import Step
from .kind import PAINTING, StepKind
from .marks import marked


def _make(job: Job) -> Iterator[Step]:
    for group in job.of(Family.STROKES):
        done = "on the dry dots paint" if group.key.level > 1 else "paint"
        yield marked(job, group, "strokes", done, ("stroke", "strokes"))


STROKE = StepKind(stage=PAINTING, make=_make)
