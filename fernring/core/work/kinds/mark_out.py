"""The centre and the guides, drawn before the first dot."""

from collections.abc import Iterator

from ...document.region import Stands
from ...guides.markers import markers
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import MARKING, StepKind
from .zone import transferred

EACH_S = 20.0  # seconds for a line


def _make(job: Job) -> Iterator[Step]:
    piece = job.piece
    marker = piece.guides.marker or markers(piece.blank)[0].name
    lines = piece.segments + len(piece.guides.circles) + len(piece.guides.at_rows)
    words = f"Find the centre and draw the guides with {marker}: faint lines, and wipe their dust off. {_printed(job)}"
    yield Step(id="mark out", kind="mark out", words=words, minutes=minutes(120 + EACH_S * lines), needs="top")


def _printed(job: Job) -> str:
    """What the print room has for it."""
    if job.solved.ground.back is not None:
        return "The print room has the pole and wrap strips for it."
    done = transferred(job)
    drawn = [area.name for area in job.piece.bare if isinstance(area.area, Stands) and area.name not in done]
    rubbed = f", and the mirrored transfer sheet for {', '.join(drawn)}" if drawn else ""
    return f"The print room has the guide at full size{rubbed}."


MARK_OUT = StepKind(stage=MARKING, make=_make)
