"""A small pilot dot where a large one will hide the centre mark."""

from collections.abc import Iterator, Sequence

from ...words.lengths import mm
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PAINTING, Bond, StepKind, setting

HIDES = 6.0  # mm; a tool so wide hides the mark below it


def _make(job: Job) -> Iterator[Step]:
    for group, dot in job.centres:
        if group.key.trim < 0 and 2 * float(job.dots.radius[dot]) > HIDES:
            words = f"Set a small pilot dot on the mark of {job.where(group.key)}: a dot over {mm(HIDES)} hides it."
            ident = f"pilot/{job.row_id(group.key)}"
            yield Step(
                id=ident, kind="pilot dot", words=words, minutes=minutes(10), row=group.key.row, shade=group.key.shade,
                half=group.key.half,
            )  # fmt: skip


def _bind(_: Job, own: Sequence[Step], painting: Sequence[Step]) -> Iterator[Bond]:
    for step in own:
        yield Bond(setting(painting, step), step)


PILOT = StepKind(stage=PAINTING, make=_make, bind=_bind)
