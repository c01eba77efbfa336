"""Where a row begins."""

from math import gcd, pi, radians

from ..document.start import AtAngle, Between, Offset, Start
from .placed import PlacedRow


def first_angle(start: Start, segments: int, turn_rad: float, repeats: int, before: PlacedRow | None) -> float:
    """Angle (rad) of the first member of the pattern.

    Offset: a dip of the row before minus (m-1)/2 pitches with m = n/gcd(n, n_before), so that the m places
    that share a dip straddle it. Without a ring before it, an offset row starts on the lines.
    """
    if isinstance(start, AtAngle):
        return turn_rad + radians(start.degrees)
    if isinstance(start, Between):
        return turn_rad + pi / segments
    if isinstance(start, Offset) and before is not None and before.places > 1:
        shared = repeats // gcd(repeats, before.places)
        return before.dip_rad - (shared - 1) / 2 * (2 * pi / repeats)
    return turn_rad
