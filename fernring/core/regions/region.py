"""What can be asked of any region of the blank. Places are mm in plan from the centre."""

from typing import Protocol

import numpy as np

from ..dots.table import Array, Mask


class Region(Protocol):
    def contains(self, x: Array, y: Array) -> Mask:
        """Whether each point lies inside."""

    def signed_distance(self, x: Array, y: Array) -> Array:
        """Distance of each point to the edge (mm), negative inside."""

    @property
    def area(self) -> float:
        """mm²."""

    def edge(self) -> Array:
        """Points along the edge, shape (n, 2)."""

    def outlines(self) -> list[Array]:
        """The closed lines that bound it, each of shape (n, 2)."""

    def sample(self, spacing: float) -> Array:
        """The points of a square lattice, `spacing` mm apart, that lie inside; shape (n, 2)."""


def lattice(region: Region, low: Array, high: Array, spacing: float) -> Array:
    """The lattice points within a box that lie inside a region."""
    x, y = (
        np.arange(np.ceil(a / spacing), np.floor(b / spacing) + 1) * spacing for a, b in zip(low, high, strict=True)
    )
    px, py = (part.ravel() for part in np.meshgrid(x, y))
    inside = region.contains(px, py)
    return np.stack((px[inside], py[inside]), axis=1)
