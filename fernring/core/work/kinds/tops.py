"""Dots on dry dots, a level at a time."""

from collections.abc import Iterator
from functools import partial

from ...dots.table import Whole
from ..groups import Family, Group
from ..job import Job
from ..runs import dotted
from ..step import Step
from .kind import PAINTING, StepKind


def _make(job: Job) -> Iterator[Step]:
    for group in job.of(Family.TOPS):
        yield from dotted(job, group, "top dots", partial(_said, job, group))


def _said(job: Job, group: Group, dots: Whole, _: int) -> str:
    return f"On the dry dots of {job.where(group.key)}: {job.sized(dots)}{job.using(group.key)}."


TOPS = StepKind(stage=PAINTING, make=_make)
