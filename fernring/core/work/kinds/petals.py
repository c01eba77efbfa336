"""Petals: dots walked round their hosts, layer by layer; all left sides and then all right, or petal by petal."""

from collections.abc import Iterator
from functools import partial

from ...dots.table import Whole
from ...words.numbers import counted
from ..groups import TIPS, Family, Group
from ..job import Job
from ..runs import dotted
from ..step import Step
from .kind import PAINTING, StepKind

SIDES = {TIPS: "the tips", 0: "both sides, petal by petal", 1: "left sides", 2: "right sides"}


def _make(job: Job) -> Iterator[Step]:
    for group in job.of(Family.PETALS):
        yield from dotted(job, group, "petals", partial(_said, job, group))


def _said(job: Job, group: Group, dots: Whole, loads: int) -> str:
    layer = f", layer {group.key.layer}" if group.key.layer > 1 else ""
    some = "one load" if loads == 1 else f"{counted(loads)} loads"
    many = f", {some}" if loads < len(dots) else ", a fresh load for each"
    return (
        f"Walk {job.where(group.key)}{layer}, {SIDES[group.key.side]}: {job.sized(dots)}{job.using(group.key)}{many}."
    )


PETALS = StepKind(stage=PAINTING, make=_make)
