"""Airy: packed as if every dot were a third larger."""

from dataclasses import replace

from ..pack import Packed, Task, pack
from .manner import Manner

LARGER = 1.35


def _fill(task: Task, _: float) -> Packed:
    return pack(replace(task, radii=tuple(radius * LARGER for radius in task.radii)))


AIRY = Manner(id="airy", name="airy", fill=_fill, about="with room between them, the largest first")
