"""Places that a dot can have while it touches two things: two dots, a dot and the edge, a corner of the edge.

Every free place for a dot of a size belongs to an area bounded by circles grown round what is there and by the edge
moved inward; such an area has a corner wherever two of these cross, so the crossings are all that need be looked at.
"""

from typing import TYPE_CHECKING, NamedTuple

import numpy as np
from numpy.typing import NDArray

from ...budget import spend
from ...dots.table import Array

if TYPE_CHECKING:
    from scipy.spatial import cKDTree

TOUCH = 1e-7  # mm; so much closer counts as touching
PAIR = 20  # work for two things that are looked at together
Whole = NDArray[np.intp]


class There(NamedTuple):
    """Dots of about one size that are there already: places (n, 2), radii, the tree of the places."""

    at: Array
    radius: Array
    tree: "cKDTree"

    @property
    def widest(self) -> float:
        return float(self.radius.max())


def there(at: Array, radius: Array) -> There:
    from scipy.spatial import cKDTree

    return There(at, radius, cKDTree(at))


def sorted_there(at: Array, radius: Array) -> list[There]:
    """Dots of any sizes, those of one doubling of size together."""
    if not len(at):
        return []
    doubling = np.floor(np.log2(np.maximum(radius, 1e-6)))
    return [there(at[doubling == k], radius[doubling == k]) for k in np.unique(doubling)]


def pairs(one: "cKDTree", other: "cKDTree", reach: float) -> tuple[Whole, Whole, Array]:
    """Which of two sets lie no further apart than `reach`, and how far (mm)."""
    near = one.sparse_distance_matrix(other, reach, output_type="ndarray")
    spend(PAIR * len(near))
    return near["i"], near["j"], near["v"]


def beside_two(one: There, other: There, more: float) -> Array:
    """Places at which a dot touches one of each; `more` is its radius and the gap. Source: crossing of two circles."""
    i, j, apart = pairs(one.tree, other.tree, one.widest + other.widest + 2 * more)
    if one is other:
        i, j, apart = i[i < j], j[i < j], apart[i < j]
    a, b = one.radius[i] + more, other.radius[j] + more
    cross = (apart < a + b) & (apart > np.abs(a - b)) & (apart > TOUCH)
    i, j, apart, a, b = i[cross], j[cross], apart[cross], a[cross], b[cross]
    way = (other.at[j] - one.at[i]) / apart[:, None]
    along = (a * a - b * b + apart * apart) / (2 * apart)
    aside = np.sqrt(np.maximum(a * a - along * along, 0.0))[:, None] * np.stack((-way[:, 1], way[:, 0]), axis=1)
    middle = one.at[i] + along[:, None] * way
    return np.concatenate((middle + aside, middle - aside))


class Edge:
    """The line on which a dot's middle may lie at the most, in short pieces (n, 4)."""

    def __init__(self, pieces: Array) -> None:
        from scipy.spatial import cKDTree

        self.pieces = pieces
        self.half = float(np.hypot(*(pieces[:, 2:] - pieces[:, :2]).T).max(initial=0.0)) / 2
        self.tree = cKDTree((pieces[:, :2] + pieces[:, 2:]) / 2) if len(pieces) else None

    def beside(self, dots: There, more: float) -> Array:
        """Places on it at which a dot touches one of these. Source: crossing of a line and a circle."""
        if self.tree is None:
            return np.empty((0, 2))
        i, j, _ = pairs(dots.tree, self.tree, dots.widest + more + self.half)
        start, step = self.pieces[j, :2], self.pieces[j, 2:] - self.pieces[j, :2]
        off, grown = start - dots.at[i], dots.radius[i] + more
        a, b = (step * step).sum(axis=1), (off * step).sum(axis=1)
        root = b * b - a * ((off * off).sum(axis=1) - grown * grown)
        crosses = root >= 0
        start, step, a, b, root = start[crosses], step[crosses], a[crosses], b[crosses], np.sqrt(root[crosses])
        found = []
        for share in ((-b - root) / a, (-b + root) / a):
            on = (share >= 0) & (share <= 1)
            found.append(start[on] + share[on, None] * step[on])
        return np.concatenate(found)


def clear_of(places: Array, dots: There, more: float) -> Array:
    """Those of the places at which a dot keeps its gap to all of these."""
    if not len(places):
        return places
    if float(np.ptp(dots.radius)) < TOUCH:  # of equal dots the nearest is enough
        spend(PAIR * len(places))
        near, _ = dots.tree.query(places, distance_upper_bound=dots.widest + more - TOUCH)
        return places[~np.isfinite(near)]
    from scipy.spatial import cKDTree

    i, j, apart = pairs(cKDTree(places), dots.tree, dots.widest + more)
    free = np.ones(len(places), bool)
    free[i[apart < dots.radius[j] + more - TOUCH]] = False
    return places[free]
