"""What a fill may ask of a way of filling. Each is a value of this, exported by its own module."""

from collections.abc import Callable
from dataclasses import dataclass

from ..pack import Packed, Task


@dataclass(frozen=True, kw_only=True)
class Manner:
    """`name` is offered; `fill` puts dots into the area of a task, for which a direction (rad, clockwise from straight
    up) may mean something (`turned`). `symmetric` ones can be alike in every segment. `about` says in a sentence how
    it is painted.
    """

    id: str
    name: str
    fill: Callable[[Task, float], Packed]
    about: str
    turned: bool = False
    symmetric: bool = True
