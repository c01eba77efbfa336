"""Painted dots as they were found on the piece: wider or smaller than planned, or beside their place."""

from collections.abc import Collection, Sequence
from itertools import accumulate
from typing import TYPE_CHECKING

import numpy as np

from ..document.painted import Found, PaintedPart
from ..dots.table import Array, Whole
from ..errors import FitError
from ..geometry.frames import beside
from ..geometry.surface import Surface
from .placed import PlacedRow, at_place

if TYPE_CHECKING:
    from ..document.row import Row

Line = tuple[int, int]


def lines_of(placed: PlacedRow, dots: Collection[int]) -> list[Line]:
    """Dots of a row, counted as the plan counts them from its first: in which part of its record, and which line."""
    if not placed.at:
        return [(0, dot) if dot < placed.count else (1, dot - placed.count) for dot in dots]
    # Of a motif the own dots of all places come first, then what grew on them.
    stands = [at_place(placed.at, k) for k in range(_stands(placed))]
    own = [0, *accumulate(part.n for part in stands)]
    grown = [placed.n + more for more in (0, *accumulate(len(part.grown.dots) for part in stands))]
    found = []
    for dot in dots:
        begins = own if dot < placed.n else grown
        k = int(np.searchsorted(begins, dot, "right")) - 1
        found.append((k, dot - begins[k] + (0 if dot < placed.n else stands[k].n)))
    return found


def _stands(placed: PlacedRow) -> int:
    return len(placed.at) if len(placed.at) > 1 else placed.n // max(placed.at[0].n, 1)


def measured(row: "Row", placed: PlacedRow, dots: Collection[int], found: Found, surfaces: Sequence[Surface]) -> "Row":
    """The painted row with these dots as they were found. `surfaces` are those of its parts: of the two halves, or at
    every place of its motif.

    Raises FitError for dots that are not on the piece yet.
    """
    if row.painted is None:
        raise FitError("Only what is on the piece can be measured; this row was not begun.", "row")
    lines = lines_of(placed, dots)
    parts = list(row.painted.parts)
    if placed.at and len(parts) == 1:  # alike at every place until now
        parts = parts * _stands(placed)
    for k in sorted({part for part, _ in lines}):
        mine = np.array(sorted(line for part, line in lines if part == k))
        if k >= len(parts) or mine[-1] >= parts[k].dots.count:
            raise FitError("Only dots that are on the piece can be measured; one of these was not begun.", "dots")
        parts[k] = _found(parts[k], mine, found, surfaces[k])
    return row.model_copy(update={"painted": row.painted.model_copy(update={"parts": tuple(parts)})})


def _found(part: PaintedPart, lines: Whole, found: Found, surface: Surface) -> PaintedPart:
    dots = part.dots
    columns: dict[str, tuple[float, ...]] = {}
    if found.diameter is not None:
        columns["diameter"] = _with(dots.diameter, lines, np.full(len(lines), found.diameter))
    if found.outward or found.right:
        x, y, walk, out = (np.array(column)[lines] for column in (dots.x, dots.y, dots.walk, dots.out))
        n, angle = np.ones(len(lines)), np.arctan2(x * surface.side, -y)
        points, walks, outs = beside(surface, walk, angle, x, y, np.radians(out), found.right * n, found.outward * n)
        new = {"x": points[0], "y": points[1], "z": points[2], "walk": walks, "out": np.degrees(outs)}
        columns |= {name: _with(getattr(dots, name), lines, column) for name, column in new.items()}
    changed = dots.model_copy(update=columns)
    own = np.array(changed.diameter[: part.own])
    member = np.array(changed.member[: part.own])
    sizes = tuple(
        float(np.median(own[member == k])) if (member == k).any() else size for k, size in enumerate(part.diameters)
    )
    seen = tuple(sorted({*part.measured, *lines.tolist()}))
    return part.model_copy(update={"dots": changed, "diameters": sizes, "measured": seen})


def _with(column: tuple[float, ...], lines: Whole, values: Array) -> tuple[float, ...]:
    new = np.array(column)
    new[lines] = values
    return tuple(new.tolist())
