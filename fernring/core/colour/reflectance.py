"""A reflectance for a colour: of all curves that look like it the one that changes least along the wavelengths.

Source: Burns, "Numerical methods for smoothest reflectance reconstruction" (Color Research and Application 2020): least
squares of the slope of z, the reflectance being (tanh z + 1)/2, so that it stays within 0 and 1 (method LHTSS).
"""

from typing import NamedTuple

import numpy as np

from ..budget import spend
from ..kept import kept
from . import srgb
from .spectrum import primaries
from .srgb import Array

LOW, HIGH = 0.0015, 0.985  # of light: a paint is never quite black, nor a perfect white
ROUNDS, CLOSE = 60, 1e-9
ONE = 60_000  # work for one colour


class Recovered(NamedTuple):
    """Curves, shape (n, 36), and by how much the light of each misses what was asked (linear, at the worst)."""

    curves: Array
    missed: Array


@kept(64)
def of_colours(colours: tuple[str, ...]) -> Recovered:
    """The smoothest reflectances of colours "#rrggbb"."""
    return recovered(srgb.linear(srgb.from_hex(list(colours))))


def recovered(light: Array) -> Recovered:
    """The smoothest reflectances of linear sRGB, shape (n, 3), which is first brought to what paint can have.

    Newton's method on z and three multipliers: (1) the slopes' matrix D, (2) the residual of the Lagrangian and of the
    light, (3) one linear system a round.
    """
    light = LOW + (HIGH - LOW) * np.clip(light, 0, 1)
    weights = primaries()
    n, many = len(weights), len(light)
    spend(ONE * many)
    slopes = 2 * np.eye(n) * 2 - 2 * np.eye(n, k=1) - 2 * np.eye(n, k=-1)  # (1)
    slopes[0, 0] = slopes[-1, -1] = 2
    z, multipliers = np.zeros((many, n)), np.zeros((many, 3))
    system = np.zeros((many, n + 3, n + 3))
    for _ in range(ROUNDS):
        curve, rise = (np.tanh(z) + 1) / 2, (1 - np.tanh(z) ** 2) / 2
        pull = multipliers @ weights.T
        residual = np.hstack((z @ slopes + rise * pull, curve @ weights - light))  # (2)
        if float(np.abs(residual).max()) < CLOSE:
            break
        system[:, :n, :n] = slopes + np.einsum("ij,jk->ijk", -2 * rise * np.tanh(z) * pull, np.eye(n))
        system[:, :n, n:] = rise[:, :, None] * weights
        system[:, n:, :n] = system[:, :n, n:].transpose(0, 2, 1)
        step = np.linalg.solve(system, residual[:, :, None])[:, :, 0]  # (3)
        step *= np.minimum(1.0, 2.0 / np.maximum(np.abs(step[:, :n]).max(axis=1), 1e-12))[:, None]
        z, multipliers = z - step[:, :n], multipliers - step[:, n:]
    curves = (np.tanh(z) + 1) / 2
    return Recovered(curves, np.abs(curves @ weights - light).max(axis=1))
