"""How far from a dot its trims may meet what lies there already."""

from collections.abc import Sequence

from ...document.trim import SwipeTrim, Trim, WalkTrim
from .walk import walk_radius

FURTHEST = 30.0  # no trim looks further than so many radii of the dot that carries it


def reach(trims: Sequence[Trim], radius: float) -> float:
    """Reach (mm) beyond the edge of a dot of this radius, trims on trims included."""
    return min(sum(_own(trim, radius) for trim in trims), FURTHEST * radius)


def _own(trim: Trim, radius: float) -> float:
    if isinstance(trim, SwipeTrim):
        return FURTHEST * radius
    if isinstance(trim, WalkTrim):
        walked = walk_radius(trim, radius)
        return (2 * walked + trim.gap) * (2 * trim.layers + trim.lead + 1) + reach(trim.trims, walked)
    return 2 * radius + reach(trim.trims, radius)
