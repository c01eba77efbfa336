"""What binds the steps of a piece: what comes before what, what must be dry, and what must follow at once."""

from collections import defaultdict
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from itertools import chain, pairwise

import numpy as np

from ..budget import spend
from ..dots.index import Index
from ..dots.table import Whole
from ..rows.tracks import track_of
from .edges import Edges
from .groups import is_tail, stands_on
from .job import Job
from .kinds import KINDS
from .kinds.kind import FINISHING, MARKING, PAINTING, PREPARING, Bond
from .moved import moved
from .pace import Minutes
from .placed_by import rows_below
from .step import After, Step, Within

Own = Mapping[tuple[int, str], list[Step]]
CLOSE = 0.5  # mm: nearer than this a line laid over dots lies on them


@dataclass(frozen=True)
class Graph:
    """For every step, by its id: what it comes after, and what it must follow at once, and of which stage it is.
    `refused` says which moves of the artist cannot be, and why."""

    steps: tuple[Step, ...]
    after: Mapping[str, tuple[After, ...]]
    within: Mapping[str, tuple[Within, ...]]
    stages: Mapping[str, str] = field(default_factory=dict)
    refused: tuple[str, ...] = ()

    def paced(self, factors: Mapping[str, float]) -> "Graph":
        """The same with minutes of the hand that are so many times the default, by the kind of step."""
        steps = tuple(_slower(step, factors.get(step.kind, 1.0)) for step in self.steps)
        return replace(self, steps=steps)


def _slower(step: Step, factor: float) -> Step:
    return step.replaced(minutes=Minutes(*(value * factor for value in step.minutes)))


def graph(job: Job) -> Graph:
    """The steps of a piece and what binds them. Coats come after all that lies below them."""
    made = [(kind, tuple(kind.make(job))) for kind in KINDS]
    steps = tuple(step for _, own in made for step in own)
    before, painting, finishing = (
        [step for kind, own in made if kind.stage in stages for step in own]
        for stages in ((PREPARING, MARKING), (PAINTING,), (FINISHING,))
    )
    edges = Edges(job)
    # 1. Preparing and marking out follow one another, then painting begins.
    _in_line(edges, before)
    for step in painting:
        for first in before[-1:]:
            edges.add(Bond(step, first))
    # 2. Painting: what stands on what, what is placed by what, and what the kinds of steps ask.
    of, sets = _step_of(job, painting), _own(job, painting)
    rules = (
        _standing(job, painting, of),
        _placed(job, sets),
        _boundary(job, sets),
        _filled(job, sets),
        _lines(job, painting, of),
        *(kind.bind(job, own, painting) for kind, own in made),
    )
    for bond in chain(*rules):
        edges.add(bond)
    # 3. Finishing comes after everything, its steps one after the other.
    for step in painting:
        for done in finishing:
            if done is finishing[0] or done.needs:
                edges.add(Bond(done, step, done.needs))
    _in_line(edges, finishing)
    # 4. What the artist moves, where nothing speaks against it.
    refused = tuple(moved(job, steps, edges))
    after = {ident: tuple(found.values()) for ident, found in edges.after.items()}
    stages = {step.id: kind.stage for kind, own in made for step in own}
    return Graph(steps, after, edges.within, stages, refused)


def _in_line(edges: Edges, steps: Sequence[Step]) -> None:
    """Each after the one before, and as dry as it needs what the last coats left."""
    for k, step in enumerate(steps):
        if k:
            edges.add(Bond(step, steps[k - 1], step.needs if steps[k - 1].coat else None))
        coat = next((first for first in reversed(steps[:k]) if first.coat), None)
        if coat is not None:
            edges.add(Bond(step, coat, step.needs or "touch"))


def _step_of(job: Job, steps: Sequence[Step]) -> Whole:
    """The place in `steps` of the step that paints each dot, -1 for those that are painted later."""
    found = np.full(len(job.dots), -1, np.int32)
    for place, step in enumerate(steps):
        found[step.dots] = place
    return found


