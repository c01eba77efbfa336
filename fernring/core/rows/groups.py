"""Groups: several dots at every place, as offsets to the right and outward of it."""

from math import cos, pi, sin, sqrt

from ..document.row import Group

Offset = tuple[float, float, float]


def offsets(group: Group, diameter: float, gap: float) -> list[Offset]:
    """(right, outward, diameter) of each dot; neighbours keep the gap. The first sits at the place itself."""
    pitch = diameter + gap
    if group.kind == "line":
        return _line(group, diameter, gap)
    if group.kind == "pair":
        return [(-pitch / 2, 0.0, diameter), (pitch / 2, 0.0, diameter)]
    if group.kind == "triangle":
        return [(-pitch / 2, 0.0, diameter), (pitch / 2, 0.0, diameter), (0.0, pitch * sqrt(3) / 2, diameter)]
    if group.kind == "diamond":
        half = pitch / sqrt(2)
        return [(0.0, 0.0, diameter), (-half, half, diameter), (half, half, diameter), (0.0, 2 * half, diameter)]
    if group.kind == "box":
        return [(side * pitch / 2, up * pitch, diameter) for up in (0, 1) for side in (-1, 1)]
    return _fan(group.count, diameter, pitch)


def _line(group: Group, diameter: float, gap: float) -> list[Offset]:
    """Outward, each next smaller by the group's fall."""
    found: list[Offset] = [(0.0, 0.0, diameter)]
    for _ in range(group.count - 1):
        _, out, before = found[-1]
        size = max(before * (1 - group.falls), 0.2)
        found.append((0.0, out + (before + size) / 2 + gap, size))
    return found


def _fan(count: int, diameter: float, pitch: float) -> list[Offset]:
    """On an arc of 120 degrees about a point inward of the place, neighbours a chord apart."""
    step = (2 * pi / 3) / (count - 1)
    radius = pitch / (2 * sin(step / 2))
    turns = [(k - (count - 1) / 2) * step for k in range(count)]
    return [(radius * sin(a), radius * (cos(a) - cos(turns[0])), diameter) for a in turns]


def width(group: Group | None, diameter: float, gap: float) -> float:
    """How wide a place is along the row (mm)."""
    if group is None:
        return diameter
    found = offsets(group, diameter, gap)
    return 2 * max(abs(u) + d / 2 for u, _, d in found)
