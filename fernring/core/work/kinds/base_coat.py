"""The base coat, in as many thin coats as surface and paint take, or the artist says. Common practice, no source: two,
one of chalk paint where the surface does not drink it; bare wood is sanded again after the first.
"""

from collections.abc import Iterator

from ...geometry.outline.polygon import area
from ...words.numbers import counted
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PREPARING, StepKind
from .sand import sanded

USUAL, COVERING = 2, 1
DRINKS = "cast stone"
RAISED = "wood"
AGAIN = "Sand lightly once more: the first coat has raised the grain. Wipe the dust off."
LARGE = 0.02  # seconds of the hand for a square millimetre


def _make(job: Job) -> Iterator[Step]:
    blank = job.piece.blank
    usual = COVERING if blank.base.paint == "chalk paint" and blank.material != DRINKS else USUAL
    coats = usual if job.piece.work.base_coats is None else job.piece.work.base_coats
    long = minutes(60 + LARGE * area(job.solved.ground.outline))
    for k in range(coats):
        where = "its face" if job.piece.work.sides else "all of it and its sides"  # coated on their own
        words = f"Coat {counted(k + 1)} of {counted(coats)}: {blank.base.name}, thin, over {where}."
        words += " The stone drinks the first." if k == 0 and blank.material == DRINKS else ""
        yield Step(id=f"base/{k + 1}", kind="base coat", words=words, minutes=long, coat=True, needs="top")
        if k == 0 and blank.material == RAISED:
            yield sanded("sand/again", AGAIN, 300)


BASE_COAT = StepKind(stage=PREPARING, make=_make)
