"""Unbroken stretches of a ring."""

import numpy as np
from numpy.typing import NDArray


def round_runs(inside: NDArray[np.bool_]) -> list[NDArray[np.intp]]:
    """Places of every unbroken stretch of a ring that is not inside everywhere, the last joined to the first."""
    start = int(np.flatnonzero(~inside)[0])
    place, held = np.roll(np.arange(len(inside)), -start), np.roll(inside, -start)
    edges = np.flatnonzero(np.diff(held.astype(int))) + 1
    return [run for run in np.split(place, edges) if inside[run[0]]]
