"""The colours of a piece as figures: how much of each is seen, how far out, how light, and how rows stand apart.

Areas are what is seen from above: a dot on a dot covers what is below it (mm²).
"""

from dataclasses import dataclass
from functools import cached_property
from math import pi

import numpy as np

from ..colour import cielab, oklch
from ..colour.difference import ciede2000
from ..dots.table import Array, Whole
from ..solved import Solved

BANDS, SECTORS = 24, 12


@dataclass(frozen=True)
class RowColour:
    """A row by its place: its mean walk (mm), the shade that most of it is in, its value (L*), and how far it stands
    apart from the base and from the next row outward (CIEDE2000; None for the last), each a mean over what is seen.
    """

    row: int
    walk: float
    shade: int
    value: float
    from_base: float
    from_next: float | None


@dataclass(frozen=True, eq=False)
class ColourReport:
    """`bands` are walk distances, one more than `map` has lines: the area of every shade between one and the next,
    shape (bands, shades). `hues` are the shares of the coloured area in twelve sectors of hue, from 0 degrees, `grey`
    the share of the whole that has none, and `sectors` those of the shades.
    """

    solved: Solved
    areas: Array
    bands: Array
    map: Array
    rows: tuple[RowColour, ...]
    hues: Array
    grey: float
    sectors: tuple[int | None, ...]

    @cached_property
    def shares(self) -> Array:
        """Of all that is seen, by shade."""
        whole = float(self.areas.sum())
        return self.areas / whole if whole else self.areas


def colour_report(solved: Solved) -> ColourReport:
    count = len(solved.palette.shades)
    shade, walk, row, area = _seen(solved)
    areas = np.bincount(shade, area, count)
    bands = np.linspace(0, max(float(walk.max(initial=0)), 1e-6), BANDS + 1)
    band = np.clip(np.searchsorted(bands, walk, side="right") - 1, 0, BANDS - 1)
    spread = np.bincount(band * count + shade, area, BANDS * count).reshape(BANDS, count)
    lch = oklch.from_hex([one.colour for one in solved.palette.shades])
    coloured = lch[:, 1] >= oklch.GREY
    sector = (lch[:, 2] // (360 / SECTORS)).astype(int) % SECTORS
    sectors = np.bincount(sector, areas * coloured, SECTORS)
    whole = float(areas.sum()) or 1.0
    hues = np.asarray(sectors / (float(sectors.sum()) or 1.0), float)
    rows = tuple(_rows(solved, shade, walk, row, area))
    grey = float((areas * ~coloured).sum()) / whole
    named = tuple(int(one) if has else None for one, has in zip(sector, coloured, strict=True))
    return ColourReport(solved, np.asarray(areas, float), bands, np.asarray(spread, float), rows, hues, grey, named)


def _seen(solved: Solved) -> tuple[Whole, Array, Whole, Array]:
    """Shade, walk, row and area of all that is painted: dots, then marks."""
    dots, domed, marked = solved.dots, solved.domed, solved.marked
    area = pi * dots.radius**2 * domed
    above = np.flatnonzero(domed & (dots.level > 1))
    np.subtract.at(area, dots.below[above], pi * dots.radius[above] ** 2)
    area = np.maximum(area, 0)
    shade = np.concatenate((dots.shade[domed], np.array([one.shade for one in marked], np.int32)))
    out: Array = np.array([float(np.mean(one.mark.walks)) for one in marked])
    walk = np.concatenate((dots.walk[domed], out))
    row = np.concatenate((dots.row[domed], np.array([one.row for one in marked], np.int32)))
    sizes: Array = np.array([one.mark.area for one in marked])
    return shade, walk, row, np.concatenate((area[domed], sizes))


def _rows(solved: Solved, shade: Whole, walk: Array, row: Whole, area: Array) -> list[RowColour]:
    """Every row of which something is seen, from the centre outward."""
    count, rows = len(solved.palette.shades), len(solved.rows)
    by_row = np.bincount(row * count + shade, area, rows * count).reshape(rows, count)
    sums = by_row.sum(axis=1)
    seen = np.flatnonzero(sums > 0)
    if not len(seen):
        return []
    at = np.bincount(row, walk * area, rows)[seen] / sums[seen]
    order = np.argsort(at, kind="stable")
    seen, at = seen[order], at[order]
    parts = by_row[seen] / sums[seen][:, None]
    lab = cielab.from_hex([one.colour for one in solved.palette.shades])
    base = cielab.from_hex([solved.piece.blank.base.colour])
    apart = ciede2000(lab[:, None], lab[None])
    from_base = parts @ ciede2000(lab, base)
    from_next = np.einsum("ik,kl,il->i", parts[:-1], apart, parts[1:])
    return [
        RowColour(
            int(one), float(at[k]), int(parts[k].argmax()), float(parts[k] @ lab[:, 0]), float(from_base[k]),
            float(from_next[k]) if k < len(from_next) else None,
        )
        for k, one in enumerate(seen)
    ]  # fmt: skip
