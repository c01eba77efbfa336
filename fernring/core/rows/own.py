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
        return rings_at((self,))


OwnDots = DotsAt | EvenRing


def rings_at(rings: Sequence[EvenRing]) -> DotsAt:
    """The dots of several rings, one ring after the other."""
    counts = [ring.n for ring in rings]
    place = places(counts)
    numbers = [(ring.first_rad, ring.pitch_rad, ring.circle.reach, ring.circle.side, ring.circle.z) for ring in rings]
    first, pitch, reach, side, z = np.repeat(np.array(numbers).T, counts, axis=1)
    angle = first + place * pitch
    radius = in_turn([ring.diameters for ring in rings], counts, place) / 2
    member = in_turn([range(len(ring.diameters)) for ring in rings], counts, place)
    return DotsAt(angle, side * reach * np.sin(angle), -reach * np.cos(angle), z, radius, member)


def places(counts: Sequence[int]) -> Whole:
    """0, 1, 2 ... for each of these counts, one after the other."""
    ends = np.cumsum(counts)
    return np.arange(ends[-1]) - np.repeat(ends - counts, counts)


def in_turn(tables: Sequence[Sequence[Any]], counts: Sequence[int], place: Whole) -> NDArray[Any]:
    """For each place a value of its stretch's table, whose values take turns along it."""
    sizes = np.array([len(table) for table in tables])
    if (sizes == 1).all():
        return np.repeat(np.concatenate(tables), counts)
    begin = np.repeat(np.cumsum(sizes) - sizes, counts)
    return np.asarray(np.concatenate(tables)[begin + place % np.repeat(sizes, counts)])
