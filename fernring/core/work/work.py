"""work(piece) -> Work: the steps of a piece in the order of the hand. The one door the rest of the program uses."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from ..budget import budgeted
from ..document.piece import Piece
from ..solved import Solved, solve_piece
from .care import cares, sittings
from .drying import Report, drying
from .graph import graph
from .hand_room import Room, rooms
from .job import Job
from .schedule import Timed, schedule
from .step import After, Step, Within


@dataclass(frozen=True, eq=False)
class Work:
    """`steps` stand in the order of the work; for each `begins` is its minute from the start, `sitting` the number of
    its sitting, `care` what to do before it and `room` where the hand rests. What binds a step is found by its id;
    `refused` says which of the artist's moves cannot be.
    """

    solved: Solved
    steps: tuple[Step, ...]
    begins: tuple[float, ...]
    after: Mapping[str, tuple[After, ...]]
    within: Mapping[str, tuple[Within, ...]]
    sitting: tuple[int, ...]
    care: tuple[str, ...]
    room: tuple[Room, ...]
    timed: Timed
    refused: tuple[str, ...] = ()

    @property
    def minutes(self) -> float:
        """Minutes from the first step to the end of the last."""
        return max((at + step.minutes.mean for at, step in zip(self.begins, self.steps, strict=True)), default=0.0)

    @property
    def hand_minutes(self) -> float:
        """Minutes of these in which the hand works."""
        return sum(step.minutes.mean for step in self.steps)


@budgeted
def work(piece: Piece, reports: Sequence[Report] = ()) -> Work:
    """The steps of a piece. Raises PlanError past the bounds of a plan, SpentError past the budget."""
    solved = solve_piece(piece)
    job = Job(solved, drying(piece.blank, piece.work.warmth, reports))
    bound = graph(job)
    timed = schedule(bound, piece.work.costs)
    steps = tuple(bound.steps[k] for k in timed.order)
    return Work(
        solved, steps, timed.begins, bound.after, bound.within, sittings(steps, timed.begins),
        cares(job, bound, steps, timed.begins), rooms(job, steps, timed.begins), timed, bound.refused,
    )  # fmt: skip
