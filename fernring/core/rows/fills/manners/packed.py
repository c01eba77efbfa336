"""Packed: as much paint as goes in."""

from ..pack import Packed, Task, pack
from .manner import Manner


def _fill(task: Task, _: float) -> Packed:
    return pack(task)


PACKED = Manner(id="packed", name="packed close", fill=_fill, about="the largest first")
