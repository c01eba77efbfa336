"""An order of the steps that keeps the hand busy, with few changes of tool and pot.

One hand, one step after the other, each begun as soon as what it waits for is dry. The cost of an order is the minute
at which it ends (minutes of work and of waiting with nothing to do), what every change of tool and of pot costs, and
what it costs where a step leaves the hand no place that is not wet (of few steps, `over`). It
is looked for by a beam search: of all orders begun, as many as the beam is wide are kept at every length, those that
may end with the least cost; of two that did the same steps and end with the same tool and pot the better is kept.
Source: beam search over partial sequences (Ow and Morton, 1988).
"""

from collections import defaultdict
from collections.abc import Sequence
from dataclasses import dataclass
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from ..budget import spend
from ..document.work import Costs
from ..dots.table import Array, Mask
from .graph import Graph

WIDE, NARROW = 60, 1  # orders kept of few steps, and of very many
BRANCHES = 30_000  # orders looked at in all, about
MANY = 60  # steps of which, among those alike in tool and pot, only the most urgent is looked at
TOUCHED, COPIED = 2_000, 20  # work for an order that is carried on, and for each of its steps
LATE, SHEET = 1e-9, 1e-6  # minutes; of dots alike those further up on the sheet come first (mm)
Places = NDArray[np.intp]


@dataclass(frozen=True)
class Timed:
    """When every step begins, in the order of the work (minutes from the start), and what the order costs."""

    order: tuple[int, ...]
    begins: tuple[float, ...]
    cost: float
    tools: int
    pots: int
    hands: int = 0


@dataclass(frozen=True, kw_only=True, eq=False)
class Over:
    """`blocked[k, t]`: while what step t left is wet, step k has a place with no room for the hand; that is so for
    `wet[t]` minutes after t."""

    blocked: Mask
    wet: Array


@dataclass(frozen=True, slots=True, eq=False)
class _Begun:
    """An order so far: the order before its last step, that step and when it begins; the steps done as bits, those that
    are free to come, the minute at which each may begin and how many it still waits for; the minute now, the work left,
    the minute before which no order that begins so can end, how late large dots come in it, changes, tool and pot; how
    often the hand had no room, and the minute until which what each step left is wet."""

    before: "_Begun | None"
    step: int
    begin: float
    done: int
    free: Places
    ready: Array
    waits: Places
    now: float
    left: float
    bound: float
    late: float
    tools: int
    pots: int
    tool: int
    pot: int
    length: int
    hands: int
    wet: Array


class _Ways(NamedTuple):
    """Ways to go on from an order: steps, when each begins, the least cost of an end, and how late large dots come."""

    of: _Begun
    steps: Places
    begins: Array
    promise: Array
    late: Array


