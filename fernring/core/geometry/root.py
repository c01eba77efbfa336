"""Root of a smooth function between two ends of different sign, in few evaluations."""

from collections.abc import Callable


def root(
    function: Callable[[float], float], low: float, high: float, tolerance: float = 1e-10, most: int = 100
) -> float:
    """A root between low and high, by at most `most` steps of the Illinois method (Dowell and Jarratt, 1971).

    Returns an end when the function has the same sign at both: `low` when it is above zero there, else `high`.
    """
    f_low, f_high = function(low), function(high)
    if f_low >= 0:
        return low
    if f_high <= 0:
        return high
    held = 0
    for _ in range(most):
        middle = (low * f_high - high * f_low) / (f_high - f_low)
        value = function(middle)
        if abs(value) < tolerance or high - low < tolerance:
            return middle
        if value > 0:
            high, f_high = middle, value
            f_low, held = (f_low / 2 if held > 0 else f_low), 1
        else:
            low, f_low = middle, value
            f_high, held = (f_high / 2 if held < 0 else f_high), -1
    return (low + high) / 2
