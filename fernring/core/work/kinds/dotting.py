"""Dots on the blank: quarter points first, then the middles of what is still empty. Heads of tails come in batches."""

from collections.abc import Iterator
from functools import partial

from ...dots.table import Whole
from ..groups import Family, Group
from ..job import Job
from ..runs import dotted
from ..step import Step
from .kind import PAINTING, StepKind

FEW = 3  # dots that need no order


def _make(job: Job) -> Iterator[Step]:
    for group in job.of(Family.DOTS):
        yield from dotted(job, group, "dots", partial(_said, job, group))


def _said(job: Job, group: Group, dots: Whole, _: int) -> str:
    even = len(dots) > FEW and job.solved.rows[group.key.row].one.round
    order = "; quarter points first, then between." if even else "."
    order = f"; before what lies inside it, since it is the boundary{order}" if _early(job, group) else order
    return f"{job.where(group.key).capitalize()}: {job.sized(dots)}{job.using(group.key)}{order}"


def _early(job: Job, group: Group) -> bool:
    return group.key.row in job.come_first


DOTTING = StepKind(stage=PAINTING, make=_make)
