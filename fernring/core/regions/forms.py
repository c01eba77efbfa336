"""Outlines of simple figures by formulas of our own, each as wide and high as asked. Lengths in mm, y downward.

Every one is made in a box from -1 to 1, of which it is as much as comes out, and then stretched to the whole box.
"""

from collections.abc import Callable, Mapping
from math import acos, comb, hypot, pi, sqrt

import numpy as np

from ..dots.table import Array

FINE = 160  # points of a closed curve
Lines = list[Array]


def form_lines(form: str, across: float, down: float, points: int) -> Lines:
    """The closed lines of a figure about the origin, each of shape (n, 2); `points` are those of a star, petals of a
    flower.
    """
    lines = FORMS[form](points)
    every = np.concatenate(lines)
    low, high = every.min(axis=0), every.max(axis=0)
    scale = np.array([across, down]) / (high - low)
    return [(line - (low + high) / 2) * scale for line in lines]


def proportion(form: str, points: int) -> float:
    """How high a figure is by itself, for every millimetre of its width."""
    high = np.ptp(np.concatenate(FORMS[form](points)), axis=0)
    return float(high[1] / high[0])


def _arc(x: float, y: float, radius: float, begin: float, end: float, n: int = FINE // 2) -> Array:
    """Points of an arc, angles clockwise from straight up (rad)."""
    t = np.linspace(begin, end, n)
    return np.stack((x + radius * np.sin(t), y - radius * np.cos(t)), axis=1)


def _heart(_: int) -> Lines:
    """Two circles side by side, and the tangents from them to a tip below."""
    r, aside, low = 0.52, 0.48, 1.25
    down = np.arctan2(aside, low)  # of the tip, seen from the middle of a circle
    touch = pi + down - acos(r / hypot(aside, low))
    right = _arc(aside, 0.0, r, -np.arcsin(aside / r), touch)
    return [np.concatenate((right, [[0.0, low]], right[::-1] * (-1, 1)))]


def _leaf(_: int) -> Lines:
    """Two arcs that meet in a tip above and one below."""
    side = _arc(-0.75, 0.0, 1.25, pi / 2 - 0.9273, pi / 2 + 0.9273)
    return [np.concatenate((side, (side * (-1, 1))[::-1][1:-1]))]


def _star(points: int) -> Lines:
    """Points and the dents between, these less than half as far out."""
    t = np.arange(2 * points) * pi / points
    r = np.where(np.arange(2 * points) % 2 == 0, 1.0, 0.42)
    return [np.stack((r * np.sin(t), -r * np.cos(t)), axis=1)]


def _moon(_: int) -> Lines:
    """What a circle leaves of another, its middle to the right."""
    x, r = 0.42, 0.82
    meet = (1 + x * x - r * r) / (2 * x)
    tip = sqrt(1 - meet * meet)
    outer = _arc(0.0, 0.0, 1.0, np.arctan2(meet, tip), np.arctan2(meet, -tip) - 2 * pi, FINE)
    inner = _arc(x, 0.0, r, np.arctan2(meet - x, -tip) - 2 * pi, np.arctan2(meet - x, tip), FINE)
    return [np.concatenate((outer, inner[1:-1]))]


def _drop(_: int) -> Lines:
    """A circle and the tangents to a tip above."""
    r, high = 0.6, 1.5
    touch = acos(r / high)
    return [np.concatenate(([[0.0, -high]], _arc(0.0, 0.0, r, touch, 2 * pi - touch, FINE)))]


def _flower(petals: int) -> Lines:
    """A circle whose radius waves once for every petal."""
    t = np.arange(FINE * 2) * pi / FINE
    r = 1 + 0.28 * np.cos(petals * t)
    return [np.stack((r * np.sin(t), -r * np.cos(t)), axis=1)]


def _fish(_: int) -> Lines:
    """A lens and a tail."""
    upper = _arc(0.0, 0.55, 1.05, -1.02, 1.02)
    body = np.concatenate((upper, (upper * (1, -1))[::-1][1:-1]))
    front = np.roll(body, -int(body[:, 0].argmin()), axis=0)
    front = front[front[:, 0] > -0.78]
    tail = np.array([[-0.78, 0.1], [-1.45, 0.42], [-1.28, 0.0], [-1.45, -0.42], [-0.78, -0.1]])
    return [np.concatenate((front, tail))]


def _bird(_: int) -> Lines:
    """A round back from beak to tail, a fuller breast, one wing raised."""
    back = _curve((1.5, -0.42), (1.05, -0.92), (0.62, -0.62), (0.3, -0.3), (-0.05, -0.26))
    wing = _curve((-0.05, -0.26), (-0.35, -0.8), (-0.95, -1.1), (-0.75, -0.5), (-0.62, -0.12))
    tail = np.array([[-1.5, -0.18], [-1.32, 0.08], [-1.5, 0.3]])
    breast = _curve((-0.6, 0.3), (-0.1, 0.72), (0.62, 0.68), (1.12, 0.22), (1.14, -0.3))
    return [np.concatenate((back, wing[1:], tail, breast))]


def _curve(*controls: tuple[float, float]) -> Array:
    """Points of a Bézier curve, both ends included. Source: Bernstein polynomials."""
    t = np.linspace(0.0, 1.0, FINE // 4)[:, None]
    n = len(controls) - 1
    weights = [comb(n, k) * t**k * (1 - t) ** (n - k) for k in range(n + 1)]
    return np.asarray(sum(weight * np.array(at) for weight, at in zip(weights, controls, strict=True)))


def _ghost(_: int) -> Lines:
    """Round above, a hem of waves below."""
    x = np.linspace(1.0, -1.0, FINE)
    hem = np.stack((x, 1.1 + 0.16 * np.cos(x * 4 * pi)), axis=1)
    return [np.concatenate((_arc(0.0, 0.0, 1.0, -pi / 2, pi / 2), hem))]


def _fruit(_: int) -> Lines:
    """A circle with a dent above and a little one below."""
    t = np.arange(FINE * 2) * pi / FINE
    r = 1 - 0.42 * np.exp(-((np.minimum(t, 2 * pi - t) / 0.42) ** 2)) - 0.1 * np.exp(-(((t - pi) / 0.3) ** 2))
    return [np.stack((r * np.sin(t), -r * np.cos(t)), axis=1)]


def _feather(_: int) -> Lines:
    """A long leaf, widest above, on a thin quill."""
    s = np.linspace(0.0, 1.0, FINE // 2)
    wide = 0.3 * np.sin(pi * s**0.62) ** 0.8
    side = np.stack((wide + 0.015, s * 2 - 1), axis=1)
    quill = np.array([[0.015, 1.0], [0.015, 1.4]])
    right = np.concatenate(([[0.0, -1.0]], side, quill))
    return [np.concatenate((right, right[1:][::-1] * (-1, 1)))]


def _loop(_: int) -> Lines:
    """A ribbon that crosses itself: an open loop above, two ends below, the hole within."""
    around = _arc(0.0, -0.45, 0.55, -2.25, 2.25, FINE)
    end = np.array([[0.62, 0.86], [0.28, 1.0]])
    body = np.concatenate((around, [[0.18, 0.16]], end, [[0.0, 0.44]], end[::-1] * (-1, 1), [[-0.18, 0.16]]))
    hole = np.concatenate((_arc(0.0, -0.45, 0.33, -2.2, 2.2, FINE), [[0.0, -0.02]]))
    return [body, hole[::-1]]


def _wing(_: int) -> Lines:
    """A bow above, feathers of decreasing length below."""
    upper = np.stack((np.linspace(-1, 1, FINE // 2), -0.25 - 0.5 * np.sin(np.linspace(0.15, 2.4, FINE // 2))), axis=1)
    lower = []
    for k in range(5):
        left, right = 1 - 0.4 * k, 0.6 - 0.4 * k
        x = np.linspace(left, right, FINE // 8)
        lower.append(np.stack((x, 0.55 - 0.13 * k + (0.32 - 0.03 * k) * np.sin(pi * (left - x) / 0.4)), axis=1))
    return [np.concatenate((upper, *lower))]


FORMS: Mapping[str, Callable[[int], Lines]] = {
    "heart": _heart,
    "leaf": _leaf,
    "star": _star,
    "moon": _moon,
    "drop": _drop,
    "flower": _flower,
    "fish": _fish,
    "bird": _bird,
    "ghost": _ghost,
    "fruit": _fruit,
    "feather": _feather,
    "ribbon loop": _loop,
    "wing": _wing,
}
