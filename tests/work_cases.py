"""Pieces to be painted, an independent look at their steps, and the best order by a constraint solver."""

from typing import Any

import numpy as np
from ortools.sat.python import cp_model

from fernring.core.document.piece import Piece
from fernring.core.document.work import Costs
from fernring.core.work.graph import Graph
from fernring.core.work.work import Work
from tests import patterns, samples
from tests.work_look import hard_rows, seen

EACH = 100  # units of the solver in a minute
QUICK = {"base_coats": 1, "coat": "none"}


def worked(*rows: patterns.Document, **more: Any) -> Piece:
    """The plain round piece with these rows, its tools one for each size; `more` are choices of the work."""
    given = patterns.with_rows(*rows).model_dump(mode="json")
    tools = [tool.model_dump(mode="json") for tool in samples.tools()]
    by_size = {tool["dots"][0]: tool["id"] for tool in tools}
    for one in given["rows"]:
        for member in one["pattern"]:
            member["tool"] = by_size.get(member["diameter"])
    return patterns.read({**given, "tools": tools, "work": more})


def random_piece(random: np.random.Generator) -> Piece:
    """A few rings in three shades, some with petals, tails or dots on them."""

    def shade() -> Any:
        return patterns.shades(str(random.choice(["pale", "red", "teal", "amber"])))

    rows = [patterns.centre(float(random.choice([3.5, 8.9])))]
    for k in range(int(random.integers(2, 5))):
        trims = [[], [], [patterns.top(1.3)], [patterns.swipe(5.0)], [patterns.walk(1.0, load="each")]]
        own = [{**one, **({"shades": shade()} if one["kind"] == "top" else {})} for one in trims[random.integers(5)]]
        size = float(random.choice([2.0, 3.0, 4.6]))
        rows.append(patterns.row(f"r{k}", size, shades=shade(), trims=own, label=""))
    return worked(*rows, **QUICK)


def hard_piece(random: np.random.Generator) -> Piece:
    """A random piece with what is hard to put in order: layers, trims that touch, lines under and over, masks, a
    boundary along the edge, swipes that hug, the back of a ball, and every way to paint and to finish it."""
    given = hard_rows(random)
    choices = {
        "coat": str(random.choice(["brushed varnish", "sprayed varnish", "poured", "resin", "baked", "none"])),
        "petals": str(random.choice(["side by side", "one by one"])),
        "erase": str(random.choice(["at the end", "after the first rows"])),
        "order": str(random.choice(["outward", "boundary last", "few changes"])),
        "base_coats": int(random.integers(0, 3)),
        "seal_base": bool(random.integers(2)),
        "warmth": float(random.choice([12.0, 20.0, 38.0])),
    }
    piece = worked(*given["rows"], **choices).model_dump(mode="json")
    blank = {**piece["blank"], **(patterns.BALL if given["ball"] else {})}
    return patterns.read({**piece, "blank": blank, "bare": given.get("bare", [])})


def broken(work: Work) -> list[str]:
    """What is wrong with the steps, found without the graph: from the plan, the answer's own times, and the paint.

    Knows nothing of how an order is looked for.
    """
    dots, found = work.solved.dots, []
    begin = dict(zip((step.id for step in work.steps), work.begins, strict=True))
    long = {step.id: step.minutes.mean for step in work.steps}
    # 1. Every dot stands in exactly one step, every mark too, and the hand does one thing at a time. What a mask has
    # taken is in none.
    times = np.bincount(np.concatenate([step.dots for step in work.steps]), minlength=len(dots))
    found += ["a dot is in no step or in several"] if (times[dots.level > 0] != 1).any() or (times > 1).any() else []
    marks = sorted(mark for step in work.steps for mark in step.marks)
    found += ["a mark is in no step or in several"] if marks != list(range(len(work.solved.marked))) else []
    for one, other in zip(work.steps, work.steps[1:], strict=False):
        if begin[other.id] < begin[one.id] + long[one.id] - 1e-9:
            found.append(f"{other.id} begins before {one.id} ends")
    # 2. What is said of every step holds.
    for step in work.steps:
        for after in work.after.get(step.id, ()):
            if begin[step.id] < begin[after.step] + long[after.step] + after.wait - 1e-6:
                found.append(f"{step.id} does not wait for {after.step}")
        for within in work.within.get(step.id, ()):
            if begin[step.id] + long[step.id] > begin[within.step] + within.minutes + 1e-6:
                found.append(f"{step.id} comes too late after {within.step}")
    # 3. A dot on a dot comes when that is dry; one beside its host comes after it.
    when, ended = np.empty(len(dots)), np.empty(len(dots))
    for step in work.steps:
        when[step.dots], ended[step.dots] = begin[step.id], begin[step.id] + long[step.id]
    for dot in np.flatnonzero((dots.below != dots.dot) & (dots.level > 0)).tolist():
        below = int(dots.below[dot])
        if dots.level[below] == 0 or times[below] == 0:
            continue
        least = 3.0 if dots.level[dot] > max(dots.level[below], 1) else 0.0
        if when[dot] < ended[below] + least - 1e-6 and when[dot] != when[below]:
            found.append(f"dot {dot} comes before what it stands on is dry")
    return found + seen(work)


