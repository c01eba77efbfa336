"""Bare rings: dots at equal angles on one circle, kept as five numbers until somebody looks at them."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from math import pi
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ..geometry.surface import Circle, Surface
from .table import Array, Dots, table


def dots_at(surface: Surface, walk: float, diameters: tuple[float, ...], angle_rad: Array) -> Dots:
    """Dots at one walk distance; the pattern repeats along the angles."""
    n = len(angle_rad)
    place = np.arange(n)
    member = place % len(diameters)
    walks = np.full(n, walk)
    x, y, z = surface.points(walks, angle_rad)
    radius = np.asarray(diameters)[member] / 2
    return own_dots(x, y, z, radius, walks, angle_rad, member, place)


def own_dots(
    x: Array, y: Array, z: Array, radius: Array, walk: Array, out_rad: Array, member: NDArray[Any], place: NDArray[Any]
) -> Dots:
    """Dots that a row sets itself: each is its own host, and takes its turn among the shades by its place."""
    own = np.arange(len(x))
    return table(
        len(x), x=x, y=y, z=z, radius=radius, walk=walk, out_rad=out_rad, member=member, place=place, slot=place,
        dot=own, host=own, below=own,
    )  # fmt: skip


@dataclass(frozen=True)
class EvenRing:
    """Many rows are never looked at dot by dot until the whole piece is, and then all its rings are made together."""

    circle: Circle
    walk: float
    first_rad: float
    n: int
    diameters: tuple[float, ...]

    def __len__(self) -> int:
        return self.n

    @property
    def pitch_rad(self) -> float:
        return 2 * pi / self.n

    @cached_property
    def dots(self) -> Dots:
        place, angle, x, y, z, radius, walk = rings_at((self,))
        return own_dots(x, y, z, radius, walk, angle, place % len(self.diameters), place)


def rings_at(rings: Sequence[EvenRing]) -> tuple[NDArray[np.intp], Array, Array, Array, Array, Array, Array]:
    """Place, angle (rad), x, y, z, radius and walk of the dots of several rings, one ring after the other."""
    counts = np.array([ring.n for ring in rings])
    ends = counts.cumsum()
    place = np.arange(ends[-1]) - (ends - counts).repeat(counts)
    numbers = [
        [ring.first_rad for ring in rings],
        [ring.pitch_rad for ring in rings],
        [ring.circle.side * ring.circle.reach for ring in rings],
        [-ring.circle.reach for ring in rings],
        [ring.circle.z for ring in rings],
        [ring.walk for ring in rings],
    ]
    first, pitch, right, up, z, walk = np.array(numbers).repeat(counts, axis=1)
    angle = first + place * pitch
    radius = in_turn([ring.diameters for ring in rings], counts, place) / 2
    return place, angle, right * np.sin(angle), up * np.cos(angle), z, radius, walk


def in_turn(tables: Sequence[Sequence[Any]], counts: NDArray[np.intp], place: NDArray[np.intp]) -> NDArray[Any]:
    """For each place a value of its stretch's table, whose values take turns along it; `counts` are the stretches."""
    values, sizes = np.array([value for table in tables for value in table]), [len(table) for table in tables]
    if len(values) == len(tables):
        return values.repeat(counts)
    each = np.array(sizes)
    begin = (each.cumsum() - each).repeat(counts)
    return np.asarray(values[begin + place % each.repeat(counts)])
