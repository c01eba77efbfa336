"""Areas with a base colour of their own, in their coats, over the base of the whole. Common practice, no source."""

from collections.abc import Iterator

from ...document.region import Stands
from ...regions.zones import Zone
from ...words.numbers import counted, listed
from ..job import Job
from ..pace import minutes
from ..step import Step
from .base_coat import LARGE
from .kind import PREPARING, StepKind

EDGE = 120  # seconds to tape or outline it
TOUCHES = 0.5  # mm between areas: nearer than this they are coated one after the other


def _make(job: Job) -> Iterator[Step]:
    """The first coats of all areas, then the second: those that do not touch dry in the same wait."""
    if names := transferred(job):
        words = f"Transfer the outline of {listed(names)} with the mirrored sheet, so that the coats have an edge."
        yield Step(id="outline", kind="outline", words=words, minutes=minutes(EDGE * len(names)), needs="top")
    done: list[tuple[Zone, str]] = []
    most = max((zone.area.base.coats for zone in job.solved.zones if zone.area.base), default=0)
    for k in range(most):
        for zone in job.solved.zones:
            base = zone.area.base
            if base is None or k >= base.coats:
                continue
            over = tuple(other for near, other in done if near.body.distance(zone.body) <= TOUCHES)
            step = _coat(job, zone, k).replaced(over=over)
            done.append((zone, step.id))
            yield step


def transferred(job: Job) -> list[str]:
    """The areas whose outline is transferred before they are coated, by their names."""
    return [zone.area.name for zone in job.solved.zones if isinstance(zone.area.area, Stands)]


def _coat(job: Job, zone: Zone, k: int) -> Step:
    base = zone.area.base
    assert base is not None
    paints = {paint.id: paint.name for paint in job.piece.paints}
    names = [paints[paint] for paint in base.paints]
    how = f"{names[0]} blended into {', then '.join(names[1:])} while they are wet" if names[1:] else names[0]
    long = minutes(EDGE + LARGE * zone.body.area * len(names))
    words = f"Coat {counted(k + 1)} of {counted(base.coats)} on {zone.area.name}: {how}, thin, up to its edge."
    ident = f"zone/{zone.area.id}/{k + 1}"
    return Step(id=ident, kind="zone", words=words, minutes=long, coat=True, needs="top")


ZONE = StepKind(stage=PREPARING, make=_make)
