"""The coats that protect the piece. Common practice, no source: two thin ones, a day before it is handled."""

from collections.abc import Iterator

from ...words.numbers import counted
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import FINISHING, StepKind

LABEL = "what the product's label and its safety data sheet say comes first."
COATS = {
    "brushed varnish": ("Brush on varnish, thin, stirred well", "Varnish: fresh air; " + LABEL),
    "sprayed varnish": ("Spray on varnish in passes", "Spray: outdoors or an extractor, a respirator; " + LABEL),
    "poured": ("Pour on the top coat and wipe the drips from the edge", "Top coat: fresh air, gloves; " + LABEL),
    "resin": ("Pour on the resin and cover it from dust", "Resin: fresh air, gloves, a respirator; " + LABEL),
}  # fmt: skip


def _make(job: Job) -> Iterator[Step]:
    work = job.piece.work
    if work.coat not in COATS:
        return
    done, caution = COATS[work.coat]
    for k in range(work.coats):
        words = f"{done}: coat {counted(k + 1)} of {counted(work.coats)}."
        yield Step(
            id=f"coat/{k + 1}", kind="coat", words=words, minutes=minutes(300), coat=True,
            needs="top" if k else "varnish", cures=job.drying.cured(work.coat, work.use), cautions=(caution,),
        )  # fmt: skip


COAT = StepKind(stage=FINISHING, make=_make)
