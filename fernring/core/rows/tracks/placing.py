"""Places of a track, and the row that is painted on them."""

from dataclasses import dataclass
from math import inf
from typing import TYPE_CHECKING, Any

import numpy as np
from numpy.typing import NDArray

from ...dots.rings import own_dots
from ...dots.table import Array
from ...geometry.even import Curve
from ...geometry.frames import lifted
from ...geometry.turn import turned_places
from ..context import Context
from ..placed import PlacedRow

if TYPE_CHECKING:
    from ...document.row import Row

Whole = NDArray[np.intp]


@dataclass(frozen=True)
class Places:
    """x, y in plan, the direction outward at each place (rad), which member of the pattern is there, and the smallest
    clear distance between neighbours (mm, inf when unknown). `turn` says whose turn it is among the shades, where that
    is not simply the next one's. `repeats` counts copies of the whole track. `off` is by
    how much gaps that should be equal differ.
    """

    x: Array
    y: Array
    out_rad: Array
    member: NDArray[Any]
    repeats: int
    clear: float = inf
    sizes: Array | None = None
    off: float = 0.0
    turn: NDArray[Any] | None = None


def row_on(row: "Row", index: int, context: Context, places: Places) -> PlacedRow:
    """The row on these places, coincident ones once. `sizes` gives each dot its own diameter."""
    keep = _single(places.x, places.y)
    x, y, member = places.x[keep], places.y[keep], places.member[keep]
    diameters = row.sizes
    radius = np.asarray(diameters)[member] / 2 if places.sizes is None else places.sizes[keep] / 2
    (px, py, pz), walks = lifted(context.surface, x, y)
    widest = (float(radius.max(initial=0.0)) * 2,) if places.sizes is not None else diameters
    own = own_dots(px, py, pz, radius, walks, places.out_rad[keep], member, np.arange(len(x)))
    if places.turn is not None:
        own = own.replaced(slot=places.turn[keep])
    mean = float(walks.mean()) if len(walks) else 0.0
    return PlacedRow(index, places.repeats, widest, mean, places.clear, own, row.boundary, off=places.off)


def _single(x: Array, y: Array) -> Whole:
    """Places that no earlier one coincides with, to a thousandth of a millimetre."""
    _, first = np.unique(np.round(np.stack((x, y), axis=1), 3), axis=0, return_index=True)
    return np.sort(first)


def outward(curve: Curve, s: Array) -> Array:
    """Direction outward (rad) at these lengths along a curve: a quarter turn from the way it runs."""
    ahead = curve(s + 0.05) - curve(s - 0.05)
    return np.asarray(np.arctan2(ahead[:, 0], -ahead[:, 1]) - np.pi / 2)


def members(row: "Row", n: int) -> Whole:
    """The pattern's members along n places."""
    return np.arange(n) % len(row.pattern)


def pair_sums(row: "Row", n: int) -> Array:
    """Mean diameter of each of n places and its follower."""
    sizes = np.asarray(row.sizes)[members(row, n)]
    return np.asarray((sizes + np.roll(sizes, -1)) / 2)


def copies(
    x: Array, y: Array, out_rad: Array, count: int, step_rad: float, mirror_rad: float | None
) -> tuple[Array, Array, Array]:
    """A line of places turned about the centre `count` times, and mirrored about a direction as well if given."""
    sets = [(x, y, out_rad)]
    if mirror_rad is not None:
        sin, cos = np.sin(2 * mirror_rad), np.cos(2 * mirror_rad)
        sets.append((-(x * cos) - y * sin, -(x * sin) + y * cos, 2 * mirror_rad - out_rad))
    turned = []
    for k in range(count):
        turned += [(*turned_places(px, py, k * step_rad), po + k * step_rad) for px, py, po in sets]
    return tuple(np.concatenate(part) for part in zip(*turned, strict=True))  # type: ignore[return-value]
