"""The centre dot swirled flat while it is wet, where something will stand on it."""

from collections.abc import Iterator, Sequence

from ..groups import Family
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PAINTING, Bond, StepKind, setting


def _make(job: Job) -> Iterator[Step]:
    if not job.piece.work.swirl:
        return
    for group in job.of(Family.DOTS):
        dot = int(group.dots[0])
        if len(group.dots) == 1 and float(job.dots.walk[dot]) < 1e-6 and dot in job.carries:
            words = f"Swirl {job.where(group.key)} flat with a small stylus at once: something will stand on it."
            yield Step(
                id=f"swirl/{job.row_id(group.key)}", kind="swirl", words=words, minutes=minutes(20), row=group.key.row,
                half=group.key.half, shade=group.key.shade,
            )  # fmt: skip


def _bind(job: Job, own: Sequence[Step], painting: Sequence[Step]) -> Iterator[Bond]:
    for step in own:
        centre = setting(painting, step)
        yield Bond(step, centre, within=job.drying.skins(job.paint(centre.shade)))


SWIRL = StepKind(name="swirl", stage=PAINTING, make=_make, bind=_bind)
