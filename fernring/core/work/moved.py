"""Steps that the artist does in another order: kept where nothing binds them the other way, else refused with why."""

from collections.abc import Iterator, Sequence

from .edges import Edges
from .job import Job
from .kinds.kind import Bond
from .step import Step


def moved(job: Job, steps: Sequence[Step], edges: Edges) -> Iterator[str]:
    """Adds the moves that can be, in the order in which they were made, and says why others cannot."""
    by_id = {step.id: step for step in steps}
    for move in job.piece.work.moves:
        step, other = by_id.get(move.step), by_id.get(move.before)
        if step is None or other is None or step is other:
            continue
        if other.id in edges.within:  # nothing comes between a dot and its tail: what goes before one goes before both
            other = by_id[edges.within[other.id][0].step]
        needs = _needs(edges, step, other)
        if needs is None:
            edges.add(Bond(other, step))
        else:
            words, first = (one.words.rstrip(".") for one in (step, by_id[needs]))
            yield f"“{words}” cannot come sooner: it needs “{first}” first."


def _needs(edges: Edges, step: Step, other: Step) -> str | None:
    """What the step comes right after on a way that leads back to the other one; None where no such way is."""
    if step is other:
        return other.id
    towards: dict[str, str] = {step.id: ""}
    todo = [step.id]
    while todo:
        here = todo.pop()
        for after, _ in edges.after.get(here, {}):
            if after not in towards:
                towards[after] = towards[here] or after
                todo.append(after)
    return towards.get(other.id)
