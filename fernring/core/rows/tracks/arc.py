"""Curves between two circles, scallops and stars, and paths of the artist's own."""

from math import atan2, cos, hypot, pi, radians, sin

import numpy as np

from ...document.row import AtAngle, Between, Row
from ...document.track import ArcTrack, PathTrack
from ...geometry.even import Curve, closed_places, open_places
from ...geometry.frames import lifted
from ...geometry.surface import Array
from ...geometry.turn import turned_places
from ..context import Context
from ..counts import repeats
from ..placed import PlacedRow, unplaced
from .placing import Places, copies, members, outward, pair_sums, row_on

FINE = 241


def solve_arc(row: Row, index: int, context: Context) -> PlacedRow:
    """Dots evenly along one arc, its ends included, turned into every segment asked for."""
    track = row.track
    assert isinstance(track, ArcTrack)
    first = _first(row, context)
    step = 2 * pi / context.segments
    if not context.surface.axisymmetric or max(track.start, track.end) > context.surface.rim:
        return unplaced(row, index, "the circles of this curve do not lie on the blank")
    a, b = (context.surface.circle(walk).reach for walk in (track.start, track.end))
    plan = _arc(a, first, b, first + track.across * step, track.bulge)
    mirror = first + track.across * step / 2 if track.mirrored else None
    count = max(1, context.segments // track.every)
    return _along(row, index, context, plan, False, count, step * track.every, mirror)


def solve_path(row: Row, index: int, context: Context) -> PlacedRow:
    """Dots evenly along the path as it is, or turned into every segment asked for."""
    track = row.track
    assert isinstance(track, PathTrack)
    plan = np.stack(turned_places(np.asarray(track.x), np.asarray(track.y), context.turn_rad), axis=1)
    count = 1 if track.every == 0 else max(1, context.segments // track.every)
    mirror = context.turn_rad if track.mirrored else None
    return _along(
        row, index, context, plan, track.closed, count, 2 * pi / context.segments * max(track.every, 1), mirror
    )


def _along(
    row: Row, index: int, context: Context, plan: Array, closed: bool, count: int, step: float, mirror: float | None
) -> PlacedRow:
    (x, y, z), walks = lifted(context.surface, plan[:, 0], plan[:, 1])
    if np.isnan(walks).any():
        return unplaced(row, index, "the line runs off the blank")
    curve = Curve(np.stack((x, y, z), axis=1), closed)
    n = _count(row, context, curve)
    if n < 1:
        return unplaced(row, index, "the line is too short for one dot")
    s = closed_places(curve, pair_sums(row, n), 0.0)[0] if closed and n > 2 else open_places(curve, n)
    points = curve(s)
    apart = np.linalg.norm(np.diff(points, axis=0), axis=1)
    clear = float((apart - pair_sums(row, n)[: len(apart)]).min(initial=np.inf))
    px, py, po = copies(points[:, 0], points[:, 1], outward(curve, s), count, step, mirror)
    places = Places(px, py, po, np.tile(members(row, n), len(px) // n), count, clear)
    return row_on(row, index, context, places)


def _count(row: Row, context: Context, curve: Curve) -> int:
    """Dots on one line: as the rule says, or as many as keep the gap."""
    if row.fit != "count":
        return repeats(row.count, 1) * len(row.pattern)
    mean = float(np.mean(row.sizes))
    return int(curve.length / (mean + row.gap) + 1e-9) + (0 if curve.closed else 1)


def _first(row: Row, context: Context) -> float:
    if isinstance(row.start, AtAngle):
        return context.turn_rad + radians(row.start.degrees)
    return context.turn_rad + (pi / context.segments if isinstance(row.start, Between) else 0.0)


def _arc(a: float, from_rad: float, b: float, to_rad: float, bulge: float) -> Array:
    """Points of the arc between two polar points whose middle lies `bulge` mm outward of the chord."""
    x1, y1, x2, y2 = a * sin(from_rad), -a * cos(from_rad), b * sin(to_rad), -b * cos(to_rad)
    chord = hypot(x2 - x1, y2 - y1)
    t = np.linspace(0, 1, FINE)
    if chord < 1e-9 or abs(bulge) < 1e-9:
        return np.stack((x1 + t * (x2 - x1), y1 + t * (y2 - y1)), axis=1)
    nx, ny = (y2 - y1) / chord, -(x2 - x1) / chord
    if nx * (x1 + x2) + ny * (y1 + y2) < 0:
        nx, ny = -nx, -ny
    radius = (chord * chord / 4 + bulge * bulge) / (2 * abs(bulge))
    side = 1.0 if bulge > 0 else -1.0
    mx, my = (x1 + x2) / 2 + nx * (bulge - side * radius), (y1 + y2) / 2 + ny * (bulge - side * radius)
    start, end = atan2(y1 - my, x1 - mx), atan2(y2 - my, x2 - mx)
    top = atan2(side * ny, side * nx)
    sweep = _through(start, top, end)
    a_t = start + t * sweep
    return np.stack((mx + radius * np.cos(a_t), my + radius * np.sin(a_t)), axis=1)


def _through(start: float, top: float, end: float) -> float:
    """Sweep from start to end that passes the direction `top`."""
    to_top = (top - start + pi) % (2 * pi) - pi
    to_end = (end - start + pi) % (2 * pi) - pi
    if to_end * to_top >= 0 and abs(to_end) >= abs(to_top):
        return to_end
    return to_end + 2 * pi * (1 if to_top > 0 else -1) if to_end * to_top < 0 or abs(to_end) < abs(to_top) else to_end
