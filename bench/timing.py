"""Timing in turns, so that a slow moment of the machine falls on everyone alike; medians are compared."""

import gc
import statistics
import time
from collections.abc import Callable, Mapping
from typing import Any

Task = Callable[[], Any]


def medians(tasks: Mapping[str, Task], rounds: int = 7) -> dict[str, float]:
    """Median time of each task in ms, the tasks taking turns; one round before does not count."""
    times: dict[str, list[float]] = {name: [] for name in tasks}
    for turn in range(rounds + 1):
        for name, task in tasks.items():
            gc.collect()
            began = time.perf_counter()
            task()
            if turn:
                times[name].append((time.perf_counter() - began) * 1000)
    return {name: statistics.median(found) for name, found in times.items()}


def share(name: str, ours: float, other: float, limit: float) -> bool:
    """Print ours over other with its limit; answers whether it holds."""
    ratio = ours / other
    good = ratio <= limit
    verdict = "holds" if good else "MISSED"
    print(f"  {name:<58} {ratio:8.3f}  (at most {limit:g}) {verdict}")
    return good


def figure(name: str, value: float, unit: str, limit: float | None = None, least: float | None = None) -> bool:
    """Print one figure, against its limits where it has some; answers whether they hold."""
    good = (limit is None or value <= limit) and (least is None or value >= least)
    bounds = [f"at most {limit:g}"] if limit is not None else []
    bounds += [f"at least {least:g}"] if least is not None else []
    tail = f"  ({', '.join(bounds)}) {'holds' if good else 'MISSED'}" if bounds else ""
    print(f"  {name:<58} {value:8.1f} {unit}{tail}")
    return good
