"""What binds the steps of a piece: what comes before what, what must be dry, and what must follow at once."""

from collections import defaultdict
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from itertools import chain, pairwise

import numpy as np

from ..budget import spend
from ..dots.index import Index
from ..dots.table import Whole
from ..rows.tracks import track_of
from .contact import contacts
from .edges import Edges
from .groups import is_tail, stands_on
from .job import Job
from .kinds import KINDS
from .kinds.kind import FINISHING, MARKING, PAINTING, PREPARING, Bond
from .moved import moved
from .outward import outward
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
        _with_heads(job, painting, of, chain(_met(job, painting, of), _lines(job, painting))),
        _placed(job, sets),
        _boundary(job, sets),
        _filled(job, sets),
        *(kind.bind(job, own, painting) for kind, own in made),
    )
    for bond in chain(*rules):
        edges.add(bond)
    for kind, own in made:
        for bond in tuple(kind.part(job, own, painting, edges)):
            edges.add(bond)
    # 3. Finishing comes after everything, its steps one after the other.
    for step in painting:
        for done in finishing:
            if done is finishing[0] or done.needs:
                edges.add(Bond(done, step, done.needs))
    _in_line(edges, finishing)
    # 4. What the artist moves, where nothing speaks against it.
    refused = tuple(moved(job, steps, edges))
    # 5. From the centre outward, where nothing speaks against it.
    outward(job, sets, edges)
    after = {ident: tuple(found.values()) for ident, found in edges.after.items()}
    stages = {step.id: kind.stage for kind, own in made for step in own}
    return Graph(steps, after, edges.within, stages, refused)


def _in_line(edges: Edges, steps: Sequence[Step]) -> None:
    """Each after the one before, and as dry as it needs what the last coats left: those below it, of areas their own
    and what they touch."""
    wet: list[Step] = []
    for k, step in enumerate(steps):
        below = [coat for coat in wet if step.over is None or coat.over is None or coat.id in step.over]
        for coat in below:
            edges.add(Bond(step, coat, step.needs or "touch"))
        if k and steps[k - 1] not in below:
            edges.add(Bond(step, steps[k - 1]))
        if step.coat:
            wet = [step] if step.over is None else [*wet, step]


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


def _met(job: Job, steps: Sequence[Step], of: Whole) -> Iterator[Bond]:
    """What touches something of a lower rank comes after it, on another level only when that is dry."""
    met = contacts(job)
    # 1. The step of each dot and of each mark.
    marks = np.full(len(job.solved.marked), -1, np.int32)
    for place, step in enumerate(steps):
        marks[list(step.marks)] = place
    places = np.concatenate((of, marks))
    # 2. Each pair of steps once.
    later, first = places[met.later].astype(np.int64), places[met.first]
    bound = (later >= 0) & (first >= 0) & (later != first)
    for code in np.unique((2 * (later * len(steps) + first) + met.over)[bound]).tolist():
        one, other = divmod(code // 2, len(steps))
        yield Bond(steps[one], steps[other], "top" if code % 2 else None)


def _with_heads(job: Job, steps: Sequence[Step], of: Whole, bonds: Iterable[Bond]) -> Iterator[Bond]:
    """These, and what keeps a tail waiting keeps its head waiting, since the one follows the other at once."""
    heads: dict[str, Step] = {}
    for step in steps:
        for one in (job.solved.marked[mark] for mark in step.marks):
            if is_tail(one, job.dots) and of[one.dot] >= 0:
                heads[step.id] = steps[of[one.dot]]
    for bond in bonds:
        yield bond
        head = heads.get(bond.step.id)
        if head is not None and head is not bond.first:
            yield Bond(head, bond.first, bond.state)


def _own(job: Job, steps: Sequence[Step]) -> Own:
    """The steps that set a row's own dots, by row and half."""
    own: dict[tuple[int, str], list[Step]] = defaultdict(list)
    for step in steps:
        if len(step.dots) and job.dots.level[step.dots[0]] < 2:
            own[step.row, step.half].append(step)
    return own


def _placed(job: Job, own: Own) -> Iterator[Bond]:
    """A row that is placed by others comes after their own dots: nested on them, in their dips, in the gaps between.
    Lines under the dots rest on none, wherever they were placed by them."""
    for (row, half), mine in own.items():
        if job.solved.rows[row].laid and job.solved.rules[row].laid == "under":
            continue
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
    """Where several sizes are packed the large dots come first, since the small ones lie in the gaps between them, in
    all their shades. Along a ramp each shade is finished before the next is mixed, in the order in which the row names
    them; so it is in the gaps between other dots."""
    for (row, _half), mine in own.items():
        rule = job.solved.rules[row]
        track = track_of(rule.track)
        if not track.fills:
            continue
        named = [job.solved.palette.index(shade) for shade in rule.shades]
        of_members = [step.shade for step in sorted(mine, key=lambda step: -step.wide)]
        place = {shade: k for k, shade in enumerate(dict.fromkeys((*named, *of_members)))}
        mixed = track.packed and not track.graded(rule.track)
        turns: dict[tuple[float, float], list[Step]] = defaultdict(list)
        for step in mine:
            size = -step.wide if track.packed else 0.0
            turns[(size, 0.0) if mixed else (float(place[step.shade]), size)].append(step)
        for one, other in pairwise(sorted(turns)):
            yield from (Bond(step, first) for step in turns[other] for first in turns[one])


def _lines(job: Job, steps: Sequence[Step]) -> Iterator[Bond]:
    """Lines laid under the dots come before those they cross, lines over the dots after them, each when dry; marks that
    they cross count with the dots."""
    solved = job.solved
    laid = [step for step in steps if step.row >= 0 and step.marks and solved.rows[step.row].laid]
    if not laid:
        return
    others = [step for step in steps if step not in laid and (len(step.dots) or step.marks)]
    discs, there = _discs(job, others)
    for step in laid:
        own, _ = _discs(job, [step])
        spend(20 * len(own))
        _, met, _ = discs.within(own.x, own.y, own.z, float(own.radius.max(initial=0.0)) + CLOSE)
        for k in np.unique(there[met]).tolist():
            other = others[k]
            if other.half != step.half:
                continue
            over = solved.marked[step.marks[0]].mark.level
            yield Bond(step, other, "top") if over else Bond(other, step, "top")


def _discs(job: Job, steps: Sequence[Step]) -> tuple[Index, Whole]:
    """The discs of all that these steps paint, and the place of its step for each."""
    dots, marked = job.dots, job.solved.marked
    own = [step.dots[dots.level[step.dots] > 0] for step in steps]
    marks = [(k, marked[mark].mark) for k, step in enumerate(steps) for mark in step.marks]
    painted = np.concatenate([*own, np.empty(0, np.int32)])
    spine = np.concatenate([np.empty((0, 2)), *(mark.spine for _, mark in marks)])
    there = np.concatenate([np.repeat(np.arange(len(steps)), [len(some) for some in own]),
                            np.repeat([k for k, _ in marks], [len(mark.girth) for _, mark in marks])])  # fmt: skip
    return Index(
        np.concatenate((dots.x[painted], spine[:, 0])),
        np.concatenate((dots.y[painted], spine[:, 1])),
        np.concatenate([dots.z[painted], *(mark.rise for _, mark in marks)]),
        np.concatenate([dots.radius[painted], *(mark.girth for _, mark in marks)]),
    ), there.astype(np.int32)  # fmt: skip
