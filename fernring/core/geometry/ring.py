"""Equal dots on one ring: chords of a circle, to the next dot or to the k-th next.

n places at reach R have neighbours 2*R*sin(pi/n) apart in space. Lengths in mm, dots as diameters.
Source: chord of a circle, as in machinists' tables for dividing a circle.
"""

from math import inf, pi, sin


def neighbour_distance(reach: float, n: int, k: int = 1) -> float:
    """Straight-line distance from a centre to the k-th after it: 2*R*sin(k*pi/n); infinite for one dot alone."""
    return 2 * reach * sin(k * pi / n) if n > 1 else inf


def largest_dot(reach: float, n: int, gap: float, k: int = 1) -> float:
    """Largest diameter of n equal dots on the ring: 2*R*sin(pi/n) - gap (may be negative: no room)."""
    return neighbour_distance(reach, n, k) - gap


def clear_gap(reach: float, n: int, dot: float, k: int = 1) -> float:
    """Clear distance between n equal dots on the ring: 2*R*sin(pi/n) - d (negative when they overlap)."""
    return neighbour_distance(reach, n, k) - dot


def least_reach(n: int, dot: float, gap: float, k: int = 1) -> float:
    """Least reach at which n equal dots keep the gap: (dot + gap) / (2*sin(pi/n)); zero for one dot."""
    return (dot + gap) / (2 * sin(k * pi / n)) if n > 1 else 0.0
