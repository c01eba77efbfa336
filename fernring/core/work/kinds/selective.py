"""Gloss on the dots of a matte field, once the last coat is dry. Common practice, no source."""

from collections.abc import Iterator

from ..job import Job
from ..pace import dotting
from ..step import Step
from .coat import COATS
from .kind import FINISHING, StepKind
from .seal import FRESH_AIR


def _make(job: Job) -> Iterator[Step]:
    work = job.piece.work
    if work.selective and work.coat in COATS:
        words = "Touch gloss varnish on the dots that should shine, and leave the field between them matte."
        domed = job.solved.domed
        yield Step(
            id="selective", kind="selective gloss", words=words, minutes=dotting(2 * job.dots.radius[domed], 1),
            coat=True, needs="top", cautions=(FRESH_AIR,),
        )  # fmt: skip


SELECTIVE = StepKind(stage=FINISHING, make=_make)
