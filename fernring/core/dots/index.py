"""The spatial index: which discs lie near a point, and which is nearest.

Distances are straight lines in space to a disc's edge (mm, negative inside). A handful is looked at one by one; more go
through hash grids, so that no question costs as much as all discs times all points.
"""

from collections.abc import Iterator
from functools import cached_property
from math import inf

import numpy as np

from ..budget import spend
from .grid import Grid, by_level
from .table import Array, Dots, Mask, Whole

FEW = 250_000  # points times discs that are looked at one by one
AT_ONCE = 20_000  # points asked about together
WIDER = 3.0  # by which a search that found nothing is widened


class Index:
    """Discs in space, to be asked what lies near. Nothing is sorted before the first question that needs it."""

    def __init__(self, x: Array, y: Array, z: Array, radius: Array) -> None:
        self.x, self.y, self.z, self.radius = x, y, z, radius

    @classmethod
    def of(cls, dots: Dots) -> "Index":
        return cls(dots.x, dots.y, dots.z, dots.radius)

    def __len__(self) -> int:
        return len(self.x)

    def within(self, x: Array, y: Array, z: Array, reach: float) -> tuple[Whole, Whole, Array]:
        """Every point and disc whose edge comes within `reach` of it: the point, the disc, and the clear distance."""
        found = [part for part in self._near(x, y, z, reach) if len(part[0])]
        if not found:
            return np.empty(0, np.int32), np.empty(0, np.int32), np.empty(0)
        points, discs, clear = (np.concatenate(part) for part in zip(*found, strict=True))
        return points, discs, clear

    def clear_of(self, x: Array, y: Array, z: Array, reach: Array) -> Mask:
        """Which points keep at least their `reach` from the edges of all discs."""
        clear = np.ones(len(x), bool)
        for points, _, apart in self._near(x, y, z, float(reach.max(initial=0.0))):
            clear[points[apart < reach[points]]] = False
        return clear

    def nearest(self, x: Array, y: Array, z: Array) -> tuple[Array, Whole]:
        """Clear distance from each point to the nearest disc's edge, and that disc; infinite without any disc."""
        clear, disc = np.full(len(x), inf), np.zeros(len(x), np.int32)
        todo = np.flatnonzero(np.isfinite(x + y + z)) if len(self) else np.empty(0, np.intp)
        if 0 < len(todo) * len(self) <= FEW:
            all_pairs = self._all_pairs(x[todo], y[todo], z[todo])
            disc[todo] = all_pairs.argmin(axis=1)
            clear[todo] = all_pairs[np.arange(len(todo)), disc[todo]]
            return clear, disc
        reach, far = self._reaches(x[todo], y[todo], z[todo])
        while len(todo) and reach < WIDER * far:
            points, discs, apart = self.within(x[todo], y[todo], z[todo], reach)
            order = np.lexsort((discs, apart, points))
            first, place = np.unique(points[order], return_index=True)
            clear[todo[first]], disc[todo[first]] = apart[order][place], discs[order][place]
            todo, reach = todo[clear[todo] == inf], reach * WIDER
        return clear, disc

    def closest(self, x: Array, y: Array, z: Array, radius: Array, enough: float = inf) -> tuple[float, int, int]:
        """The smallest clear distance between any of these discs and any here, and the two; nothing is found (inf) that
        is further off than `enough`, where that spares a search."""
        if not len(x) or not len(self):
            return inf, 0, 0
        if len(x) * len(self) <= FEW:
            apart = self._all_pairs(x, y, z)
            apart -= radius[:, None]
            one, other = divmod(int(apart.argmin()), len(self))
            return float(apart[one, other]), one, other
        wide = float(radius.max())
        seen, (_, far) = float(self.radius.max()), self._reaches(x, y, z)
        best = inf, 0, 0
        while True:
            # Everything that is clear by less than `seen` is within this reach, to the last digit of their sum.
            for points, discs, clear in self._near(x, y, z, seen + wide):
                if len(points):
                    clear -= radius[points]
                    k = int(clear.argmin())
                    best = min(best, (float(clear[k]), int(points[k]), int(discs[k])))
            if seen >= min(best[0], enough, far):
                return best
            seen = best[0] if best[0] < inf else (seen + wide) * WIDER - wide

    def _reaches(self, x: Array, y: Array, z: Array) -> tuple[float, float]:
        """A reach within which most points are likely to find something, and one within which all must."""
        if not len(x):
            return 0.0, 0.0
        own, asked = np.stack((self.x, self.y, self.z)), np.stack((x, y, z))
        low, high = np.nanmin(own, axis=1)[:, None], np.nanmax(own, axis=1)[:, None]
        # 1. To the box around all discs, and about as far again as discs are apart in it.
        away = np.linalg.norm(np.maximum(np.maximum(low - asked, asked - high), 0.0), axis=0)
        wide = float(np.linalg.norm(high - low)) + float(self.radius.max())
        # 2. Across the box, wherever one stands.
        return float(np.median(away)) + wide / len(self) ** 0.5, float(away.max()) + wide

    def _near(self, x: Array, y: Array, z: Array, reach: float) -> Iterator[tuple[Whole, Whole, Array]]:
        if len(x) * len(self) <= FEW:
            apart = self._all_pairs(x, y, z)
            close = np.nonzero(apart <= reach)
            yield close[0].astype(np.int32), close[1].astype(np.int32), apart[close]
            return
        for begin in range(0, len(x), AT_ONCE):
            part = slice(begin, begin + AT_ONCE)
            spend(AT_ONCE)
            px, py, pz = x[part], y[part], z[part]
            for grid in self._grids:
                for points, discs in grid.around(px, py, reach + grid.widest):
                    apart = _apart(px[points] - self.x[discs], py[points] - self.y[discs], pz[points] - self.z[discs])
                    apart -= self.radius[discs]
                    keep = np.flatnonzero(apart <= reach)
                    yield points[keep] + np.int32(begin), discs[keep], apart[keep]

    def _all_pairs(self, x: Array, y: Array, z: Array) -> Array:
        """Clear distance from each point to each disc."""
        spend(len(x) * len(self))
        found = x[:, None] - self.x
        found *= found
        across = y[:, None] - self.y
        across *= across
        found += across
        if z.any() or self.z.any():
            found += np.square(z[:, None] - self.z)
        np.sqrt(found, out=found)
        found -= self.radius
        return found

    @cached_property
    def _grids(self) -> list[Grid]:
        return [Grid.of(self.x, self.y, self.radius, level) for level in by_level(self.radius)]


def _apart(dx: Array, dy: Array, dz: Array) -> Array:
    return np.asarray(np.sqrt(dx * dx + dy * dy + dz * dz))
