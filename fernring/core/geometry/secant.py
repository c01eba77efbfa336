"""Root of a function that rises smoothly up to it, and beyond it may jump or have no value at all."""

from collections.abc import Callable
from math import inf

LEAST_SHARE = 0.02


def secant_root(
    rising: Callable[[float], float],
    low: float,
    high: float,
    tolerance: float,
    width: float = 1e-10,
    about: float | None = None,
    most: int = 200,
) -> float:
    """The largest value found between low and high with rising(value) <= 0.

    The search ends when the function comes within `tolerance` of zero from below, or low and high within `width` of
    each other, or after `most` values. Returns `low` when even that is above zero and `high` when the function never
    rises past it. Beyond the root it may be infinite. It is looked for `about` there first. Secants through the last
    two values, aimed a little short of zero; halving where they lead past what is known to be too far, or meet what is
    infinite.
    """
    f_low = rising(low)
    if f_low >= -tolerance:
        return low
    bracketed = False
    guess = about if about is not None and low < about < high else (low + high) / 2
    while high - low > width and most > 0:
        value, most = rising(guess), most - 1
        if -tolerance <= value <= 0:
            return guess
        slope = (value - f_low) / (guess - low)
        if value > 0:
            high, bracketed = guess, True
        else:
            low, f_low = guess, value
        margin = LEAST_SHARE * (high - low)
        guess = low - (f_low + tolerance / 2) / slope if 0 < slope < inf else inf
        if guess >= high - margin and not bracketed:
            if rising(high) <= 0:
                return high
            bracketed = True
        guess = max(guess, low + margin) if guess < high - margin else (low + high) / 2
    return low
