"""What the rest may ask of a kind of step. Each kind is a value of this, exported by its own module."""

from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass
from typing import NamedTuple

from ..drying import State
from ..job import Job
from ..step import Step

PREPARING, MARKING, PAINTING, FINISHING = "preparing", "marking out", "painting", "finishing"


class Bond(NamedTuple):
    """`step` comes after `first`, when what that left is dry for `state` (None: at once), and ends `within` so many
    minutes after its first dot."""

    step: Step
    first: Step
    state: State | None = None
    within: float | None = None


def _free(_: Job, __: Sequence[Step], ___: Sequence[Step]) -> Iterable[Bond]:
    return ()


@dataclass(frozen=True, kw_only=True)
class StepKind:
    """`stage` is one of the four above: steps of preparing, marking out and finishing follow
    one another in the order of the list, painting finds its own order. `make` answers the steps of this kind that a
    piece needs, `bind` what binds these beside what holds for every step, given them and all steps of painting.
    """

    stage: str
    make: Callable[[Job], Iterable[Step]]
    bind: Callable[[Job, Sequence[Step], Sequence[Step]], Iterable[Bond]] = _free


def setting(painting: Sequence[Step], step: Step) -> Step:
    """The first step that sets dots of the same row on the same half."""
    return next(one for one in painting if len(one.dots) and (one.row, one.half) == (step.row, step.half))
