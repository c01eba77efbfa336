"""Every dot of a plan as columns: numpy arrays of one length."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from .colour.shades import Palette
from .document.piece import Piece
from .document.row import Row
from .geometry.surface import Array, Plane
from .rows.hand import hand_ranks, ring_ranks
from .rows.layout import Halves
from .rows.placed import PlacedRow

Whole = NDArray[np.int32]


@dataclass(frozen=True)
class Dots:
    """x, y, z and radius in mm, angle in degrees; `row` and `place` say which dot of which row it is.

    `normal` holds a unit vector square to the surface for each dot, shape (n, 3), None on a flat blank.
    `level` counts dots stacked on dots from 1; `shade` indexes the plan's shades; `hand` is the rank in
    which the dot is painted within its row. `first[i]` is the first dot of row i, with one end added.
    """

    x: Array
    y: Array
    z: Array
    radius: Array
    angle: Array
    row: Whole
    place: Whole
    level: Whole
    shade: Whole
    hand: Whole
    first: tuple[int, ...]
    normal: Array | None = None

    def __len__(self) -> int:
        return len(self.x)

    @cached_property
    def flat(self) -> bool:
        return self.normal is None


def columns(piece: Piece, halves: Halves, rows: tuple[PlacedRow, ...], palette: Palette) -> Dots:
    """The rows' dots joined into columns, with shade and order of the hand for each; twins follow their row."""
    parts = [(k, rule, part) for k, (rule, row) in enumerate(zip(piece.rows, rows, strict=True)) for part in row.both]
    placed = [part for _, _, part in parts]
    shades = [_shades(rule, part, palette) for _, rule, part in parts]
    before = [len(rows[k].x) if part is not rows[k] else 0 for k, _, part in parts]
    hands = [_hand(part, shade) + past for part, shade, past in zip(placed, shades, before, strict=True)]
    places = [np.arange(past, past + len(part.x), dtype=np.int32) for part, past in zip(placed, before, strict=True)]
    sizes = [sum(len(part.x) for part in row.both) for row in rows]
    total = sum(sizes)
    return Dots(
        x=_joined([part.x for part in placed]),
        y=_joined([part.y for part in placed]),
        z=_joined([part.z for part in placed]),
        radius=_joined([part.radius for part in placed]),
        angle=np.degrees(_joined([part.angle_rad for part in placed])) % 360,
        row=np.repeat(np.arange(len(rows), dtype=np.int32), sizes),
        place=_joined_whole(places),
        level=np.ones(total, np.int32),
        shade=_joined_whole(shades),
        hand=_joined_whole(hands),
        first=tuple(np.concatenate(([0], np.cumsum(sizes, dtype=int))).tolist()),
        normal=None if isinstance(halves.front.surface, Plane) else _normals(halves, placed),
    )


def _normals(halves: Halves, placed: list[PlacedRow]) -> Array:
    found = []
    for part in placed:
        context = halves.of(part.half)
        if context is not None and len(part.x):
            walk = np.full(len(part.x), part.walk)
            found.append(np.stack(context.surface.normals(walk, part.angle_rad), axis=1))
    return np.concatenate(found) if found else np.empty((0, 3))


def _joined(parts: list[Array]) -> Array:
    return np.concatenate(parts) if parts else np.empty(0)


def _joined_whole(parts: list[Whole]) -> Whole:
    return np.concatenate(parts) if parts else np.empty(0, np.int32)


def _shades(rule: Row, row: PlacedRow, palette: Palette) -> Whole:
    """The row's shades take turns along its places."""
    turns = np.array([palette.index(shade) for shade in rule.shades], np.int32)
    return turns[np.arange(len(row.x)) % len(turns)]


def _hand(row: PlacedRow, shade: Whole) -> Whole:
    """By size and shade first, largest first; within, by the order of the hand."""
    if not len(row.x):
        return np.empty(0, np.int32)
    if len(row.diameters) == 1 and (shade == shade[0]).all():
        return ring_ranks(len(shade))
    _, groups = np.unique(np.stack((-row.radius, shade)), axis=1, return_inverse=True)
    return hand_ranks(groups.ravel())
