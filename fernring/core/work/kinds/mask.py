"""A peel-off mask: laid before anything is painted, taken off when the paint no longer runs. Common practice, no
source.
"""

from collections.abc import Iterator

from ...document.region import BareArea
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import FINISHING, PREPARING, StepKind


def _masks(job: Job) -> list[BareArea]:
    return [area for area in job.piece.bare if area.rows == "mask"]


def _lay(job: Job) -> Iterator[Step]:
    for area in _masks(job):
        words = f"Cut the mask {area.name} by its sheet, lay it on the dry base, and rub its edge down all round."
        yield Step(id=f"mask/{area.id}", kind="mask", words=words, minutes=minutes(180), needs="top")


def _peel(job: Job) -> Iterator[Step]:
    for area in _masks(job):
        cut = "" if area.whole else " Cut along its edge through the dots that cross it first."
        words = (
            f"Take the mask {area.name} off: flat and slowly, from one end.{cut} What is on it is a piece of its own."
        )
        yield Step(id=f"peel/{area.id}", kind="peel", words=words, minutes=minutes(180), needs="touch")


MASK = StepKind(stage=PREPARING, make=_lay)
PEEL = StepKind(stage=FINISHING, make=_peel)
