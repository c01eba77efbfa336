"""What is laid over the painted dots before they are protected: pearl, glitter, chrome. Common practice, no source."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import FINISHING, StepKind

SAID = {
    "pearl": "Brush pearl medium over the chosen dots: cloudy when wet, clear when dry.",
    "glitter": "Brush glitter medium over the chosen dots: cloudy when wet, clear when dry; wipe strays off at once.",
    "chrome": "Lay chrome on the chosen dots, in one pass without going back.",
}
DUST = "Glitter and metal dust: keep it off food and out of the eyes; what the product's label says comes first."


def _make(job: Job) -> Iterator[Step]:
    words = SAID.get(job.piece.work.overlay)
    if words:
        yield Step(
            id="overlay", kind="overlay", words=words, minutes=minutes(300), coat=True, needs="top", cautions=(DUST,)
        )


OVERLAY = StepKind(stage=FINISHING, make=_make)
