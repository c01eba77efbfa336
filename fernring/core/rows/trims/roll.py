"""Walking the dots by rolling contact, in the frame of the petal: u to the right, v outward (mm).

A dot of radius r rolls about the one before at distance r_before + r + gap. It starts touching the dot before that,
on the outer side, and stops where it first touches the host or an earlier dot of the petal. Two circles meet where
the law of cosines says; of all such places the first in the direction of rolling is taken.
"""

from collections.abc import Iterator, Sequence
from math import acos, atan2, cos, hypot, inf, pi, sin, sqrt

from ...budget import spend

Disc = tuple[float, float, float]
TOUCHES = 1e-9
OVERLAPS = 1e-6  # mm
MOST_A_SIDE = 60
ROLLED, LOOKED = 100, 25  # work for each disc that is rolled against, or looked at


def on_axis(petal: Sequence[Disc], radius: float, gap: float) -> float:
    """v of the outermost contact on the axis, coming from outside."""
    best = -inf
    for u, v, r in petal:
        reach = r + radius + gap
        if abs(u) < reach:
            best = max(best, v + sqrt(reach * reach - u * u))
    return best


def beside(petal: Sequence[Disc], radius: float, gap: float) -> Disc:
    """The dot level with the host's middle, in first contact from the right."""
    return on_axis([(v, u, r) for u, v, r in petal], radius, gap), 0.0, radius


def meetings(about: Disc, radius: float, disc: Disc, gap: float) -> tuple[float, float] | None:
    """Directions (rad, clockwise from outward) from `about` in which a dot rolling round it touches `disc`."""
    du, dv = disc[0] - about[0], disc[1] - about[1]
    apart, orbit, touch = hypot(du, dv), about[2] + radius + gap, disc[2] + radius + gap
    if apart < 1e-12 or apart > orbit + touch or apart < abs(orbit - touch):
        return None
    share = (orbit * orbit + apart * apart - touch * touch) / (2 * orbit * apart)
    to, spread = atan2(du, dv), acos(max(-1.0, min(1.0, share)))
    return to - spread, to + spread


def next_place(
    petal: Sequence[Disc], about: Disc, start_rad: float, radius: float, gap: float, before: Disc | None
) -> tuple[Disc, int] | None:
    """First contact of a dot rolling clockwise about `about` from `start_rad`, and the disc it touches, if any."""
    spend(ROLLED * len(petal))
    best, touched = inf, -1
    for k, disc in enumerate(petal):
        if disc is about or disc is before:
            continue
        for angle in meetings(about, radius, disc, gap) or ():
            turn = (angle - start_rad) % (2 * pi)
            if TOUCHES < turn < best:
                best, touched = turn, k
    if touched < 0:
        return None
    angle, orbit = start_rad + best, about[2] + radius + gap
    return (about[0] + orbit * sin(angle), about[1] + orbit * cos(angle), radius), touched


def outer_start(about: Disc, before: Disc | None, radius: float, gap: float) -> float:
    """Where rolling begins: touching the dot before the last on the outer side, or straight outward."""
    if before is None:
        return 0.0
    found = meetings(about, radius, before, gap)
    if found is None:
        return atan2(about[0] - before[0], about[1] - before[1])
    return found[1]


def down_one_side(
    petal: Sequence[Disc], first: Disc, radii: Iterator[float], gap: float, foreign: Sequence[Disc], most: int
) -> tuple[list[Disc], str]:
    """Dots clockwise from the first, and why they end: "count", "foot", "foreign", "blocked" or "load".

    The foot is reached when a dot would come within r + gap/2 of the axis on the far side, "foreign" is what is no part
    of the petal; "blocked" is a walk whose next place would overlap a dot of the petal itself.
    """
    known, line = [*petal, first], [first]
    for n, radius in enumerate(radii):
        if n >= most:
            return line[1:], "count"
        before = line[-2] if len(line) > 1 else None
        found = next_place(known, line[-1], outer_start(line[-1], before, radius, gap), radius, gap, before)
        if found is None:
            return line[1:], "foot"
        dot = found[0]
        if dot[1] < 0 and dot[0] < radius + gap / 2 - 1e-9:
            return line[1:], "foot"
        if not clear(dot, gap, foreign):
            return line[1:], "foreign"
        if not clear(dot, gap, known):
            return line[1:], "blocked"
        line.append(dot)
        known.append(dot)
    return line[1:], "load"


def clear(dot: Disc, gap: float, discs: Sequence[Disc]) -> bool:
    """Whether a dot comes no closer to any of the discs than the gap."""
    x, y, radius = dot
    spend(LOOKED * len(discs))
    return all(hypot(x - u, y - v) >= r + radius + gap - OVERLAPS for u, v, r in discs)


def mirrored(discs: Sequence[Disc]) -> list[Disc]:
    return [(-u, v, r) for u, v, r in discs]


def upside_down(discs: Sequence[Disc]) -> list[Disc]:
    return [(u, -v, r) for u, v, r in discs]


def sizes(first: float, ratio: float, dots: int | None) -> Iterator[float]:
    """Radii of one load: each `ratio` times the one before, `dots` of them (None: without end)."""
    radius, k = first, 0
    while dots is None or k < dots:
        yield radius
        radius, k = radius * ratio, k + 1
