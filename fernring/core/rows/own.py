"""The dots a row sets itself, before its trims: given as arrays, or as a ring whose arrays can wait."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from math import pi
from typing import Any, ClassVar

import numpy as np
from numpy.typing import NDArray

from ..geometry.surface import Array, Circle, Surface

Whole = NDArray[np.intp]


@dataclass(frozen=True)
class DotsAt:
    """Dots wherever they are, as columns. `angle_rad` is the direction outward at each, `member` which of the pattern
    it is. `walks` are the dots' own walk distances (mm) where they differ, None where all have the row's."""

    angle_rad: Array
    x: Array
    y: Array
    z: Array
    radius: Array
    member: Whole
    walks: Array | None = None

    @property
    def n(self) -> int:
        return len(self.x)

    @property
    def dots(self) -> "DotsAt":
        return self


def dots_at(surface: Surface, walk: float, diameters: tuple[float, ...], angle_rad: Array) -> DotsAt:
    """Dots at one walk distance; the pattern repeats along the angles."""
    n = len(angle_rad)
    member = np.arange(n) % len(diameters)
    x, y, z = surface.points(np.full(n, walk), angle_rad)
    return DotsAt(angle_rad, x, y, z, np.asarray(diameters)[member] / 2, member)


@dataclass(frozen=True)
class EvenRing:
    """Dots at equal angles on one circle: five numbers. Many rows are never looked at dot by dot until the whole
    piece is, and then all its rings are reckoned together."""

    circle: Circle
    first_rad: float
    n: int
    diameters: tuple[float, ...]
    walks: ClassVar[None] = None

    @property
    def pitch_rad(self) -> float:
        return 2 * pi / self.n

    @cached_property
    def dots(self) -> DotsAt:
        place, angle, x, y, z, radius = rings_at((self,))
        return DotsAt(angle, x, y, z, radius, place % len(self.diameters))


OwnDots = DotsAt | EvenRing


def rings_at(rings: Sequence[EvenRing]) -> tuple[Whole, Array, Array, Array, Array, Array]:
    """Place, angle (rad), x, y, z and radius of the dots of several rings, one ring after the other."""
    counts = np.array([ring.n for ring in rings])
    ends = counts.cumsum()
    place = np.arange(ends[-1]) - (ends - counts).repeat(counts)
    numbers = [
        [ring.first_rad for ring in rings],
        [ring.pitch_rad for ring in rings],
        [ring.circle.side * ring.circle.reach for ring in rings],
        [-ring.circle.reach for ring in rings],
        [ring.circle.z for ring in rings],
    ]
    first, pitch, right, up, z = np.array(numbers).repeat(counts, axis=1)
    angle = first + place * pitch
    radius = in_turn([ring.diameters for ring in rings], counts, place) / 2
    return place, angle, right * np.sin(angle), up * np.cos(angle), z, radius


def in_turn(tables: Sequence[Sequence[Any]], counts: Whole, place: Whole) -> NDArray[Any]:
    """For each place a value of its stretch's table, whose values take turns along it; `counts` are the stretches."""
    values, sizes = np.array([value for table in tables for value in table]), [len(table) for table in tables]
    if len(values) == len(tables):
        return values.repeat(counts)
    each = np.array(sizes)
    begin = (each.cumsum() - each).repeat(counts)
    return np.asarray(values[begin + place % each.repeat(counts)])
