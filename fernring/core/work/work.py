"""work(piece) -> Work: the steps of a piece in the order of the hand. The one door the rest of the program uses."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from functools import cached_property
from typing import NamedTuple

from ..budget import budgeted
from ..document.piece import Piece
from ..document.shelf import Paint
from ..solved import Solved, solve_piece
from .care import Care, cares, sittings
from .drying import Report, State, drying
from .graph import graph
from .hand_room import Room, over, rooms
from .job import Job
from .pace import Pace, factors
from .parts import Part, parts
from .schedule import Timed, schedule
from .step import After, Step, Within


class Leaves(NamedTuple):
    """Minutes after a step until what it painted is dry for `state`, the `usual` ones before anything was learned of
    its paint (None for coats, of which nothing is), and the ids of the steps that wait for that."""

    state: State
    minutes: float
    usual: float | None
    frees: tuple[str, ...]


@dataclass(frozen=True, eq=False)
class Work:
    """`steps` stand in the order of the work; for each `begins` is its minute from the start, `sitting` the number of
    its sitting, `care` what to do before it, `room` where the hand rests and `parts` what it is done in. What binds a
    step is found by its id; `stages` says what each is a part of (preparing, painting ...), `usual` are its minutes of
    the hand before anything was learned of that, `refused` says which of the artist's moves cannot be.
    """

    job: Job
    steps: tuple[Step, ...]
    begins: tuple[float, ...]
    after: Mapping[str, tuple[After, ...]]
    within: Mapping[str, tuple[Within, ...]]
    sitting: tuple[int, ...]
    care: tuple[Care, ...]
    room: tuple[Room, ...]
    parts: tuple[tuple[Part, ...], ...]
    timed: Timed
    stages: tuple[str, ...]
    usual: tuple[float, ...]
    refused: tuple[str, ...] = ()

    @property
    def solved(self) -> Solved:
        return self.job.solved

    @cached_property
    def leaves(self) -> Mapping[str, tuple[Leaves, ...]]:
        """What each step leaves wet, by its id: the minutes until that is dry for each state, and which steps wait."""
        found: dict[tuple[str, State], list[tuple[float, str]]] = {}
        for step in self.steps:
            for one in self.after.get(step.id, ()):
                if one.state is not None and one.wait > 0:  # what leaves nothing wet is waited for by nobody
                    found.setdefault((one.step, one.state), []).append((one.wait, step.id))
        steps = {step.id: step for step in self.steps}
        by_step: dict[str, list[Leaves]] = {}
        for (ident, state), waiting in found.items():
            frees = tuple(step for _, step in waiting)
            longest = max(wait for wait, _ in waiting)
            by_step.setdefault(ident, []).append(Leaves(state, longest, self._usual(steps[ident], longest), frees))
        return {ident: tuple(own) for ident, own in by_step.items()}

    def _usual(self, step: Step, wait: float) -> float | None:
        return None if step.shade < 0 or step.coat else wait / self.job.drying.factor(self.job.paint(step.shade))

    def paint(self, shade: int) -> Paint:
        """What a shade of the plan is mixed from."""
        return self.job.paint(shade)

    @property
    def minutes(self) -> float:
        """Minutes from the first step to the end of the last."""
        return max((at + step.minutes.mean for at, step in zip(self.begins, self.steps, strict=True)), default=0.0)

    @property
    def hand_minutes(self) -> float:
        """Minutes of these in which the hand works."""
        return sum(step.minutes.mean for step in self.steps)


@budgeted
def work(piece: Piece, reports: Sequence[Report] = (), paces: Sequence[Pace] = ()) -> Work:
    """The steps of a piece, by what its artist found of drying and of the hand. Raises PlanError past the bounds of a
    plan, SpentError past the budget.
    """
    solved = solve_piece(piece)
    job = Job(solved, drying(piece.blank, piece.work.warmth, reports, piece.work.seal_base))
    own = factors(paces)
    bound = graph(job).paced(own)
    timed = schedule(bound, piece.work.costs, over(job, bound.steps))
    steps = tuple(bound.steps[k] for k in timed.order)
    split = tuple(parts(job, step) for step in steps)
    firsts = [[part.first for part in own] or [0] for own in split]
    sitting = sittings(bound, steps, timed.begins, piece.work.sitting)
    return Work(
        job, steps, timed.begins, bound.after, bound.within, sitting,
        cares(job, bound, steps, timed.begins, sitting), rooms(job, steps, timed.begins, firsts), split, timed,
        tuple(bound.stages[step.id] for step in steps),
        tuple(step.minutes.mean / own.get(step.kind, 1.0) for step in steps), bound.refused,
    )  # fmt: skip
