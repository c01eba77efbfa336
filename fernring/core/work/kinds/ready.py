"""The end of the work on a piece that is used every day: its coats have cured. Common practice, no source: a week."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import FINISHING, StepKind

WORDS = "It has cured and may be used now. Take its picture first, and write its name and day on the back."
FOOD = (
    "Painted ware is for display, not for food, unless the paint's maker says otherwise; how long a coat cures is said "
    "by its label."
)


def _make(job: Job) -> Iterator[Step]:
    if job.piece.work.use == "to be used":
        yield Step(id="ready", kind="ready", words=WORDS, minutes=minutes(120), needs="varnish", cautions=(FOOD,))


READY = StepKind(stage=FINISHING, make=_make)
