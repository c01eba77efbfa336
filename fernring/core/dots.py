"""Every dot and mark of a plan as columns: numpy arrays of one length."""

from collections.abc import Iterator
from dataclasses import dataclass
from functools import cached_property
from itertools import accumulate, groupby

import numpy as np
from numpy.typing import NDArray

from .block import COLUMNS, NOTHING, Block, Part, Whole, rings_block, row_block
from .colour.shades import Palette
from .document.piece import Piece
from .document.trim import trims_of
from .geometry.surface import Array, Plane
from .rows.grown import Mark
from .rows.placed import PlacedRow
from .rows.sequence import Halves


@dataclass(frozen=True)
class Dots(Block):
    """The whole plan's columns. `row` says which row a dot belongs to; `first[i]` is the first dot of row i, with one
    end added. `normal` holds a unit vector square to the surface, shape (n, 3), None on a flat blank."""

    row: Whole
    first: tuple[int, ...]
    normal: Array | None = None

    def __len__(self) -> int:
        return len(self.x)

    @cached_property
    def angle(self) -> Array:
        """Degrees clockwise from twelve o'clock, below 360."""
        return np.asarray(np.degrees(self.out_rad) % 360)

    @cached_property
    def painted(self) -> NDArray[np.bool_]:
        """Dots that are dots; places of other marks are not."""
        return self.level > 0


@dataclass(frozen=True)
class Marked:
    """A mark of the plan: its row, its shade, the dot it starts from, and whether it lies on the back."""

    mark: Mark
    row: int
    shade: int
    dot: int
    back: bool


def columns(
    piece: Piece, halves: Halves, rows: tuple[PlacedRow, ...], palette: Palette
) -> tuple[Dots, tuple[Marked, ...]]:
    """The rows' dots joined into columns, with shade and order of the hand for each; twins follow their row."""
    parts = parts_of(piece, rows)
    curved = not isinstance(halves.front.surface, Plane)
    normals = [np.empty((0, 3))]
    blocks: list[Block] = []
    for (plain, half), run in groupby(parts, key=lambda part: (part.plain, part.row.half)):
        own = list(run)
        found = [rings_block(own, palette)] if plain else [row_block(part, palette) for part in own]
        blocks += found
        normals += [_normals(halves, half, block) for block in found if curved]
    joined = {name: np.concatenate([getattr(block, name) for block in blocks or [NOTHING]]) for name in COLUMNS}
    sizes = [row.total for row in rows]
    dots = Dots(
        row=np.repeat(np.arange(len(rows), dtype=np.int32), sizes),
        first=tuple(accumulate(sizes, initial=0)),
        normal=np.concatenate(normals) if curved else None,
        **joined,
    )
    return dots, tuple(_marked(parts, dots.shade, palette))


def parts_of(piece: Piece, rows: tuple[PlacedRow, ...]) -> list[Part]:
    parts, begin = [], 0
    for index, (rule, row) in enumerate(zip(piece.rows, rows, strict=True)):
        for part in row.both:
            parts.append(Part(index, rule, part, begin, row.count if part is not row else 0))
            begin += part.count
    return parts


def _marked(parts: list[Part], shade: Whole, palette: Palette) -> Iterator[Marked]:
    for part in parts:
        trims = list(trims_of(part.rule.trims))
        for mark in part.row.grown.marks:
            own, dot = trims[mark.trim].shades if mark.trim >= 0 else (), part.begin + mark.host
            chosen = palette.index(own[mark.slot % len(own)]) if own else int(shade[dot])
            yield Marked(mark, part.index, chosen, dot, part.row.half == "back")


def _normals(halves: Halves, half: str, block: Block) -> Array:
    context = halves.of(half)
    if context is None or isinstance(context.surface, Plane):
        return np.empty((0, 3))
    mirror = -1.0 if half == "back" else 1.0
    return np.stack(context.surface.normals(block.walk, np.arctan2(block.x * mirror, -block.y)), axis=1)