def best_cost(graph: Graph, costs: Costs, seconds: float = 20.0) -> tuple[float, bool]:
    """The least cost of any order that keeps what binds the steps, and whether it was proved.

    Source: OR-tools' CP-SAT; a circuit of the steps, each with the tool and the pot in the hand after it.
    """
    steps, n = graph.steps, len(graph.steps)
    place = {step.id: k for k, step in enumerate(steps)}
    long = [round(EACH * step.minutes.mean) for step in steps]
    waits = [round(EACH * one.wait) for step in steps for one in graph.after.get(step.id, ())]
    horizon = sum(long) + sum(waits)
    model = cp_model.CpModel()
    begin = [model.new_int_var(0, horizon, "") for _ in steps]
    model.add_no_overlap([model.new_fixed_size_interval_var(begin[k], long[k], "") for k in range(n)])
    for k, step in enumerate(steps):
        for after in graph.after.get(step.id, ()):
            first = place[after.step]
            model.add(begin[k] >= begin[first] + long[first] + round(EACH * after.wait))
        for within in graph.within.get(step.id, ()):
            model.add(begin[k] + long[k] <= begin[place[within.step]] + round(EACH * within.minutes))
    arcs = {(i, j): model.new_bool_var("") for i in range(-1, n) for j in range(-1, n) if i != j}
    model.add_circuit([(i + 1, j + 1, arc) for (i, j), arc in arcs.items()])
    for (i, j), arc in arcs.items():
        if i >= 0 and j >= 0:
            model.add(begin[j] >= begin[i] + long[i]).only_enforce_if(arc)
    changes = []
    for each, held in ((costs.tool, [step.tool for step in steps]), (costs.pot, [step.shade for step in steps])):
        # What is in the hand after every step, -1 for nothing yet; a step without a tool leaves it there.
        after_it = [model.new_int_var(-1, max([*held, 0]), "") for _ in steps]
        for k, own in enumerate(held):
            changed = model.new_bool_var("")
            changes.append((round(EACH * each), changed))
            if own >= 0:
                model.add(after_it[k] == own)
            for i in [i for i in range(-1, n) if i != k]:
                before = after_it[i] if i >= 0 else -1
                if own < 0:
                    model.add(after_it[k] == before).only_enforce_if(arcs[i, k])
                elif i >= 0:
                    same, none = model.new_bool_var(""), model.new_bool_var("")
                    model.add(before == own).only_enforce_if(same)
                    model.add(before == -1).only_enforce_if(none)
                    model.add_bool_or(same, none, changed).only_enforce_if(arcs[i, k])
    end = model.new_int_var(0, horizon, "")
    model.add_max_equality(end, [begin[k] + long[k] for k in range(n)])
    model.minimize(end + sum(each * changed for each, changed in changes))
    solver = cp_model.CpSolver()
    solver.parameters.max_time_in_seconds, solver.parameters.num_workers = seconds, 2
    status = solver.solve(model)
    return solver.objective_value / EACH, bool(status == cp_model.OPTIMAL)
