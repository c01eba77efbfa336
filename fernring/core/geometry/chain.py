"""Places along a closed curve whose straight-line distances are given but for one gap common to all."""

from collections.abc import Callable

import numpy as np

from .surface import Array

STEPS = 60
SETTLED = 1e-11


def closed_chain(curve: Callable[[Array], Array], start: Array, sums: Array) -> tuple[Array, float]:
    """Parameters t_i and a gap g with |curve(t_(i+1)) - curve(t_i)| = sums_i + g, the first place held.

    `curve` maps parameters (n,) to points (n, 3) and closes after 2 pi; `start` are parameters to begin from.
    Newton's method: row i of the Jacobian holds only t_i, t_(i+1) and g, so each step is one forward sweep in which
    every correction is written as u_i + v_i dg, closed by the last equation. Steps that fold the chain are halved.
    """
    t, gap, n = start.astype(float).copy(), 0.0, len(start)
    period = 2 * np.pi
    misfit, gap = _misfit(curve, t, sums, period)
    for _ in range(STEPS):
        if float(np.abs(misfit).max()) < SETTLED:
            break
        dt, dg = _newton(curve, t, misfit, period)
        share = 1.0
        while share > 1e-6:
            trial = t + share * np.concatenate(([0.0], dt))
            ahead = np.diff(np.concatenate((trial, [trial[0] + period])))
            if (ahead > 0).all():
                found = _residual(curve, trial, sums, gap + share * dg, period)
                if float(found @ found) < float(misfit @ misfit):
                    t, gap, misfit = trial, gap + share * dg, found
                    break
            share /= 2
        else:
            break
    assert len(t) == n
    return t, gap


def _misfit(curve: Callable[[Array], Array], t: Array, sums: Array, period: float) -> tuple[Array, float]:
    """Residuals with the gap that fits them best on the whole."""
    apart = _residual(curve, t, sums, 0.0, period)
    gap = float(apart.mean())
    return apart - gap, gap


def _residual(curve: Callable[[Array], Array], t: Array, sums: Array, gap: float, period: float) -> Array:
    points = curve(np.concatenate((t, [t[0] + period])))
    return np.asarray(np.linalg.norm(np.diff(points, axis=0), axis=1) - sums - gap)


def _newton(curve: Callable[[Array], Array], t: Array, misfit: Array, period: float) -> tuple[Array, float]:
    """Corrections of t_1 ... t_(n-1) and of the gap."""
    h = 1e-6
    ends = np.concatenate((t, [t[0] + period]))
    here, beyond, before = np.split(curve(np.concatenate((ends, ends + h, ends - h))), 3)
    slope = (beyond - before) / (2 * h)
    chord = np.diff(here, axis=0)
    unit = chord / np.linalg.norm(chord, axis=1)[:, None]
    back = (-(unit * slope[:-1]).sum(axis=1)).tolist()
    ahead = (unit * slope[1:]).sum(axis=1).tolist()
    u, v = [0.0], [0.0]
    for i, f in enumerate(misfit.tolist()):
        b = ahead[i] if abs(ahead[i]) > 1e-9 else 1e-9
        u.append((-f - back[i] * u[-1]) / b)
        v.append((1.0 - back[i] * v[-1]) / b)
    dg = -u[-1] / v[-1] if v[-1] else 0.0
    return np.array(u[1:-1]) + dg * np.array(v[1:-1]), dg
