"""Small pictures of one segment, growing outward: what is there already in outline, the new row as paint.

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


def diagram(solved: Solved, index: int) -> Drawing:
    """The row within its segment, or on the whole blank."""
    placed, n = solved.rows[index], solved.piece.segments
    plain = not placed.at and (placed.ring_like or track_of(solved.rules[index].track).central)
    return _segment(solved, index) if plain and n >= 5 else _whole(solved, index)


def _segment(solved: Solved, index: int) -> Drawing:
    half = pi / solved.piece.segments
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
    x, y = dots.x[part] * (-1 if back else 1), dots.y[part]
    turn = radians(solved.piece.turn)
    angle = (np.arctan2(x, -y) - turn + pi) % (2 * pi) - pi
    walk, radius = dots.walk[part], dots.radius[part]
    inside = side & ((np.abs(angle) <= half + 1e-6) | (walk < 1e-6))
    seen = inside & (dots.level[part] > 0)
    px, py = walk * np.sin(angle), -walk * np.cos(angle)
    if not new:
        return [Outlines(px[seen], py[seen], radius[seen])]
    marks = [mark for mark in solved.marked if mark.row == k and mark.back == back and inside[mark.dot - part.start]]
    shapes: list[Primitive] = [
        Area(turned(mark.mark.outline, -turn), solved.palette.shades[mark.shade].colour) for mark in marks
    ]
    return shapes + _painted(solved, part, seen, px, py)


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
