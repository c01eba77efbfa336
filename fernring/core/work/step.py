"""A step of the work, and what binds steps to one another."""

from dataclasses import dataclass, field, replace
from typing import NamedTuple

from ..dots.table import NONE, Whole
from .drying import State
from .pace import Minutes


class After(NamedTuple):
    """Begin no sooner than `wait` minutes after the last dot of that step; `state` is what is waited for, None where
    only the order counts."""

    step: str
    wait: float = 0.0
    state: State | None = None


class Within(NamedTuple):
    """End no later than so many minutes after the first dot of that step."""

    step: str
    minutes: float


@dataclass(frozen=True, kw_only=True, eq=False)
class Step:
    """One thing to do, with one tool and one pot.

    `id` stays when other rows or dots change. `dots` are lines of the plan's table in the order in which they are
    painted, `marks` places in its marks; neither is ever stored. `row` and `trim` are numbers as the piece counts
    them, -1 for none; so are `tool` and `shade`. `reloads` are the places in `dots` that begin a new load, `wide` is
    its widest dot or mark (mm). A `coat` leaves the whole piece wet, and one of an area that area, which lies `over`
    the coats of these areas alone (by their ids); a `thin` step leaves a place that dries like one, what `cures` is dry
    right through after so many minutes; what is below must be dry as the step `needs`.
    Lengths in words stand in braces, in mm.
    """

    id: str
    kind: str
    words: str
    minutes: Minutes
    row: int = -1
    trim: int = -1
    half: str = "front"
    dots: Whole = field(default_factory=lambda: NONE.dot)
    marks: tuple[int, ...] = ()
    tool: int = -1
    shade: int = -1
    reloads: tuple[int, ...] = ()
    wide: float = 0.0
    coat: bool = False
    over: tuple[str, ...] | None = None
    thin: bool = False
    cures: float = 0.0
    needs: State | None = None
    cautions: tuple[str, ...] = ()

    @property
    def loads(self) -> int:
        return len(self.reloads)

    def replaced(self, **more: object) -> "Step":
        return replace(self, **more)  # type: ignore[arg-type]
