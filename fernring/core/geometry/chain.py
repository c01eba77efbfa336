"""Places along a closed curve whose straight-line distances are given but for one gap common to all."""

from collections.abc import Callable
from typing import NamedTuple

import numpy as np

from ..budget import spend
from .surface import Array

Along = Callable[[Array], Array]
STEPS = 60
SETTLED = 1e-11
LITTLE, STALLED = 0.99, 3  # so many steps in a row that leave so much of the squares lead nowhere
PERIOD = 2 * np.pi


class Chain(NamedTuple):
    """Parameters of the places, their common gap (mm), and by how much a distance misses what was asked (mm).

    Where no equal gap was found `off` says so: the places are then as near to it as the search came.
    """

    places: Array
    gap: float
    off: float


def closed_chain(curve: Along, start: Array, sums: Array) -> Chain:
    """Parameters t_i and a gap g with |curve(t_(i+1)) - curve(t_i)| = sums_i + g, the first place held.

    `curve` maps parameters (n,) to points (n, 3) and closes after 2 pi; `start` are parameters to begin from.
    Newton's method: row i of the Jacobian holds only t_i, t_(i+1) and g, so each step is one forward sweep in which
    every correction is written as u_i + v_i dg, closed by the last equation. Steps that fold the chain are halved;
    where they hardly help any more no equal gap exists near by.
    """
    t = start.astype(float)
    chord, residual = _residual(curve, t, sums, 0.0)
    gap = float(residual.mean())
    residual = residual - gap
    stalled = 0
    for _ in range(STEPS):
        if float(np.abs(residual).max()) < SETTLED or stalled == STALLED:
            break
        dt, dg = _newton(curve, t, chord, residual)
        share = 1.0
        while share > 1e-6:
            trial = t + share * dt
            if (trial[1:] > trial[:-1]).all() and trial[0] + PERIOD > trial[-1]:
                beyond, found = _residual(curve, trial, sums, gap + share * dg)
                less, before = float(found @ found), float(residual @ residual)
                if less < before:
                    stalled = stalled + 1 if less > LITTLE * before else 0
                    t, gap, chord, residual = trial, gap + share * dg, beyond, found
                    break
            share /= 2
        else:
            break
    return Chain(t, gap, float(np.abs(residual).max()))


def _residual(curve: Along, t: Array, sums: Array, gap: float) -> tuple[Array, Array]:
    """From each place to the next, and by how much that distance exceeds what is asked of it (mm)."""
    spend(5000 + 60 * len(t))
    points = curve(np.concatenate((t, [t[0] + PERIOD])))
    chord = points[1:] - points[:-1]
    return chord, np.sqrt((chord * chord).sum(axis=1)) - sums - gap


def _newton(curve: Along, t: Array, chord: Array, residual: Array) -> tuple[Array, float]:
    """Corrections of all t, the first of which is held, and of the gap."""
    h = 1e-6
    spend(5000 + 200 * len(t))
    # 1. The derivative of each distance by the places at its two ends: the unit vector of the chord times the slope.
    ends = np.concatenate((t, [t[0] + PERIOD]))
    beyond = curve(np.concatenate((ends + h, ends - h)))
    slope = (beyond[: len(ends)] - beyond[len(ends) :]) / (2 * h)
    unit = chord / np.sqrt((chord * chord).sum(axis=1))[:, None]
    back, ahead = -(unit * slope[:-1]).sum(axis=1), (unit * slope[1:]).sum(axis=1)
    ahead = np.where(np.abs(ahead) > 1e-9, ahead, 1e-9)
    # 2. back_i dt_i + ahead_i dt_(i+1) - dg = -residual_i, solved forward with dt = u + v dg.
    u = v = 0.0
    us, vs = [], []
    for short, b, a in zip((-residual).tolist(), back.tolist(), ahead.tolist(), strict=True):
        u, v = (short - b * u) / a, (1.0 - b * v) / a
        us.append(u)
        vs.append(v)
    # 3. The first place is held, so the correction at the end of the round is zero.
    dg = -u / v if v else 0.0
    return np.array([0.0, *us[:-1]]) + dg * np.array([0.0, *vs[:-1]]), dg