def _standing(job: Job, steps: Sequence[Step], of: Whole) -> Iterator[Bond]:
    """A dot comes after what it stands on or is walked around; on something else only when that is dry."""
    dots = job.dots
    carried = np.flatnonzero((dots.below != dots.dot) & (of >= 0) & (of[dots.below] >= 0))
    on = dots.level[carried] > np.maximum(dots.level[dots.below[carried]], 1)
    pairs = np.stack((of[carried], of[dots.below[carried]], on.astype(np.int32)), axis=1)
    for step, first, above in np.unique(pairs, axis=0).tolist() if len(pairs) else []:
        yield Bond(steps[step], steps[first], "top" if above else None)
    for step in steps:
        for mark in step.marks:
            one = job.solved.marked[mark]
            below = of[one.dot]
            if below >= 0 and not is_tail(one, dots):
                yield Bond(step, steps[below], "top" if stands_on(one, dots) else None)


def _own(job: Job, steps: Sequence[Step]) -> Own:
    """The steps that set a row's own dots, by row and half."""
    own: dict[tuple[int, str], list[Step]] = defaultdict(list)
    for step in steps:
        if len(step.dots) and job.dots.level[step.dots[0]] < 2:
            own[step.row, step.half].append(step)
    return own


def _placed(job: Job, own: Own) -> Iterator[Bond]:
    """A row that is placed by others comes after their own dots: nested on them, in their dips, in the gaps between."""
    for (row, half), mine in own.items():
        for other in rows_below(job.solved, row):
            for step in mine:
                for first in own.get((other, half), ()):
                    yield Bond(step, first)


def _boundary(job: Job, own: Own) -> Iterator[Bond]:
    """Boundary rows come before all others but lines."""
    first = job.come_first
    for (row, half), mine in own.items():
        if row in first or job.solved.rows[row].laid:
            continue
        for other in first:
            yield from (Bond(step, one) for step in mine for one in own.get((other, half), ()))


def _filled(job: Job, own: Own) -> Iterator[Bond]:
    """Each shade of a fill is finished before the next is mixed, in the order in which the row names them. Where
    several sizes are packed the large dots come first, since the small ones lie in the gaps between them."""
    for (row, _half), mine in own.items():
        rule = job.solved.rules[row]
        track = track_of(rule.track)
        if not track.fills:
            continue
        named = [job.solved.palette.index(shade) for shade in rule.shades]
        of_members = [step.shade for step in sorted(mine, key=lambda step: -step.wide)]
        place = {shade: k for k, shade in enumerate(dict.fromkeys((*named, *of_members)))}
        turns: dict[tuple[int, float], list[Step]] = defaultdict(list)
        for step in mine:
            turns[place[step.shade], -step.wide if track.packed else 0.0].append(step)
        for one, other in pairwise(sorted(turns)):
            yield from (Bond(step, first) for step in turns[other] for first in turns[one])


def _lines(job: Job, steps: Sequence[Step], of: Whole) -> Iterator[Bond]:
    """Lines laid under the dots come before those they cross, lines over the dots after them, each when dry."""
    dots = job.dots
    painted = np.flatnonzero((of >= 0) & dots.painted)
    if not any(job.solved.rows[step.row].laid for step in steps if step.row >= 0):
        return
    there = Index(dots.x[painted], dots.y[painted], dots.z[painted], dots.radius[painted])
    for step in steps:
        if step.row < 0 or not step.marks or not job.solved.rows[step.row].laid:
            continue
        marks = [job.solved.marked[mark].mark for mark in step.marks]
        spine, rise = np.concatenate([m.spine for m in marks]), np.concatenate([m.rise for m in marks])
        girth = np.concatenate([m.girth for m in marks])
        spend(20 * len(spine))
        _, met, _ = there.within(spine[:, 0], spine[:, 1], rise, float(girth.max(initial=0.0)) + CLOSE)
        on = np.unique(painted[met])
        for other in np.unique(of[on[job.back[on] == (step.half == "back")]]).tolist():
            if marks[0].level:
                yield Bond(step, steps[other], "top")
            else:
                yield Bond(steps[other], step, "touch")
