"""What goes on the back, when the last coat may be handled."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import FINISHING, StepKind

WORDS = {
    "felt": "Cut felt to the base and stick it on.",
    "cork": "Cut cork to the base and stick it on.",
    "feet": "Stick feet under the base.",
    "hanger": "Fix the hanger, so that the first spoke hangs upright.",
}
KNIFE = "Knives and glue: cut away from the hand; what the glue's label says comes first."


def _make(job: Job) -> Iterator[Step]:
    if job.piece.work.backing in WORDS:
        words = WORDS[job.piece.work.backing]
        yield Step(id="back", kind="back", words=words, minutes=minutes(480), needs="varnish", cautions=(KNIFE,))


BACK = StepKind(stage=FINISHING, make=_make)
