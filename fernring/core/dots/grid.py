"""Hash grids of discs, one for each doubling of radius.

Discs are sorted into levels by radius, and each level into a grid of cells about as wide as its largest disc. Whoever
looks for discs near a point reads each line of cells it could reach as one run of a table sorted by cell. Small discs
thus never search a neighbourhood sized for the largest, and few large ones cost little.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from math import ceil

import numpy as np

from ..budget import spend
from .table import Array, Mask, Whole

Pairs = tuple[Whole, Whole]
CELLS_A_DOT = 3
FURTHEST = 1 << 29  # cells
AT_ONCE = 1_000_000  # pairs looked at together
CANDIDATE = 5  # work for each pair that is looked at
MOST_PAIRS = 300_000  # that anybody is told of


def close_pairs(x: Array, y: Array, z: Array, radius: Array, tolerance: float = 1e-6, most: int = MOST_PAIRS) -> Pairs:
    """Pairs (i < j) of discs whose straight-line distance is below r_i + r_j - tolerance (mm); where there are more
    than `most`, these are some of them, and a few more than that.

    x, y, z, radius have one shape (n,); the answer is two arrays sorted by i, then j. To ask for a gap, pass radii
    grown by their share of it. The cells lie in x and y: height only adds distance.
    """
    n, nobody = len(x), np.empty(0, np.int32)
    if n < 2:
        return nobody, nobody
    heights = z if np.any(z) else None
    found, count = [(nobody, nobody)], 0
    grids: list[Grid] = []
    for discs in by_level(radius):
        grid = Grid.of(x, y, radius, discs)
        for below in [grid, *grids]:
            for i, j in below.candidates(grid):
                keep = np.flatnonzero(_too_close(x, y, heights, radius, i, j, tolerance))
                found.append((i[keep], j[keep]))
                count += len(keep)
                if count > most:
                    return _sorted(found, n)
        grids.append(grid)
    return _sorted(found, n)


def _sorted(found: list[Pairs], n: int) -> Pairs:
    """Each pair with its smaller number first, by that and then by the other."""
    first, second = (np.concatenate(part) for part in zip(*found, strict=True))
    code = np.sort(np.minimum(first, second).astype(np.int64) * n + np.maximum(first, second))
    return (code // n).astype(np.int32), (code % n).astype(np.int32)


def by_level(radius: Array) -> list[Whole]:
    """The discs of each doubling of radius, smallest first."""
    _, exponent = np.frexp(radius)
    return [np.flatnonzero(exponent == level).astype(np.int32) for level in np.unique(exponent)]


@dataclass(frozen=True)
class Grid:
    """One level: its discs in the order of their cells, and where in it each cell starts."""

    discs: Whole
    x: Array
    y: Array
    widest: float
    cell: float
    left: float
    top: float
    columns: int
    lines: int
    starts: Whole

    @classmethod
    def of(cls, x: Array, y: Array, radius: Array, discs: Whole) -> "Grid":
        px, py = x[discs], y[discs]
        left, top = float(px.min()), float(py.min())
        width, height = float(px.max()) - left, float(py.max()) - top
        widest = float(radius[discs].max())
        cell = max(2 * widest, (width * height / (CELLS_A_DOT * len(discs))) ** 0.5, (width + height) / 20_000, 1e-9)
        columns, lines = int(width / cell) + 1, int(height / cell) + 1
        key = ((py - top) / cell).astype(np.int32) * columns + ((px - left) / cell).astype(np.int32)
        order = np.argsort(key)
        starts = np.zeros(columns * lines + 1, np.int32)
        np.cumsum(np.bincount(key, minlength=columns * lines), out=starts[1:])
        return cls(discs[order], px[order], py[order], widest, cell, left, top, columns, lines, starts)

    def candidates(self, larger: "Grid") -> Iterator[Pairs]:
        """Pairs of the larger level's discs (or this one's own, each pair once) with this level's that may touch."""
        for points, pairs in self._runs(larger.x, larger.y, larger.widest + self.widest, larger is self):
            yield larger.discs[points], pairs

    def around(self, x: Array, y: Array, reach: float) -> Iterator[Pairs]:
        """Pairs of these points with this level's discs: all whose middles lie within `reach`, and some beyond."""
        yield from self._runs(x, y, reach, False)

    def _runs(self, x: Array, y: Array, reach: float, own: bool) -> Iterator[Pairs]:
        span = min(ceil(reach / self.cell - 1e-9), FURTHEST)
        column = np.floor((x - self.left) / self.cell).clip(-span - 1, self.columns + span).astype(np.int32)
        line = np.floor((y - self.top) / self.cell).clip(-span - 1, self.lines + span).astype(np.int32)
        low, high = np.clip(column - span, 0, self.columns), np.clip(column + span + 1, 0, self.columns)
        for there, inside in self._lines(line, span, own):
            row = np.where(inside, there * self.columns, 0)
            end = self.starts[row + np.where(inside, high, 0)]
            if own and there is line:
                first = np.arange(1, len(self.discs) + 1, dtype=np.int32)
            else:
                first = self.starts[row + np.where(inside, low, 0)]
            for begin, part in _parts(first, end):
                points, k = expanded(first[part], end[part])
                spend(CANDIDATE * len(k))
                if len(k):
                    yield points + np.int32(begin), self.discs[k]

    def _lines(self, line: Whole, span: int, own: bool) -> Iterator[tuple[Whole, Mask]]:
        """A line of cells to look at for each point, and whether there is one: those beside its own, or all of them
        where these are fewer. With `own` each pair of lines comes up once.
        """
        if own or 2 * span < self.lines:
            for step in range(0 if own else -span, span + 1):
                there = line + np.int32(step) if step else line
                yield there, (there >= 0) & (there < self.lines)
        else:
            for number in range(self.lines):
                yield np.full_like(line, number), np.abs(line - number) <= span


def _parts(first: Whole, end: Whole) -> Iterator[tuple[int, slice]]:
    """Slices of the points, each with its begin: the first, all of them, unless that is more pairs than at once."""
    count = np.maximum(end - first, 0).cumsum(dtype=np.int64)
    cuts = np.searchsorted(count, np.arange(AT_ONCE, int(count[-1]) if len(count) else 0, AT_ONCE))
    begins = np.unique(np.concatenate(([0], cuts))).tolist()
    for begin, after in zip(begins, [*begins[1:], len(first)], strict=True):
        yield begin, slice(begin, after)


def expanded(first: Whole, end: Whole) -> Pairs:
    """Every (i, k) with first_i <= k < end_i, as flat arrays."""
    count = np.maximum(end - first, 0)
    shift = first - np.cumsum(count, dtype=np.int32) + count
    k = np.repeat(shift, count)
    k += np.arange(len(k), dtype=np.int32)
    return np.repeat(np.arange(len(first), dtype=np.int32), count), k


def _too_close(x: Array, y: Array, z: Array | None, r: Array, i: Whole, j: Whole, tolerance: float) -> Mask:
    dx, dy, reach = x[i] - x[j], y[i] - y[j], r[i] + r[j] - tolerance
    square = dx * dx + dy * dy
    if z is not None:
        dz = z[i] - z[j]
        square += dz * dz
    return np.asarray((square < reach * reach) & (reach > 0))
