"""What the rest may ask of a kind of step. Each kind is a value of this, exported by its own module."""

from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass

from ..bond import Bond as Bond
from ..edges import Edges
from ..job import Job
from ..step import Step

PREPARING, MARKING, PAINTING, FINISHING = "preparing", "marking out", "painting", "finishing"


def _none(_: Job, __: Sequence[Step], ___: Sequence[Step], ____: Edges) -> Iterable[Bond]:
    return ()


def _free(_: Job, __: Sequence[Step], ___: Sequence[Step]) -> Iterable[Bond]:
    return ()


@dataclass(frozen=True, kw_only=True)
class StepKind:
    """`stage` is one of the four above: steps of preparing, marking out and finishing follow
    one another in the order of the list, painting finds its own order. `make` answers the steps of this kind that a
    piece needs, `bind` what binds these beside what holds for every step, given them and all steps of painting; `part`
    the same of steps that part all others into those before and those after them, given what binds these.
    """

    stage: str
    make: Callable[[Job], Iterable[Step]]
    bind: Callable[[Job, Sequence[Step], Sequence[Step]], Iterable[Bond]] = _free
    part: Callable[[Job, Sequence[Step], Sequence[Step], Edges], Iterable[Bond]] = _none


def setting(painting: Sequence[Step], step: Step) -> Step:
    """The first step that sets dots of the same row on the same half."""
    return next(one for one in painting if len(one.dots) and (one.row, one.half) == (step.row, step.half))
