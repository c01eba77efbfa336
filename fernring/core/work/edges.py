"""What is asked of every step, gathered: bonds become waits in minutes."""

from collections import defaultdict
from collections.abc import Iterable

from .bond import Bond
from .drying import State
from .job import Job
from .step import After, Step, Within


class Edges:
    """What is asked of every step, each thing once."""

    def __init__(self, job: Job) -> None:
        self.job = job
        self.after: dict[str, dict[tuple[str, State | None], After]] = defaultdict(dict)
        self.within: dict[str, tuple[Within, ...]] = {}

    def add(self, bond: Bond) -> None:
        step, first, state, within = bond
        if step.id != first.id:
            wait = dries(self.job, first, state) if state else 0.0
            self.after[step.id][first.id, state] = After(first.id, wait, state)
        if within is not None:
            self.within[step.id] = (Within(first.id, within),)

    def needed(self, steps: Iterable[str]) -> set[str]:
        """These steps and all that come before any of them, by their ids."""
        found, todo = set(steps), list(steps)
        while todo:
            for first, _ in self.after.get(todo.pop(), ()):
                if first not in found:
                    found.add(first)
                    todo.append(first)
        return found


def dries(job: Job, step: Step, state: State) -> float:
    """Minutes until what a step leaves is dry for this; 0 where it leaves nothing wet."""
    if step.cures and state == "varnish":
        return step.cures
    if step.coat or step.thin:
        return job.drying.coat(state)
    if not step.wide or step.shade < 0:
        return 0.0
    on_paint = bool((job.dots.level[step.dots] > 1).any())
    return job.drying.dot(step.wide, job.paint(step.shade), state, on_paint)
