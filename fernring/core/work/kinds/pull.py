"""Tails pulled from dots before these skin, batch by batch."""

from collections.abc import Iterator, Sequence

from ...words.numbers import counted
from ..groups import Family
from ..job import Job
from ..pace import pulling
from ..runs import batches, numbered
from ..step import Step
from .kind import PAINTING, Bond, StepKind


def _make(job: Job) -> Iterator[Step]:
    needle = next((k for k, tool in enumerate(job.piece.tools) if tool.pulls), -1)
    with_it = f" with {job.piece.tools[needle].name}" if needle >= 0 else ""
    for group in job.of(Family.DOTS, Family.PETALS, Family.TOPS):
        key, runs = group.key, batches(job, group)
        for number, run in enumerate(runs, 1):
            marks = tuple(job.pulled[dot] for dot in run.tolist() if dot in job.pulled)
            if not marks:
                continue
            many = "the tail" if len(marks) == 1 else f"{counted(len(marks))} tails"
            yield Step(
                id=numbered(f"pull/{job.row_id(key)}", number, len(runs)), kind="pull",
                words=f"Pull {many} of {job.where(key)}{with_it} at once, before the dots skin.",
                minutes=pulling(len(marks)), row=key.row, trim=job.solved.marked[marks[0]].mark.trim, half=key.half,
                marks=marks, tool=needle, shade=key.shade,
            )  # fmt: skip


def _bind(job: Job, own: Sequence[Step], painting: Sequence[Step]) -> Iterator[Bond]:
    heads = {int(dot): step for step in painting for dot in step.dots}
    for step in own:
        head = heads[job.solved.marked[step.marks[0]].dot]
        yield Bond(step, head, within=job.skins(head.shade))


PULL = StepKind(stage=PAINTING, make=_make, bind=_bind)
