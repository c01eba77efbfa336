"""Areas with a base colour of their own, in their coats, over the base of the whole. Common practice, no source."""

from collections.abc import Iterator

from ...words.numbers import counted
from ..job import Job
from ..pace import minutes
from ..step import Step
from .base_coat import LARGE
from .kind import PREPARING, StepKind

EDGE = 120  # seconds to tape or outline it


def _make(job: Job) -> Iterator[Step]:
    paints = {paint.id: paint.name for paint in job.piece.paints}
    for zone in job.solved.zones:
        base = zone.area.base
        assert base is not None
        names = [paints[paint] for paint in base.paints]
        how = f"{names[0]} blended into {', then '.join(names[1:])} while they are wet" if names[1:] else names[0]
        long = minutes(EDGE + LARGE * zone.body.area * len(names))
        for k in range(base.coats):
            words = f"Coat {counted(k + 1)} of {counted(base.coats)} on {zone.area.name}: {how}, thin, up to its edge."
            ident = f"zone/{zone.area.id}/{k + 1}"
            yield Step(id=ident, kind="zone", words=words, minutes=long, coat=True, needs="top")


ZONE = StepKind(stage=PREPARING, make=_make)
