"""Scattered: a few dots of every size, apart from one another like falling snow, more of the smaller."""

from dataclasses import replace
from math import pi

from ..pack import Packed, Task, pack
from .manner import Manner

COVERED = 0.14  # of the area, where nobody says how many
LEAST = 3


def _fill(task: Task, _: float) -> Packed:
    """Every size covers as much as the others, so that there are more of the smaller."""
    each = COVERED * task.area.area / len(task.radii)
    most = tuple(
        max(int(each / (pi * radius**2)), LEAST) if given is None else given
        for radius, given in zip(task.radii, task.limits, strict=True)
    )
    return pack(replace(task, most=most))


SCATTERED = Manner(id="scattered", name="scattered", fill=_fill, about="scattered, the largest first")
