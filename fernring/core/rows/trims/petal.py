"""A petal on a curved surface: every dot at its straight-line distances from the two discs it touches."""

from collections.abc import Sequence
from math import hypot
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from ...budget import spend
from ...geometry.surface import Array, Plane, Points
from .host import Around, Disc, Host

NEWTON = 12
OTHERS, LAST = 12, 6  # times that what dots touch is chosen anew; after so many from the frame's own places
CLOSER = 1e-6  # mm
Points2 = tuple[Array, Array]
Places = NDArray[np.intp]
SETTLED = 1e-11
STEP = 1e-6
FLAT = 1e-9
COINCIDE = 1e-9  # mm; middles nearer than this give no direction
AWAY = 1e3  # a step that leads so much further off than the best leads nowhere


class Petal3D(NamedTuple):
    """Points on the surface, their walks and directions outward (rad), by how much a distance is off (mm), and where
    the dots came to lie in the host's frame."""

    points: Points
    walks: Array
    out_rad: Array
    off: float
    frame: Points2


def placed_petal(
    dots: Sequence[Disc], host: Host, around: Around, gap: Array, standing: Sequence[Disc] = ()
) -> Petal3D:
    """The petal's dots, given in the host's frame, each with the gap it keeps (mm), on the surface; what is `standing`
    round the host already stays where it is.

    Exact in plan. On a relief each keeps its distance from the two discs it touches most closely in the frame (on the
    axis from the nearest), by Newton's method from the frame's own places: since a dot touches only the host and
    earlier ones, every step is solved dot by dot. Where on the surface a third disc comes closer than the gap, that is
    touched instead. Where it does not settle, as past the edge of a relief, the best places met are answered, and how
    far they are off.
    """
    u, v, _ = (np.array(column) for column in zip(*dots, strict=True))
    if isinstance(around.surface, Plane):
        return Petal3D(*around.at(host, u, v), 0.0, (u, v))
    discs = [(0.0, 0.0, host.radius), *standing, *dots]
    there = np.concatenate((np.array([[host.x, host.y, host.z]]), _in_space(standing, host, around)))
    near = np.array([_touched(discs, k) for k in range(len(there), len(discs))])
    radius = np.array([r for _, _, r in discs])
    best, least, frame = (u, v), np.inf, (u, v)
    for turn in range(OTHERS):
        start = (u, v) if turn > LAST else frame  # where one leads nowhere, the other may
        frame, off = _solved(start, near, radius, there, host, around, gap)
        near, missing = _closer(frame, near, radius, there, host, around, gap)
        if max(off, missing) < least:
            best, least = frame, max(off, missing)
        if missing <= CLOSER:
            break
    return Petal3D(*around.at(host, *best), least, best)


def _in_space(discs: Sequence[Disc], host: Host, around: Around) -> Array:
    """Where discs of the host's frame lie, shape (n, 3)."""
    u, v, _ = np.array(discs, float).reshape(-1, 3).T
    return np.stack(around.at(host, u, v)[0], axis=1)


def _closer(
    frame: Points2, near: Places, radius: Array, there: Array, host: Host, around: Around, gap: Array
) -> tuple[Places, float]:
    """What each dot touches now that a third disc may have come closer than the gap, and by how much at most (mm)."""
    points, _, _ = around.at(host, *frame)
    first, every = len(there), np.concatenate((there, np.stack(points, axis=1)))
    spend(20 * len(every) ** 2)
    clear = np.linalg.norm(every[:, None] - every, axis=2) - radius[:, None] - radius
    clear[np.triu_indices(len(every))] = np.inf
    least = np.where(_axial(frame[0]), np.inf, clear[first:].min(axis=1))
    changed, short = near.copy(), np.flatnonzero(least < gap - CLOSER)
    changed[short] = np.argsort(clear[first + short], axis=1, kind="stable")[:, :2]
    return changed, max(float((gap - least).max(initial=0.0)), 0.0)


def _solved(
    frame: Points2, near: Places, radius: Array, there: Array, host: Host, around: Around, gap: Array
) -> tuple[Points2, float]:
    """Places in the frame at which every dot keeps its distances from the two it touches, and how far off they are;
    what is `there` (n, 3) stays."""
    u, v = frame
    wanted = radius[len(there) :, None] + radius[near] + gap[:, None]
    best, least = (u, v), np.inf
    for _ in range(NEWTON):
        places, slopes = _places(host, around, u, v)
        every = np.concatenate((there, places))
        apart = places[:, None] - every[near]
        length = np.linalg.norm(apart, axis=2)
        residual = length - wanted
        off = float(np.abs(np.where(_axial(u), residual[:, 0], np.abs(residual).max(axis=1))).max())
        if off < least:
            best, least = (u, v), off
        if not SETTLED <= off < AWAY * least:
            break
        unit = apart / np.maximum(length, COINCIDE)[..., None]
        moved = np.concatenate((np.zeros((len(there), 3, 2)), slopes))
        own, other = (np.einsum("kic,kicx->kix", unit, given) for given in (slopes[:, None], moved[near]))
        given = (part.tolist() for part in (residual, own, other, near, _axial(u)))
        steps = _steps(len(there), *given)
        u, v = u + steps[:, 0], v + steps[:, 1]
    return best, least


def _axial(u: Array) -> Array:
    return np.asarray(np.abs(u) < 1e-12)


def _touched(discs: Sequence[Disc], k: int) -> list[int]:
    """The two of the discs before disc k that lie nearest to it; the first has but one, named twice."""
    u, v, _ = discs[k]
    near = sorted(range(k), key=lambda j: hypot(discs[j][0] - u, discs[j][1] - v) - discs[j][2])[:2]
    return [near[0], near[-1]]


def _places(host: Host, around: Around, u: Array, v: Array) -> tuple[Array, Array]:
    """Places in space, shape (n, 3), and how they move with u and v, shape (n, 3, 2)."""
    n = len(u)
    points, _, _ = around.at(host, np.concatenate((u, u + STEP, u)), np.concatenate((v, v, v + STEP)))
    places = np.stack(points, axis=1)
    here = places[:n]
    return here, np.stack((places[n : 2 * n] - here, places[2 * n :] - here), axis=2) / STEP


Pairs = list[list[float]]


def _steps(
    still: int, residual: Pairs, own: list[Pairs], other: list[Pairs], near: list[list[int]], axial: list[bool]
) -> Array:
    """Corrections of u and v, shape (n, 2), from the innermost dot on; `near` counts the discs that are `still` first.

    Row i of dot k: own_ki . step_k = other_ki . step_of_near_ki - residual_ki.
    """
    steps = [(0.0, 0.0)] * still
    for k, (first, second) in enumerate(near):
        (a, b), (c, d) = own[k]
        (a1, b1), (c1, d1) = other[k]
        p = a1 * steps[first][0] + b1 * steps[first][1] - residual[k][0]
        q = c1 * steps[second][0] + d1 * steps[second][1] - residual[k][1]
        area = a * d - b * c
        if axial[k] or first == second:
            steps.append((0.0, p / b))
        elif abs(area) < FLAT:
            steps.append((0.0, 0.0))
        else:
            steps.append(((p * d - b * q) / area, (a * q - c * p) / area))
    return np.array(steps[still:])
