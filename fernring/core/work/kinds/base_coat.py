"""The base coat, in as many thin coats as the material takes or the artist says. Common practice, no source: two."""

from collections.abc import Iterator

from ...geometry.outline.polygon import area
from ...words.numbers import counted
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PREPARING, StepKind

USUAL = 2
DRINKS = {
    "cast stone": " The stone drinks the first.",
    "wood": " The first raises the grain: sand it when dry.",
}
LARGE = 0.02  # seconds of the hand for a square millimetre


def _make(job: Job) -> Iterator[Step]:
    blank = job.piece.blank
    coats = USUAL if job.piece.work.base_coats is None else job.piece.work.base_coats
    long = minutes(60 + LARGE * area(job.solved.ground.outline))
    for k in range(coats):
        words = f"Coat {counted(k + 1)} of {counted(coats)}: {blank.base.name}, thin, over all of it and its sides."
        words += DRINKS.get(blank.material, "") if k == 0 else ""
        yield Step(id=f"base/{k + 1}", kind="base coat", words=words, minutes=long, coat=True, needs="top")


BASE_COAT = StepKind(stage=PREPARING, make=_make)
