"""Root of a rising function by halving: slow, sure, and at home with functions that jump."""

from collections.abc import Callable


def bisect(rising: Callable[[float], float], low: float, high: float, tolerance: float = 1e-11) -> float:
    """The largest value found with rising(value) <= 0, to within the tolerance.

    Returns `low` when even that is above the root and `high` when the function never rises past nought.
    """
    if rising(high) <= 0:
        return high
    while high - low > tolerance:
        middle = (low + high) / 2
        if middle in (low, high):
            break
        if rising(middle) <= 0:
            low = middle
        else:
            high = middle
    return low
