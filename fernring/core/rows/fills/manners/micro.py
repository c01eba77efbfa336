"""Micro dots only: the smallest size and no other."""

from dataclasses import replace

from ..pack import Packed, Task, pack
from .manner import Manner


def _fill(task: Task, _: float) -> Packed:
    found = pack(replace(task, radii=task.radii[-1:], most=task.limits[-1:]))
    return Packed(found.at, found.size + len(task.radii) - 1)


MICRO = Manner(id="micro", name="micro dots only", fill=_fill, about="the smallest dots alone")
