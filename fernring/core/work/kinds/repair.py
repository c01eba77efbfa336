"""What is mended on the piece: a place covered and dotted again, an accent over it, a hair line through it."""

from collections.abc import Callable, Iterator, Mapping, Sequence

from ...document.work import Repair
from ...words.lengths import mm
from ..drying import State
from ..job import Job
from ..pace import minutes
from ..step import Step
from .kind import PAINTING, Bond, StepKind


def _make(job: Job) -> Iterator[Step]:
    rows = {row.id: index for index, row in enumerate(job.piece.rows)}
    for one in job.piece.work.repairs:
        if one.row in rows:
            yield from WAYS[one.kind](job, one, rows[one.row])


def _covered(job: Job, one: Repair, row: int) -> Iterator[Step]:
    base = job.piece.blank.base.name
    yield Step(
        id=f"cover/{one.id}", kind="cover", words=f"Cover {one.where} with {base}, thin, and its surroundings with it.",
        minutes=minutes(60), row=row, half=one.half, thin=True, needs="touch",
    )  # fmt: skip
    yield _set(job, one, row, f"again/{one.id}", f"Set it again, {one.where}: {mm(one.diameter)}")


def _accented(job: Job, one: Repair, row: int) -> Iterator[Step]:
    words = f"Set an accent of {mm(one.diameter)} over {one.where}"
    yield _set(job, one, row, f"accent/{one.id}", words, "top")


def _parted(job: Job, one: Repair, row: int) -> Iterator[Step]:
    words = f"Draw a hair line of {job.piece.blank.base.name} at {one.where}, where two dots should part."
    ident = f"hair line/{one.id}"
    yield Step(id=ident, kind="hair line", words=words, minutes=minutes(30), row=row, half=one.half, needs="touch")


def _set(job: Job, one: Repair, row: int, ident: str, words: str, needs: State = "touch") -> Step:
    tools = {tool.id: place for place, tool in enumerate(job.piece.tools)}
    shades = {shade.name: place for place, shade in enumerate(job.solved.palette.shades)}
    tool, shade = tools.get(one.tool or "", -1), shades.get(one.shade, -1)
    using = f" with {job.piece.tools[tool].name}" if tool >= 0 else ""
    using += f" in {one.shade}" if one.shade else ""
    return Step(
        id=ident, kind=ident.partition("/")[0], words=f"{words}{using}.", minutes=minutes(30), row=row, half=one.half,
        tool=tool, shade=shade, wide=one.diameter, needs=needs,
    )  # fmt: skip


WAYS: Mapping[str, Callable[[Job, Repair, int], Iterator[Step]]] = {
    "cover": _covered,
    "accent": _accented,
    "hair line": _parted,
}


def _bind(_: Job, own: Sequence[Step], painting: Sequence[Step]) -> Iterator[Bond]:
    """After what lies there, when that is dry; the dot again when its cover is."""
    covers = {step.id.partition("/")[2]: step for step in own if step.thin}
    for step in own:
        cover = covers.get(step.id.partition("/")[2], step)
        below = [one for one in painting if (one.row, one.half) == (step.row, step.half) and len(one.dots)]
        for first in below if cover is step else [cover]:
            yield Bond(step, first, step.needs)


REPAIR = StepKind(stage=PAINTING, make=_make, bind=_bind)
