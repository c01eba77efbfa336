"""Groups: several dots at every place, as offsets to the right and outward of it."""

from collections.abc import Callable
from math import cos, pi, sin, sqrt

from ..document.member import Group

Offset = tuple[float, float, float]


def offsets(group: Group, diameter: float, gap: float) -> list[Offset]:
    """(right, outward, diameter) of each dot; neighbours keep the gap. The first sits at the place itself."""
    return GROUPS[group.kind](group, diameter, gap)


def width(group: Group | None, diameter: float, gap: float) -> float:
    """How wide a place is along the row (mm)."""
    if group is None:
        return diameter
    found = offsets(group, diameter, gap)
    return 2 * max(abs(u) + d / 2 for u, _, d in found)


def _line(group: Group, diameter: float, gap: float) -> list[Offset]:
    """Outward, each next smaller by the group's fall."""
    found: list[Offset] = [(0.0, 0.0, diameter)]
    for _ in range(group.count - 1):
        _, out, before = found[-1]
        size = max(before * (1 - group.falls), 0.2)
        found.append((0.0, out + (before + size) / 2 + gap, size))
    return found


def _pair(_: Group, diameter: float, gap: float) -> list[Offset]:
    pitch = diameter + gap
    return [(-pitch / 2, 0.0, diameter), (pitch / 2, 0.0, diameter)]


def _triangle(group: Group, diameter: float, gap: float) -> list[Offset]:
    return [*_pair(group, diameter, gap), (0.0, (diameter + gap) * sqrt(3) / 2, diameter)]


def _diamond(_: Group, diameter: float, gap: float) -> list[Offset]:
    half = (diameter + gap) / sqrt(2)
    return [(0.0, 0.0, diameter), (-half, half, diameter), (half, half, diameter), (0.0, 2 * half, diameter)]


def _box(_: Group, diameter: float, gap: float) -> list[Offset]:
    pitch = diameter + gap
    return [(side * pitch / 2, up * pitch, diameter) for up in (0, 1) for side in (-1, 1)]


def _fan(group: Group, diameter: float, gap: float) -> list[Offset]:
    """On an arc of 120 degrees about a point inward of the place, neighbours a chord apart."""
    step = (2 * pi / 3) / (group.count - 1)
    radius = (diameter + gap) / (2 * sin(step / 2))
    turns = [(k - (group.count - 1) / 2) * step for k in range(group.count)]
    return [(radius * sin(a), radius * (cos(a) - cos(turns[0])), diameter) for a in turns]


GROUPS: dict[str, Callable[[Group, float, float], list[Offset]]] = {
    "line": _line,
    "pair": _pair,
    "triangle": _triangle,
    "diamond": _diamond,
    "box": _box,
    "fan": _fan,
}
