"""What the kinds of lines and strokes share: a group of marks as one step."""

from ...words.numbers import counted
from ..groups import Group
from ..job import Job
from ..pace import drawing
from ..step import Step


def marked(job: Job, group: Group, kind: str, done: str, names: tuple[str, str]) -> Step:
    """The step of a group of marks; `done` is what is done to so many of them, by their `names` for one and more."""
    key, count = group.key, max(len(group.marks), 1)
    words = f"{job.where(key).capitalize()}: {done} {counted(count)} {names[count > 1]}{job.using(key)}."
    return Step(
        id=f"{kind}/{job.row_id(key)}", kind=kind, words=words,
        minutes=drawing(count), row=key.row, trim=key.trim, half=key.half, dots=group.dots, marks=group.marks,
        tool=key.tool, shade=key.shade, reloads=tuple(range(len(group.dots))),
        wide=max((2 * float(job.solved.marked[mark].mark.girth.max()) for mark in group.marks), default=0.0),
    )  # fmt: skip
