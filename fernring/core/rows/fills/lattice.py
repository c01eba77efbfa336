"""The piece of the hexagonal lattice of largest dots that has most places in an area, of some laid at random."""

from typing import TYPE_CHECKING

import numpy as np

from ...budget import spend
from ...dots.table import Array
from ...geometry.lattice import SLANTED, lattice_about
from ...regions.ground_left import moved_in
from .touching import clear_of, sorted_there

if TYPE_CHECKING:
    from .pack import Task

TRIES, LEAST_TRIES = 24, 5
MOST_POINTS = 400_000  # looked at in all: in a very wide area one piece is as good as another
POINT = 10


def lattice(task: "Task") -> Array:
    """Places (n, 2), every two at least a largest dot and the gap apart."""
    import shapely

    random = np.random.default_rng(task.seed)
    inset = moved_in(task.area, task.radii[0] + task.gap)
    if inset.is_empty:
        return np.empty((0, 2))
    shapely.prepare(inset)
    left, top, right, bottom = inset.bounds
    apart = 2 * task.radii[0] + task.gap + 1e-6
    reach = int(np.hypot(right - left, bottom - top) / apart) + 2
    points = lattice_about(reach, apart, 0.5, SLANTED)
    lying = sorted_there(task.lying, task.lying_radius)
    best = np.empty((0, 2))
    for _ in range(int(np.clip(MOST_POINTS // len(points), LEAST_TRIES, TRIES))):
        turn, shift = random.uniform(0, np.pi / 3), random.uniform(0, apart, 2)
        cos, sin = np.cos(turn), np.sin(turn)
        laid = points @ np.array([[cos, sin], [-sin, cos]]) + np.array([left + right, top + bottom]) / 2 + shift
        laid = laid[(laid >= (left, top)).all(axis=1) & (laid <= (right, bottom)).all(axis=1)]
        spend(POINT * len(points))
        laid = laid[shapely.contains_xy(inset, laid[:, 0], laid[:, 1])]
        for one in lying:
            laid = clear_of(laid, one, task.radii[0] + task.gap)
        if len(laid) > len(best):
            best = laid
    return best
