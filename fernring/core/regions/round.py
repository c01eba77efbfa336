"""Regions with round edges: a disc anywhere, and a band between two walk distances."""

from math import pi

import numpy as np

from ..dots.table import Array, Mask
from ..geometry.frames import walk_above
from ..geometry.surface import Surface
from .region import lattice

EDGE = 72  # points along an edge


class Disc:
    """A circle about a point, mm in plan."""

    def __init__(self, x: float, y: float, radius: float) -> None:
        self.x, self.y, self.radius = x, y, radius

    def contains(self, x: Array, y: Array) -> Mask:
        return np.asarray(self.signed_distance(x, y) <= 0)

    def signed_distance(self, x: Array, y: Array) -> Array:
        return np.asarray(np.hypot(x - self.x, y - self.y) - self.radius)

    @property
    def area(self) -> float:
        return pi * self.radius**2

    def edge(self) -> Array:
        angle = np.linspace(0, 2 * pi, EDGE + 1)[:-1]
        return np.stack((self.x + self.radius * np.sin(angle), self.y - self.radius * np.cos(angle)), axis=1)

    def outlines(self) -> list[Array]:
        return [self.edge()]

    def sample(self, spacing: float) -> Array:
        middle = np.array([self.x, self.y])
        return lattice(self, middle - self.radius, middle + self.radius, spacing)


class Band:
    """Between two walk distances on a surface; its distances are measured over the surface (mm).

    Its area, edge and samples end where the surface does.
    """

    def __init__(self, surface: Surface, inner: float, outer: float) -> None:
        self.surface, self.inner, self.outer = surface, inner, outer

    def contains(self, x: Array, y: Array) -> Mask:
        return np.asarray(self.signed_distance(x, y) <= 0)

    def signed_distance(self, x: Array, y: Array) -> Array:
        walk = walk_above(self.surface, x, y)
        return np.maximum(self.inner - walk, walk - self.outer)

    @property
    def area(self) -> float:
        """As seen from above (mm²): half the integral of the squared reach over the angle."""
        angle = np.linspace(0, 2 * pi, 721)[:-1]
        inner, outer = (self._reach(walk, angle) for walk in (self.inner, self.outer))
        return float(pi * (outer**2 - inner**2).mean())

    def edge(self) -> Array:
        angle = np.linspace(0, 2 * pi, EDGE + 1)[:-1]
        reach = np.concatenate([self._reach(walk, angle) for walk in (self.inner, self.outer)])
        both = np.tile(angle, 2)
        return np.stack((reach * np.sin(both), -reach * np.cos(both)), axis=1)

    def outlines(self) -> list[Array]:
        inner, outer = np.split(self.edge(), 2)
        return [outer, inner] if self.inner > 0 else [outer]

    def sample(self, spacing: float) -> Array:
        far = float(self._reach(self.outer, np.linspace(0, 2 * pi, EDGE)).max())
        found = lattice(self, np.full(2, -far), np.full(2, far), spacing)
        x, y = found.T
        return found[walk_above(self.surface, x, y) <= self.surface.edge(np.arctan2(x, -y))]

    def _reach(self, walk: float, angle_rad: Array) -> Array:
        return np.asarray(self.surface.reach(np.minimum(walk, self.surface.edge(angle_rad)), angle_rad))
