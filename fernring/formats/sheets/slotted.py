"""The slotted guide sheet for a cutter: spokes as slots to draw through, circles as rows of pin holes.

Every cut is a closed line and none meets another, so that a cutter takes the file as it is.
"""

from collections.abc import Iterator
from math import pi, radians, sin

import numpy as np

from ...core.geometry.outline.rays import ray_lengths
from ...core.geometry.surface import Array
from ...core.geometry.turn import turned_places
from ...core.guides.lines import guide_lines, net
from ...core.solved import Solved
from ..drawing import Circle, Path
from .sheet import Choice, Sheet, around, edge_of

SLOT, BRIDGE, LONGEST, RIM = 1.0, 2.5, 40.0, 5.0
PIN, APART, CLEAR = 0.4, 6.0, 1.0
ROUND = 8
WHAT = (
    "Cut from thin card or plastic, by a cutter or with a knife away from the fingers. Lay it on, centre on centre, "
    "draw the spokes through the slots and prick the circles through the holes."
)


def slotted(solved: Solved, _: Choice) -> Sheet:
    """Outline, slots along the spokes with bridges, pin holes along the guide circles, or the rows without any."""
    cuts: list[Circle | Path] = [edge_of(solved, "plain"), Circle(0, 0, PIN * 2), *_slots(solved), *_pins(solved)]
    return Sheet("slotted", "Slotted guide sheet", WHAT, around(solved.ground, list(cuts)), tuple(cuts))


def _slots(solved: Solved) -> Iterator[Path]:
    n = solved.piece.segments
    begin = max((SLOT + BRIDGE) / (2 * sin(pi / n)), 4.0)
    angles = np.radians(solved.piece.turn + np.arange(n) * 360 / n)
    for angle, length in zip(angles.tolist(), ray_lengths(solved.ground.outline, angles).tolist(), strict=True):
        room = length - RIM - begin
        if not room >= 2 * SLOT:
            continue
        parts = max(1, int(np.ceil(room / LONGEST)))
        each = (room - (parts - 1) * BRIDGE) / parts
        for k in range(parts):
            start = begin + k * (each + BRIDGE)
            yield Path(_slot(start, start + each, angle), closed=True)


def _slot(start: float, end: float, angle_rad: float) -> Array:
    """A slot along a spoke, its ends half round."""
    bow = np.linspace(0, pi, ROUND + 1)
    half = SLOT / 2
    x = np.concatenate((half * np.cos(bow), -half * np.cos(bow)))
    out = np.concatenate((end - half + half * np.sin(bow), start + half - half * np.sin(bow)))
    return np.stack(turned_places(x, -out, np.full(len(x), angle_rad)), axis=1)


def _pins(solved: Solved) -> Iterator[Circle]:
    n, last = solved.piece.segments, 0.0
    first = radians(solved.piece.turn)
    for reach in sorted(_reaches(solved)):
        aside = (SLOT / 2 + PIN + CLEAR) / reach if reach > 0 else pi
        room = 2 * pi / n - 2 * aside
        if reach - last < 2 * PIN + CLEAR or room < 0 or reach < 2 * (PIN * 2 + CLEAR):
            continue
        last = reach
        count = max(1, int(room * reach / APART))
        within = np.array([pi / n]) if count == 1 else aside + np.linspace(0, room, count)
        angle = (first + 2 * pi * np.arange(n)[:, None] / n + within).ravel()
        inside = ray_lengths(solved.ground.outline, angle) > reach + PIN + CLEAR
        for a in angle[inside].tolist():
            yield Circle(reach * sin(a), -reach * float(np.cos(a)), PIN)


def _reaches(solved: Solved) -> list[float]:
    """Reach of every guide circle, or of every ring of dots when there is none."""
    lines = guide_lines(net(solved.piece, solved.rows))
    drawn = [line.reach for line in lines if line.what == "circle" and line.reach is not None]
    surface = solved.ground.surface
    if drawn or not surface.axisymmetric:
        return drawn
    return [surface.circle(row.walk).reach for row in solved.rows if row.ring_like and row.n and row.half == "front"]
