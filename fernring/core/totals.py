"""Sums over a plan."""

from dataclasses import dataclass
from math import gcd

import numpy as np

from .solved import Solved


@dataclass(frozen=True)
class Totals:
    """`edge` is the outermost painted edge and `left` what remains to the border (mm; negative when over).

    `symmetry` is the gcd of the rows' repeats; `sizes` lists (diameter mm, dots), largest first; `shades`
    counts dots for each of the plan's shades. `marks` are swipes and shapes, `swept` the area they cover (mm²).
    """

    dots: int
    rows: int
    edge: float
    left: float
    symmetry: int
    sizes: tuple[tuple[float, int], ...]
    shades: tuple[int, ...]
    marks: int
    swept: float


def add_up(solved: Solved) -> Totals:
    dots = solved.dots
    rings = [row.repeats for row in solved.rows if row.walk > 0 and row.n]
    painted = np.flatnonzero(dots.painted)
    sizes = np.bincount(np.rint(2000 * dots.radius[painted]).astype(int))
    diameters = np.flatnonzero(sizes)
    return Totals(
        dots=len(painted),
        rows=sum(1 for row in solved.rows if row.n),
        edge=solved.edge,
        left=solved.left,
        symmetry=gcd(*rings) if rings else 1,
        sizes=tuple(zip((diameters[::-1] / 1000).tolist(), sizes[diameters][::-1].tolist(), strict=True)),
        shades=tuple(np.bincount(dots.shade[painted], minlength=len(solved.palette.shades)).tolist()),
        marks=len(solved.marked),
        swept=sum(marked.mark.area for marked in solved.marked),
    )