class _Search:
    def __init__(self, graph: Graph, costs: Costs, over: Over | None) -> None:
        steps, self.costs, self.over = graph.steps, costs, over
        self.n = n = len(steps)
        place = {step.id: k for k, step in enumerate(steps)}
        self.long = np.array([step.minutes.mean for step in steps])
        self.tool = np.array([step.tool for step in steps])
        self.pot = np.array([step.shade for step in steps])
        self.first = np.array([step.wide + SHEET * (n - k) for k, step in enumerate(steps)])
        # 1. Who follows whom, after which wait; what is glued to what.
        self.followers: list[dict[int, float]] = [{} for _ in steps]
        for k, step in enumerate(steps):
            for one in graph.after.get(step.id, ()):
                waits = self.followers[place[one.step]]
                waits[k] = max(waits.get(k, 0.0), one.wait)
        self.glued: dict[int, list[int]] = defaultdict(list)
        for ident, within in graph.within.items():
            for limit in within:
                self.glued[place[limit.step]].append(place[ident])
        self.waits = np.zeros(n, np.intp)
        for later in self.followers:
            self.waits[list(later)] += 1
        # 2. How long everything takes at least that follows each, and which of those alike is the most urgent.
        self.tails = self._tails()
        urgent = np.lexsort((-self.first, -self.tails))
        self.rank = np.empty(n, np.intp)
        self.rank[urgent] = np.arange(n)
        _, self.alike = np.unique(np.stack((self.tool, self.pot)), axis=1, return_inverse=True)

    def _tails(self) -> Array:
        """The least minutes from the begin of each step to the end of all that waits for it."""
        tails, left = self.long.copy(), self.waits.copy()
        ready, order = np.flatnonzero(left == 0).tolist(), []
        while ready:
            k = ready.pop()
            order.append(k)
            for later in self.followers[k]:
                left[later] -= 1
                if not left[later]:
                    ready.append(later)
        for k in reversed(order):
            waits = self.followers[k]
            tails[k] = self.long[k] + max((wait + tails[later] for later, wait in waits.items()), default=0.0)
        return tails

    def found(self) -> Timed:
        free = np.flatnonzero(self.waits == 0)
        bound = float(self.tails.max())
        bare = np.zeros(self.n), self.waits, 0.0, float(self.long.sum()), bound, 0.0
        start = _Begun(None, -1, 0.0, 0, free, *bare, 0, 0, -1, -1, 0, 0, np.full(self.n, -1.0))
        beam, width = [start], max(min(WIDE, BRANCHES // max(self.n**2 // 4, 1)), NARROW)
        for _ in range(self.n):
            spend(len(beam) * (TOUCHED + COPIED * self.n))
            beam = self._best([self._ways(one) for one in beam], width)
        best = min(beam, key=lambda one: (round(self._cost(one), 6), one.late))
        return Timed(*_line(best), self._cost(best), best.tools, best.pots, best.hands)

    def _ways(self, one: _Begun) -> _Ways:
        """Every way to go on that could not be begun sooner: a step that must follow at once comes at once."""
        owed = [k for head, own in self.glued.items() if one.done >> head & 1 for k in own if not one.done >> k & 1]
        steps = np.array(owed[:1]) if owed else one.free
        begins = np.maximum(one.now, one.ready[steps])
        soon = begins <= float((begins + self.long[steps]).min()) + LATE
        steps, begins = steps[soon], begins[soon]
        if self.n > MANY and len(steps) > 1:
            order = np.lexsort((self.rank[steps], begins, self.alike[steps]))
            chosen = order[np.unique(self.alike[steps][order], return_index=True)[1]]
            steps, begins = steps[chosen], begins[chosen]
        tools, pots = self._changes(one, steps)
        changes = self.costs.tool * (one.tools + tools) + self.costs.pot * (one.pots + pots)
        changes = changes + self.costs.hand * (one.hands + self._no_room(one, steps, begins))
        ends = np.maximum(begins + one.left, np.maximum(one.bound, begins + self.tails[steps]))
        return _Ways(one, steps, begins, np.round(ends + changes, 6), one.late + one.length * self.first[steps])

    def _changes(self, one: _Begun, steps: Places) -> tuple[Places, Places]:
        """1 for each of these steps that needs another tool, another pot."""
        tool, pot = self.tool[steps], self.pot[steps]
        return (
            ((tool >= 0) & (one.tool >= 0) & (tool != one.tool)).astype(np.intp),
            ((pot >= 0) & (one.pot >= 0) & (pot != one.pot)).astype(np.intp),
        )

    def _no_room(self, one: _Begun, steps: Places, begins: Array) -> Places:
        """1 for each of these steps where the hand would find no place that is not wet."""
        if self.over is None:
            return np.zeros(len(steps), np.intp)
        wet = one.wet > begins[:, None]
        return np.asarray((self.over.blocked[steps] & wet).any(axis=1), np.intp)

    def _best(self, ways: Sequence[_Ways], width: int) -> list[_Begun]:
        promise, late = (np.concatenate([getattr(way, name) for way in ways]) for name in ("promise", "late"))
        of = np.repeat(np.arange(len(ways)), [len(way.steps) for way in ways])
        at = np.concatenate([np.arange(len(way.steps)) for way in ways])
        kept: dict[tuple[int, int, int], _Begun] = {}
        for k in np.lexsort((late, promise)).tolist():
            way = ways[of[k]]
            step, begin = int(way.steps[at[k]]), float(way.begins[at[k]])
            tool = int(self.tool[step]) if self.tool[step] >= 0 else way.of.tool
            pot = int(self.pot[step]) if self.pot[step] >= 0 else way.of.pot
            key = (way.of.done | 1 << step, tool, pot)
            if key not in kept:
                kept[key] = self._with(way.of, step, begin, key, float(late[k]))
            if len(kept) >= width:
                break
        return list(kept.values())

    def _with(self, one: _Begun, step: int, begin: float, key: tuple[int, int, int], late: float) -> _Begun:
        end = begin + float(self.long[step])
        ready, waits = one.ready.copy(), one.waits.copy()
        for later, wait in self.followers[step].items():
            ready[later] = max(ready[later], end + wait)
            waits[later] -= 1
        wet, hands = one.wet, one.hands
        if self.over is not None:
            hands += int(self._no_room(one, np.array([step]), np.array([begin]))[0])
            wet = wet.copy()
            wet[step] = end + self.over.wet[step]
        fresh = [later for later in self.followers[step] if not waits[later]]
        free = np.concatenate((one.free[one.free != step], np.array(fresh, np.intp)))
        return _Begun(
            one, step, begin, key[0], free, ready, waits, end, one.left - float(self.long[step]),
            max(one.bound, begin + float(self.tails[step])), late,
            one.tools + (one.tool not in (-1, key[1])), one.pots + (one.pot not in (-1, key[2])),
            key[1], key[2], one.length + 1, hands, wet,
        )  # fmt: skip

    def _cost(self, one: _Begun) -> float:
        return one.now + self.costs.tool * one.tools + self.costs.pot * one.pots + self.costs.hand * one.hands


def _line(last: _Begun) -> tuple[tuple[int, ...], tuple[float, ...]]:
    """The steps of an order and when they begin."""
    order, begins = [], []
    one: _Begun | None = last
    while one is not None and one.step >= 0:
        order.append(one.step)
        begins.append(one.begin)
        one = one.before
    return tuple(reversed(order)), tuple(reversed(begins))


def schedule(graph: Graph, costs: Costs, over: Over | None = None) -> Timed:
    """The order that was found. No order breaks what binds the steps."""
    return _Search(graph, costs, over).found() if graph.steps else Timed((), (), 0.0, 0, 0)
