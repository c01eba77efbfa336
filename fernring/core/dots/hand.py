"""The order of the hand: quarter points first, then the middles of what is still empty."""

from functools import lru_cache
from itertools import zip_longest
from typing import TypeVar

import numpy as np
from numpy.typing import NDArray

_T = TypeVar("_T")


@lru_cache(maxsize=512)
def hand_order(n: int) -> tuple[int, ...]:
    """The places 0..n-1 of a ring in the order they are painted.

    First g evenly spaced places, g = 4, 3, 2 or 1, the first that divides n; then, round after round, the
    middle (the earlier of two) of every empty run, opposite runs in succession. Common practice, no source.
    """
    g = next(g for g in (4, 3, 2, 1) if n % g == 0)
    painted = _opposites_first([k * n // g for k in range(g)])
    runs = [(k * n // g, (k + 1) * n // g) for k in range(g)]
    while len(painted) < n:
        runs = _opposites_first(runs)
        middles = [(low, (low + high) // 2, high) for low, high in runs if high - low > 1]
        painted.extend(middle for _, middle, _ in middles)
        runs = sorted(half for low, middle, high in middles for half in ((low, middle), (middle, high)))
    return tuple(painted)


def _opposites_first(around: list[_T]) -> list[_T]:
    """Each entry followed by the one across from it: 0, n/2, 1, n/2 + 1 ..."""
    half = (len(around) + 1) // 2
    order = [entry for pair in zip_longest(around[:half], around[half:], fillvalue=None) for entry in pair]
    return [entry for entry in order if entry is not None]


@lru_cache(maxsize=512)
def ring_ranks(n: int) -> NDArray[np.int32]:
    """Rank of each of n alike places; the array is shared and must not be written to."""
    ranks = np.empty(n, np.int32)
    ranks[list(hand_order(n))] = np.arange(n, dtype=np.int32)
    ranks.flags.writeable = False
    return ranks


def hand_ranks(groups: NDArray[np.intp]) -> NDArray[np.int32]:
    """Rank in which each place is painted, given the group (tool and shade, painted in rising order) of each."""
    ranks = np.empty(len(groups), np.int32)
    done = 0
    for group in np.unique(groups):
        places = np.flatnonzero(groups == group)
        ranks[places] = done + ring_ranks(len(places))
        done += len(places)
    return ranks
