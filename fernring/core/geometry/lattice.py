"""Points of lattices: about the origin, and evenly over an area."""

from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

Array = NDArray[np.float64]
SLANTED = float(np.sqrt(0.75))  # height of a triangle with equal sides, for one of 1


def lattice_about(reach: int, apart: float, shift: float = 0.0, high: float = 1.0) -> Array:
    """(2 reach + 1)² points, shape (n, 2): lines `high` steps apart, each moved on by a share of a step; a step is
    `apart`. Shift 0.5 and high √3/2 make the hexagonal lattice.
    """
    column, line = np.meshgrid(np.arange(-reach, reach + 1), np.arange(-reach, reach + 1))
    return np.stack(((column + shift * line % 1) * apart, line * apart * high), axis=-1).reshape(-1, 2)


def evenly_in(area: "BaseGeometry", apart: float) -> Array:
    """The points of a square lattice that lie inside, shape (n, 2)."""
    import shapely

    left, top, right, bottom = area.bounds
    x, y = np.meshgrid(np.arange(left + apart / 2, right, apart), np.arange(top + apart / 2, bottom, apart))
    inside = shapely.contains_xy(area, x.ravel(), y.ravel())
    return np.stack((x.ravel()[inside], y.ravel()[inside]), axis=1)
