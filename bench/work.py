"""The steps of large pieces, and their order beside the best that a constraint solver proves."""

from collections import Counter
from functools import partial
from math import log

import numpy as np

from fernring.core.document.piece import Piece
from fernring.core.solved import solve_piece
from fernring.core.work.drying import drying
from fernring.core.work.graph import graph
from fernring.core.work.job import Job
from fernring.core.work.schedule import schedule
from fernring.core.work.work import work
from tests import patterns, samples
from tests.work_cases import best_cost, broken, hard_piece, random_piece
from tests.work_look import features

from .timing import figure, medians, share

PIECES, RANDOM, HARD = 40, 300, 500
FEWEST, MOST = 8, 14
EACH = 588  # dots of a row, about


def run() -> bool:
    good = True
    took = {}
    for wanted, limit in ((5_000, 400), (20_000, 1500)):
        piece = large(wanted)
        solved = solve_piece(piece)
        times = medians({"work": partial(work, piece), "plan": partial(solve_piece, piece)}, 3)
        took[len(solved.dots)] = times["work"] - times["plan"]
        good &= figure(f"steps of {len(solved.dots):,} dots, beside their plan", took[len(solved.dots)], "ms", limit)
    (n, few), (m, many) = took.items()
    good &= share(f"from {n:,} to {m:,} dots, over n log n", many / few, m * log(m) / (n * log(n)), 1.5)
    random = np.random.default_rng(13)
    wrong = [fault for _ in range(RANDOM) for fault in broken(work(random_piece(random)))]
    good &= figure(f"faults in the steps of {RANDOM} random pieces", len(wrong), "faults", 0)
    good &= _hard(random)
    return good & _beside_the_best(random)


def _hard(random: np.random.Generator) -> bool:
    """Pieces with what is hard to put in order; how many hold each of it is printed."""
    held: Counter[str] = Counter()
    wrong = []
    for _ in range(HARD):
        piece = hard_piece(random)
        held.update(features(piece))
        wrong += broken(work(piece))
    print("  of them hold " + ", ".join(f"{name} {count}" for name, count in sorted(held.items())))
    return figure(f"faults in the steps of {HARD} hard pieces", len(wrong), "faults", 0)


def _beside_the_best(random: np.random.Generator) -> bool:
    worst, proved, changes = 0.0, 0, np.zeros(2)
    found = 0
    while found < PIECES:
        piece = random_piece(random)
        bound = graph(Job(solve_piece(piece), drying(piece.blank, piece.work.warmth)))
        if not FEWEST <= len(bound.steps) <= MOST:
            continue
        found += 1
        ours = schedule(bound, piece.work.costs)  # the hand's room is no part of the model
        best, sure = best_cost(bound, piece.work.costs)
        proved += sure
        worst = max(worst, ours.cost / best)
        changes += ours.tools, ours.pots
    tools, pots = changes / PIECES
    print(f"  {proved} of {PIECES} proved; {tools:.1f} changes of tool and {pots:.1f} of pot")
    return share(f"the worst of {PIECES} orders over the best", worst, 1.0, 1.1)


def large(dots: int) -> Piece:
    """Rings of 48 places with petals, tails and top dots, far enough apart."""
    rows = []
    for k in range(max(dots // EACH, 1)):
        trims = [patterns.walk(1.0, load="each"), patterns.top(2.0)] if k % 4 else [patterns.swipe(5.0)]
        rows.append(patterns.row(f"r{k}", 4.6, distance=patterns.at(62 + 7.5 * k), trims=trims))
    bare = samples.piece(diameter=1000, segments=48).model_dump(mode="json")
    return patterns.read({**bare, "rows": rows})
