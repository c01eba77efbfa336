"""Enamel baked on. Common practice, no source: some days of curing, then about half an hour as the label says."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import FINISHING, StepKind

OVEN = (
    "Oven: only paint whose label says so, at the heat and for the time it says, with the window open. Never ordinary "
    "acrylic, glitter or glue, and nothing over food."
)


def _make(job: Job) -> Iterator[Step]:
    if job.piece.work.coat == "baked":
        words = "Bake the piece as the paint's label says, from the cold oven, and let it cool in there."
        yield Step(id="bake", kind="bake", words=words, minutes=minutes(300), needs="varnish", cautions=(OVEN,))


BAKE = StepKind(stage=FINISHING, make=_make)
