"""Swirling: dots follow waves along a direction; where the area repeats about the centre, arms that turn as they go."""

from dataclasses import replace

import numpy as np

from ....dots.table import Array
from ..pack import Packed, Task, pack
from .manner import Manner

LONG, HIGH = 9.0, 1.6  # of a wave, in largest dots
STEEP = 0.7  # how far an arm turns (rad) while it goes out by one wave


def _fill(task: Task, way: float) -> Packed:
    wave = LONG * (2 * task.radii[0] + task.gap)
    high = HIGH * (2 * task.radii[0] + task.gap)
    along, across = np.array([np.sin(way), -np.cos(way)]), np.array([np.cos(way), np.sin(way)])

    def waves(places: Array) -> Array:
        return np.asarray(places @ across + high * np.sin(2 * np.pi * (places @ along) / wave))

    def arms(places: Array) -> Array:
        reach, angle = np.hypot(*places.T), np.arctan2(places[:, 0], -places[:, 1])
        return np.asarray(high * np.sin(task.order * angle + STEEP * 2 * np.pi * reach / wave) - reach)

    return pack(replace(task, key=waves if task.order == 1 else arms))


SWIRLING = Manner(id="swirling", name="swirling", fill=_fill, about="along waves, the largest first", turned=True)
