"""The base sealed, so that mistakes wipe off it."""

from collections.abc import Iterator

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PREPARING, StepKind

FRESH_AIR = "Varnish: fresh air, and what its label and safety data sheet say."


def _make(job: Job) -> Iterator[Step]:
    for k in (1, 2) if job.piece.work.seal_base else ():
        words = f"Thin coat {k} of matte varnish on the base, stirred well, so that mistakes wipe off it later."
        yield Step(
            id=f"seal/{k}", kind="seal the base", words=words, minutes=minutes(240), coat=True, needs="top",
            cautions=(FRESH_AIR,),
        )  # fmt: skip


SEAL = StepKind(stage=PREPARING, make=_make)
