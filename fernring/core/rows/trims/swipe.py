"""Swipes: a dot pulled to a tail. A spine of shrinking discs, and the line that envelops them."""

from dataclasses import dataclass
from math import cos, inf, pi, radians, sin, sqrt

import numpy as np

from ...document.trim import SwipeTrim, ToCircle, ToLength
from ...geometry.surface import Array
from .host import Around, Host

SAMPLES = 40
TIP = 0.06
LEAST_LENGTH = 0.5


def spine(trim: SwipeTrim, radius: float, length: float, lean_rad: float, side: float) -> tuple[Array, Array]:
    """Centres (m, 2) in the host's frame and radii (m,), from the head to the tip.

    A teardrop's radius falls in a straight line, so that its sides are the tangents of the head. A straight swipe
    thins at once and runs out in a long tail. A comma's spine is an arc.
    """
    t = np.linspace(0, 1, SAMPLES + 1)
    girth = radius * (TIP + (1 - TIP) * ((1 - t) ** 2.2 if trim.form == "straight" else 1 - t))
    way = (pi if trim.direction == "inward" else 0.0) + radians(trim.angle) + lean_rad
    bend = {"comma left": -1.0, "comma right": 1.0}.get(trim.form, 0.0) * radians(trim.bend) * side
    if abs(bend) < 1e-9:
        u, v = length * t * sin(way), length * t * cos(way)
    else:
        turn, reach = way + bend * t, length / bend
        u, v = reach * (cos(way) - np.cos(turn)), reach * (np.sin(turn) - sin(way))
    return np.stack((u, v), axis=1), girth


def envelope(centres: Array, girth: Array) -> Array:
    """Outline of discs along a spine: c + r(-r' T ± sqrt(1 - r'²) N), with round ends. Shape (n, 2)."""
    step = np.gradient(centres, axis=0)
    pace = np.maximum(np.hypot(step[:, 0], step[:, 1]), 1e-9)
    along = step / pace[:, None]
    across = np.stack((-along[:, 1], along[:, 0]), axis=1)
    fall = np.clip(np.gradient(girth) / pace, -0.999, 0.999)
    side = np.sqrt(1 - fall**2)
    one = centres + girth[:, None] * (-fall[:, None] * along + side[:, None] * across)
    other = centres + girth[:, None] * (-fall[:, None] * along - side[:, None] * across)
    head = _cap(centres[0], girth[0], other[0], one[0], along[0])
    return np.concatenate((one, other[::-1], head))


def _cap(centre: Array, radius: float, start: Array, end: Array, tail: Array) -> Array:
    """The round back of the head from one point of its edge to another, on the side away from the tail."""
    a = float(np.arctan2(*(start - centre)[::-1]))
    sweep = float((np.arctan2(*(end - centre)[::-1]) - a) % (2 * pi))
    middle = a + sweep / 2
    if cos(middle) * tail[0] + sin(middle) * tail[1] > 0:
        sweep -= 2 * pi
    turn = a + np.linspace(0, 1, 26)[1:-1] * sweep
    return np.asarray(centre + radius * np.stack((np.cos(turn), np.sin(turn)), axis=1))


@dataclass(frozen=True)
class Pull:
    """One swipe of a family: its length, how far it leans, on which side, and how far its head lies to the right."""

    length: float
    lean_rad: float
    side: float
    aside: float


def family(trim: SwipeTrim, host: Host, around: Around) -> list[Pull]:
    """The middle swipe first, then right and left in turn, their heads side by side with the gap between."""
    whole = _length(trim, host, around)
    found = [Pull(whole, 0.0, 1.0, 0.0)]
    for k in range(1, trim.family):
        step, side = (k + 1) // 2, 1.0 if k % 2 else -1.0
        aside = side * step * (2 * host.radius + trim.gap)
        found.append(Pull(whole * (1 - trim.shorter) ** step, side * radians(trim.lean) * step, side, aside))
    return found


def _length(trim: SwipeTrim, host: Host, around: Around) -> float:
    """From the middle of the head to the tip (mm)."""
    if isinstance(trim.to, ToLength):
        return trim.to.mm
    if isinstance(trim.to, ToCircle):
        way = radians(trim.angle) + (pi if trim.direction == "inward" else 0.0)
        to = (trim.to.walk - host.walk) / max(abs(cos(way)), 0.2) * (1 if cos(way) >= 0 else -1)
        return max(to, LEAST_LENGTH)
    return _to_contact(trim, host, around)


def _to_contact(trim: SwipeTrim, host: Host, around: Around) -> float:
    """The longest straight tail whose tip keeps the gap to what lies in its way, at most eight heads long."""
    most = 16 * host.radius
    way = radians(trim.angle) + (pi if trim.direction == "inward" else 0.0)
    best = most
    for u, v, r in around.near(host, most):
        along, aside = u * sin(way) + v * cos(way), abs(u * cos(way) - v * sin(way))
        reach = r + trim.gap
        if along > 0 and aside < reach:
            best = min(best, along - sqrt(reach * reach - aside * aside))
    return max(min(best, most), LEAST_LENGTH) if best < inf else most
