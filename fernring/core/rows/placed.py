"""What planning a row gives: its solved numbers and its dots as arrays."""

from dataclasses import dataclass, field
from functools import cached_property
from math import pi

import numpy as np
from numpy.typing import NDArray

from ..geometry.surface import Array, Surface


@dataclass(frozen=True)
class PlacedRow:
    """One row with its rule solved. Lengths in mm, angles in radians, arrays over the row's places.

    `diameters` are those of the pattern's members after fitting; `clear` is the clear distance between
    neighbours (inf for one dot). `noroom` says why nothing was placed; then the arrays are empty. `twin` is the same
    row on the other half of a ball or egg.
    """

    index: int
    repeats: int
    diameters: tuple[float, ...]
    walk: float
    clear: float
    angle_rad: Array
    x: Array
    y: Array
    z: Array
    radius: Array
    boundary: bool = False
    half: str = "front"
    twin: "PlacedRow | None" = None
    noroom: str = ""
    slipped: bool = False
    member: NDArray[np.intp] = field(default_factory=lambda: np.empty(0, np.intp))

    @cached_property
    def inner(self) -> float:
        """Walk distance of the innermost painted edge (negative across the centre)."""
        return self.walk - max(self.diameters) / 2

    @cached_property
    def outer(self) -> float:
        """Walk distance of the outermost painted edge."""
        return self.walk + max(self.diameters) / 2

    @cached_property
    def thickest(self) -> float:
        """Largest radius."""
        return max(self.diameters) / 2

    @cached_property
    def both(self) -> tuple["PlacedRow", ...]:
        """The row on every half it is painted on."""
        return (self,) if self.twin is None else (self, self.twin)

    @cached_property
    def reach(self) -> float:
        """Largest reach of a dot's centre."""
        return float(np.hypot(self.x, self.y).max()) if len(self.x) else 0.0

    @cached_property
    def dip_rad(self) -> float:
        """Angle of the middle between the painted edges of the first two places."""
        first, second = (float(a) for a in (self.angle_rad[0], self.angle_rad[1 % len(self.angle_rad)]))
        step = (second - first) % (2 * pi) or 2 * pi
        reach = max(self.reach, 1e-9)
        edges = (float(self.radius[0]) - float(self.radius[1 % len(self.radius)])) / (2 * reach)
        return first + step / 2 + edges


def place(
    index: int,
    surface: Surface,
    walk: float,
    diameters: tuple[float, ...],
    angle_rad: Array,
    clear: float,
    **more: object,
) -> PlacedRow:
    """The row's dots at one walk distance; the pattern repeats along the angles."""
    n = len(angle_rad)
    member = np.arange(n) % len(diameters)
    x, y, z = surface.points(np.full(n, walk), angle_rad)
    radius = np.asarray(diameters)[member] / 2
    repeats = n // len(diameters)
    return PlacedRow(index, repeats, diameters, walk, clear, angle_rad, x, y, z, radius, member=member, **more)  # type: ignore[arg-type]


def nothing(index: int, repeats: int, diameters: tuple[float, ...], walk: float, why: str) -> PlacedRow:
    """A row for which there is no room."""
    none = np.empty(0)
    return PlacedRow(index, repeats, diameters, walk, float("inf"), none, none, none, none, none, noroom=why)
