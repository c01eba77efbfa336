"""Where the centre may be put on an outline: candidates side by side."""

from dataclasses import dataclass

import numpy as np

from ..surface import Array
from .polygon import centroid, distance_to_edges, extent

PRECISION = 0.002
FEW = 64
UNSEEN = 1e-9


@dataclass(frozen=True)
class Centre:
    """A candidate: its place (mm, in the outline's own coordinates), and the largest ring that stays whole there.

    `whole` is the distance to the nearest edge, `furthest` that to the furthest.
    """

    kind: str
    x: float
    y: float
    whole: float
    furthest: float


def middle(corners: Array) -> tuple[float, float]:
    """The middle of length and width."""
    left, top, right, low = extent(corners)
    return (left + right) / 2, (top + low) / 2


def inscribed(corners: Array) -> tuple[float, float]:
    """Centre of the largest circle that fits, to within PRECISION of its radius."""
    import shapely

    line = shapely.maximum_inscribed_circle(shapely.Polygon(corners), tolerance=PRECISION)
    x, y = line.coords[0]
    return float(x), float(y)


def enclosing(corners: Array) -> tuple[float, float]:
    """Centre of the smallest circle around it all."""
    import shapely

    # The circle of a few corners, and of what lies outside it as well, until nothing does: all corners are never asked.
    few = corners[:: max(1, len(corners) // FEW)]
    while True:
        circle = np.asarray(shapely.minimum_bounding_circle(shapely.MultiPoint(few)).exterior.coords)[:-1]
        x, y = circle.mean(axis=0).tolist()
        away = np.hypot(corners[:, 0] - x, corners[:, 1] - y)
        furthest = int(away.argmax())
        if away[furthest] <= np.hypot(few[:, 0] - x, few[:, 1] - y).max() + UNSEEN:
            return x, y
        few = np.concatenate((few, corners[furthest : furthest + 1]))


PLACES = {"middle": middle, "centroid": centroid, "inscribed": inscribed, "enclosing": enclosing}


def candidate(corners: Array, kind: str, place: tuple[float, float]) -> Centre:
    """What this centre means for the largest whole ring."""
    x, y = place
    whole = float(distance_to_edges(corners, np.array([x]), np.array([y]))[0])
    furthest = float(np.hypot(corners[:, 0] - x, corners[:, 1] - y).max())
    return Centre(kind, x, y, whole, furthest)


def candidates(corners: Array) -> list[Centre]:
    """All of them, in the order they are offered."""
    return [candidate(corners, kind, place(corners)) for kind, place in PLACES.items()]
