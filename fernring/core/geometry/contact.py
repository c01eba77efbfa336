"""Which dots are closer than they should be: hash grids, one for each doubling of radius.

Dots are sorted into levels by radius, and each level into a grid of cells about as wide as its largest
dot. A dot looks for partners in its own level and in the levels below, reading each line of cells it
could reach as one run of a table sorted by cell. Small dots thus never search a neighbourhood sized for
the largest dot, and few large ones cost little.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from math import ceil

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
Index = NDArray[np.int32]

CELLS_A_DOT = 3


def close_pairs(x: Array, y: Array, z: Array, radius: Array, tolerance: float = 1e-6) -> tuple[Index, Index]:
    """Pairs (i < j) of dots whose straight-line distance is below r_i + r_j - tolerance (mm).

    x, y, z, radius have one shape (n,); the answer is two arrays sorted by i, then j. To ask for a gap,
    pass radii grown by their share of it. The cells lie in x and y: height only adds distance.
    """
    n = len(x)
    if n < 2:
        return np.empty(0, np.int32), np.empty(0, np.int32)
    heights = z if np.any(z) else None
    found = []
    grids: list[_Grid] = []
    for dots in _levels(radius):
        grid = _Grid.of(x, y, radius, dots)
        for below in [grid, *grids]:
            for i, j in below.candidates(grid):
                keep = np.flatnonzero(_too_close(x, y, heights, radius, i, j, tolerance))
                found.append((i[keep], j[keep]))
        grids.append(grid)
    first, second = (np.concatenate(part) for part in zip(*found, strict=True))
    code = np.sort(np.minimum(first, second).astype(np.int64) * n + np.maximum(first, second))
    return (code // n).astype(np.int32), (code % n).astype(np.int32)


def _levels(radius: Array) -> list[Index]:
    """The dots of each doubling of radius, smallest first."""
    _, exponent = np.frexp(radius)
    return [np.flatnonzero(exponent == level).astype(np.int32) for level in np.unique(exponent)]


@dataclass(frozen=True)
class _Grid:
    """One level: its dots in the order of their cells, and where in it each cell starts."""

    dots: Index
    x: Array
    y: Array
    widest: float
    cell: float
    left: float
    top: float
    columns: int
    lines: int
    starts: Index

    @classmethod
    def of(cls, x: Array, y: Array, radius: Array, dots: Index) -> "_Grid":
        px, py = x[dots], y[dots]
        left, top = float(px.min()), float(py.min())
        width, height = float(px.max()) - left, float(py.max()) - top
        widest = float(radius[dots].max())
        cell = max(2 * widest, (width * height / (CELLS_A_DOT * len(dots))) ** 0.5, (width + height) / 20_000)
        columns, lines = int(width / cell) + 1, int(height / cell) + 1
        key = ((py - top) / cell).astype(np.int32) * columns + ((px - left) / cell).astype(np.int32)
        order = np.argsort(key)
        starts = np.zeros(columns * lines + 1, np.int32)
        np.cumsum(np.bincount(key, minlength=columns * lines), out=starts[1:])
        return cls(dots[order], px[order], py[order], widest, cell, left, top, columns, lines, starts)

    def candidates(self, larger: "_Grid") -> Iterator[tuple[Index, Index]]:
        """Pairs of the larger level's dots (or this one's own, each pair once) with this level's."""
        span = ceil((larger.widest + self.widest) / self.cell - 1e-9)
        column = np.floor((larger.x - self.left) / self.cell).astype(np.int32)
        line = np.floor((larger.y - self.top) / self.cell).astype(np.int32)
        low, high = np.clip(column - span, 0, self.columns), np.clip(column + span + 1, 0, self.columns)
        own = larger is self
        for step in range(0 if own else -span, span + 1):
            there = line + step
            inside = (there >= 0) & (there < self.lines)
            row = np.where(inside, there * self.columns, 0)
            end = self.starts[row + np.where(inside, high, 0)]
            if own and step == 0:
                first = np.arange(1, len(self.dots) + 1, dtype=np.int32)
            else:
                first = self.starts[row + np.where(inside, low, 0)]
            yield _expand(larger.dots, first, end, self.dots)


def _expand(i: Index, first: Index, end: Index, place: Index) -> tuple[Index, Index]:
    """Every (i, place[k]) with first <= k < end, as flat arrays."""
    count = np.maximum(end - first, 0)
    shift = first - np.cumsum(count, dtype=np.int32) + count
    k = np.repeat(shift, count)
    k += np.arange(len(k), dtype=np.int32)
    return np.repeat(i, count), place[k]


def _too_close(
    x: Array, y: Array, z: Array | None, r: Array, i: Index, j: Index, tolerance: float
) -> NDArray[np.bool_]:
    dx, dy, reach = x[i] - x[j], y[i] - y[j], r[i] + r[j] - tolerance
    square = dx * dx + dy * dy
    if z is not None:
        dz = z[i] - z[j]
        square += dz * dz
    return np.asarray((square < reach * reach) & (reach > 0))
