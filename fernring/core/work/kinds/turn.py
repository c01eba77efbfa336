"""Turning a ball or an egg over, once its front may be touched all round."""

from collections.abc import Iterator, Sequence

from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PAINTING, Bond, StepKind


def _make(job: Job) -> Iterator[Step]:
    if any(group.key.back for group in job.groups):
        words = "Turn the piece over onto something soft; the front must be dry right through."
        yield Step(id="turn", kind="turn over", words=words, minutes=minutes(30), needs="turn")


def _bind(_: Job, own: Sequence[Step], painting: Sequence[Step]) -> Iterator[Bond]:
    for turn in own:
        for step in painting:
            if step.row >= 0:
                yield Bond(step, turn) if step.half == "back" else Bond(turn, step, turn.needs)


TURN = StepKind(stage=PAINTING, make=_make, bind=_bind)
