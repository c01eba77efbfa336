"""Where a function rises past zero, by scipy's method of Brent, which is at home with functions that jump as well."""

from collections.abc import Callable

STEPS = 40  # back from a jump, each twice as long


def crossing(rising: Callable[[float], float], low: float, high: float, tolerance: float = 1e-11) -> float:
    """The largest value with rising(value) <= 0, to within the tolerance.

    Returns `low` when even that is above the root and `high` when the function never rises past zero. Source: R. P.
    Brent, Algorithms for Minimization Without Derivatives (1973), chapter 4.
    """
    from scipy.optimize import brentq

    if rising(high) <= 0:
        return high
    if rising(low) >= 0:
        return low
    found = brentq(rising, low, high, xtol=tolerance)
    # Of the two sides of a jump the lower one is asked for.
    for step in range(STEPS):
        if rising(found) <= 0:
            break
        found = max(found - tolerance * 2**step, low)
    return float(found)
