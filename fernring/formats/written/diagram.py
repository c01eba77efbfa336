"""Small pictures of a slice of the piece, growing outward: what is there already in outline, the new row as paint.

Rings are drawn by walk distance and angle, so that a curved blank is spread out flat; other rows show the whole blank.
"""

from math import cos, pi, radians, sin

import numpy as np

from ...core.geometry.outline.polygon import turned
from ...core.rows.tracks import track_of
from ...core.solved import Solved
from ..drawing import Area, Discs, Drawing, Line, Outlines, Path, Primitive
from ..sheets.sheet import around, edge_of

MARGIN = 2.0
WIDEST_HALF = pi / 5  # what is wider is no longer a slice


def diagram(solved: Solved, index: int) -> Drawing:
    """The row within a slice of the piece, or on the whole blank."""
    placed = solved.rows[index]
    plain = not placed.at and (placed.ring_like or track_of(solved.rules[index].track).central)
    aside = [_aside(solved, k) for k in range(index + 1)]
    half = max(pi / solved.piece.segments, aside[index])
    if not plain or half > WIDEST_HALF:
        return _whole(solved, index)
    return _segment(solved, index, max(half, *(angle for angle in aside if angle <= WIDEST_HALF)))


def _aside(solved: Solved, k: int) -> float:
    """How far from the first line the nearest dots of a row lie (rad): those of every second line, in the dips, are in
    no slice as wide as a segment."""
    part = slice(solved.first[k], solved.first[k + 1])
    away = solved.dots.walk[part] > 1e-6
    angles = np.abs(_angles(solved, part, solved.rules[k].half == "back"))[away]
    return float(angles.min()) if len(angles) else 0.0


def _angles(solved: Solved, part: slice, back: bool) -> np.ndarray:
    """From the piece's first line, clockwise as seen (rad), within half a turn."""
    x, y = solved.dots.x[part] * (-1 if back else 1), solved.dots.y[part]
    return (np.arctan2(x, -y) - radians(solved.piece.turn) + pi) % (2 * pi) - pi


def _segment(solved: Solved, index: int, half: float) -> Drawing:
    reach = max((row.outer for row in solved.rows[: index + 1] if row.n), default=10.0) + MARGIN
    rim = min(max(reach, solved.ground.limit * 0.35), max(solved.ground.surface.rim, reach))
    shapes: list[Primitive] = [Line(0, 0, side * rim * sin(half), -rim * cos(half), "fine") for side in (-1, 1)]
    back = solved.rules[index].half == "back"
    for k in range(index + 1):
        shapes += _row(solved, k, k == index, back, half)
    wide = max(2 * rim * sin(half), 24.0) + 2 * MARGIN
    return Drawing(-wide / 2, -rim - MARGIN, wide, rim + 8 + 2 * MARGIN, tuple(shapes))


def _row(solved: Solved, k: int, new: bool, back: bool, half: float) -> list[Primitive]:
    dots = solved.dots
    part = slice(solved.first[k], solved.first[k + 1])
    side = dots.z[part] < -1e-6 if back else dots.z[part] >= -1e-6
    turn, angle = radians(solved.piece.turn), _angles(solved, part, back)
    walk, radius = dots.walk[part], dots.radius[part]
    inside = side & ((np.abs(angle) <= half + 1e-6) | (walk < 1e-6))
    seen = inside & (dots.level[part] > 0)
    px, py = walk * np.sin(angle), -walk * np.cos(angle)
    marks = [mark for mark in solved.marked if mark.row == k and mark.back == back and inside[mark.dot - part.start]]
    outlines = [(turned(mark.mark.outline, -turn), solved.palette.shades[mark.shade].colour) for mark in marks]
    if not new:
        return [Outlines(px[seen], py[seen], radius[seen]), *(Path(line, "fine", True) for line, _ in outlines)]
    return [*(Area(line, colour) for line, colour in outlines), *_painted(solved, part, seen, px, py)]


def _painted(solved: Solved, part: slice, seen: np.ndarray, x: np.ndarray, y: np.ndarray) -> list[Primitive]:
    """Dots as paint, level upon level, each with a thin rim so that pale ones are seen on paper."""
    level, shade, radius = solved.dots.level[part], solved.dots.shade[part], solved.dots.radius[part]
    shapes: list[Primitive] = []
    for high in np.unique(level[seen]):
        for one in np.unique(shade[seen]):
            own = seen & (level == high) & (shade == one)
            if own.any():
                shapes.append(Outlines(x[own], y[own], radius[own]))
                shapes.append(Discs(x[own], y[own], radius[own], solved.palette.shades[one].colour))
    return shapes


def _whole(solved: Solved, index: int) -> Drawing:
    dots = solved.dots
    shapes: list[Primitive] = [edge_of(solved)]
    for k in range(index + 1):
        part = slice(solved.first[k], solved.first[k + 1])
        seen = (dots.level[part] > 0) & (dots.z[part] >= -1e-6)
        marks = [mark for mark in solved.marked if mark.row == k and not mark.back]
        if k < index:
            shapes.append(Outlines(dots.x[part][seen], dots.y[part][seen], dots.radius[part][seen]))
            shapes += [Path(mark.mark.outline, "fine", True) for mark in marks]
        else:
            shapes += [Area(mark.mark.outline, solved.palette.shades[mark.shade].colour) for mark in marks]
            shapes += _painted(solved, part, seen, dots.x[part], dots.y[part])
    return around(solved.ground, shapes, MARGIN)
