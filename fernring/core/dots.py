"""Every dot of a plan as columns: numpy arrays of one length."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from .colour.shades import Palette
from .document.piece import Piece
from .document.row import Row
from .geometry.surface import Array
from .rows.hand import hand_ranks, ring_ranks
from .rows.placed import PlacedRow

Whole = NDArray[np.int32]


@dataclass(frozen=True)
class Dots:
    """x, y, z and radius in mm, angle in degrees; `row` and `place` say which dot of which row it is.

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

    def __len__(self) -> int:
        return len(self.x)

    @cached_property
    def flat(self) -> bool:
        return not bool(np.any(self.z))


def columns(piece: Piece, rows: tuple[PlacedRow, ...], palette: Palette) -> Dots:
    """The rows' dots joined into columns, with shade and order of the hand for each."""
    sizes = [len(row.x) for row in rows]
    shades = [_shades(rule, row, palette) for rule, row in zip(piece.rows, rows, strict=True)]
    hands = [_hand(row, shade) for row, shade in zip(rows, shades, strict=True)]
    places = [np.arange(n, dtype=np.int32) for n in sizes]
    total = sum(sizes)
    return Dots(
        x=_joined([row.x for row in rows]),
        y=_joined([row.y for row in rows]),
        z=_joined([row.z for row in rows]),
        radius=_joined([row.radius for row in rows]),
        angle=np.degrees(_joined([row.angle_rad for row in rows])) % 360,
        row=np.repeat(np.arange(len(rows), dtype=np.int32), sizes),
        place=_joined_whole(places),
        level=np.ones(total, np.int32),
        shade=_joined_whole(shades),
        hand=_joined_whole(hands),
        first=tuple(np.concatenate(([0], np.cumsum(sizes, dtype=int))).tolist()),
    )


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
