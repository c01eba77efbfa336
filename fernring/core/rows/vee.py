"""In the V: a dot between two neighbouring petals of the row before, in contact with both.

Slid in along a spoke, a dot first touches the left petal at one walk and the right petal at another; as the spoke turns
from left to right the first falls and the second grows. Where they are equal the dot touches both: its angle and its
walk are found together, so that petals walked on one side only need no middle line.
"""

from dataclasses import dataclass
from math import inf

import numpy as np

from ..budget import spend
from ..dots.table import Dots
from .context import Context
from .placed import PlacedRow

HALVINGS = 60
LOOKED = 30  # work for each disc and spoke
EXACT = 1e-6  # mm


@dataclass(frozen=True)
class Vee:
    """The first V: its angle (rad), the walk of a dot's centre in it (mm), and how many there are round the row."""

    angle_rad: float
    walk: float
    count: int


def vee(context: Context, radius: float, gap: float) -> Vee | str:
    """The V between the first two petals of the last row that carries walks; or why there is none."""
    before = [row for row in context.nestable if row.motif == context.motif]
    row = next((row for row in reversed(before) if _has_petals(row)), None)
    if row is None or row.places < 2:
        return "no row of petals lies before it"
    if not context.surface.axisymmetric or row.left_out or not row.ring_like:
        return "the petals before it are not alike all round"
    own = row.own_dots
    hosts = np.flatnonzero(np.isin(np.arange(len(own)), row.grown.dots.host))
    left, right = row.body_at(int(hosts[0])), row.body_at(int(hosts[1]))
    low = float(own.out_rad[hosts[0]])
    high = low + float(own.out_rad[hosts[1]] - low) % (2 * np.pi)

    def contact(angle: float, petal: Dots) -> float:
        """Where a dot slid in along this spoke first touches the petal; -inf where it passes it by."""
        spend(LOOKED * len(petal))
        reach = petal.radius + radius + gap
        walks = context.surface.contact_walk(np.full(len(petal), angle), petal.x, petal.y, petal.z, reach)
        return float(np.fmax.reduce(walks, initial=-inf))

    # 1. Halve the turn between the two hosts until both are touched at one walk.
    for _ in range(HALVINGS):
        middle = (low + high) / 2
        if contact(middle, left) > contact(middle, right):
            low = middle
        else:
            high = middle
    angle = (low + high) / 2
    one, other = contact(angle, left), contact(angle, right)
    if not abs(one - other) <= EXACT:
        return "the two petals leave no V that a dot of this size touches on both sides"
    return Vee(angle, max(one, other), len(hosts))


def _has_petals(row: PlacedRow) -> bool:
    return bool(len(row.grown.dots) and row.grown.dots.layer.any())
