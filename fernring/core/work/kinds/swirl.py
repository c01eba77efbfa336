"""The centre dot swirled flat while it is wet, where something will stand on it."""

from collections.abc import Iterator, Sequence

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PAINTING, Bond, StepKind, setting


def _make(job: Job) -> Iterator[Step]:
    if not job.piece.work.swirl:
        return
    for group, dot in job.centres:
        if dot in job.carries:
            words = f"Swirl {job.where(group.key)} flat with a small stylus at once: something will stand on it."
            yield Step(
                id=f"swirl/{job.row_id(group.key)}", kind="swirl", words=words, minutes=minutes(20), row=group.key.row,
                half=group.key.half, shade=group.key.shade,
            )  # fmt: skip


def _bind(job: Job, own: Sequence[Step], painting: Sequence[Step]) -> Iterator[Bond]:
    for step in own:
        centre = setting(painting, step)
        yield Bond(step, centre, within=job.skins(centre.shade))


SWIRL = StepKind(stage=PAINTING, make=_make, bind=_bind)
