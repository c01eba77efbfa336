"""Every dot and mark of a plan as columns: numpy arrays of one length."""

from collections.abc import Iterator
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from .colour.shades import Palette
from .document.piece import Piece
from .document.row import Row
from .document.trim import trims_of
from .geometry.surface import Array, Plane
from .rows.grown import Mark
from .rows.hand import hand_ranks, ring_ranks
from .rows.layout import Halves
from .rows.placed import PlacedRow

Whole = NDArray[np.int32]


@dataclass(frozen=True)
class Dots:
    """x, y, z and radius in mm, angle in degrees; `row` and `place` say which dot of which row it is.

    `level` counts dots stacked on dots from 1; 0 is a place whose mark is no dot. `trim` is -1 for the row's own
    dots, else the number of the trim that grew it; `below` the dot it sits on or beside (itself for own dots). `shade`
    indexes the plan's shades; `hand` is the rank in which the dot is painted within its row. `first[i]` is the first
    dot of row i, with one end added. `normal` holds a unit vector square to the surface, shape (n, 3), None on a flat
    blank.
    """

    x: Array
    y: Array
    z: Array
    radius: Array
    walk: Array
    angle: Array
    row: Whole
    place: Whole
    level: Whole
    trim: Whole
    below: Whole
    shade: Whole
    hand: Whole
    first: tuple[int, ...]
    normal: Array | None = None

    def __len__(self) -> int:
        return len(self.x)

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
    parts = [(k, rule, part) for k, (rule, row) in enumerate(zip(piece.rows, rows, strict=True)) for part in row.both]
    placed = [part for _, _, part in parts]
    shades = [_shades(rule, part, palette) for _, rule, part in parts]
    before = [rows[k].count if part is not rows[k] else 0 for k, _, part in parts]
    hands = [_hand(part, shade) + past for part, shade, past in zip(placed, shades, before, strict=True)]
    places = [np.arange(past, past + part.count, dtype=np.int32) for part, past in zip(placed, before, strict=True)]
    sizes = [sum(part.count for part in row.both) for row in rows]
    first = np.concatenate(([0], np.cumsum([part.count for part in placed], dtype=int)))
    dots = Dots(
        x=_joined([_with(part, part.x, "x") for part in placed]),
        y=_joined([_with(part, part.y, "y") for part in placed]),
        z=_joined([_with(part, part.z, "z") for part in placed]),
        radius=_joined([_with(part, part.radius, "radius") for part in placed]),
        walk=_joined([_with(part, part.walk_each, "walk") for part in placed]),
        angle=np.degrees(_joined([_with(part, part.angle_rad, "out_rad") for part in placed])) % 360,
        row=np.repeat(np.arange(len(rows), dtype=np.int32), sizes),
        place=_joined_whole(places),
        level=_joined_whole([_levels(rule, part) for _, rule, part in parts]),
        trim=_joined_whole([_trims(part) for part in placed]),
        below=_joined_whole([_below(part) + int(begin) for part, begin in zip(placed, first, strict=False)]),
        shade=_joined_whole(shades),
        hand=_joined_whole(hands),
        first=tuple(np.concatenate(([0], np.cumsum(sizes, dtype=int))).tolist()),
        normal=None if isinstance(halves.front.surface, Plane) else _normals(halves, placed),
    )
    return dots, tuple(_marked(parts, first.tolist(), shades, palette))


def _with(part: PlacedRow, own: Array, name: str) -> Array:
    """The row's own column and that of its trims."""
    grown: Array = getattr(part.grown.dots, name)
    return np.concatenate((own, grown)) if len(grown) else own


def _levels(rule: Row, part: PlacedRow) -> Whole:
    own = np.ones(len(part.x), np.int32)
    shaped = [k for k, member in enumerate(rule.pattern) if member.shaped]
    if shaped and len(part.member):
        own[np.isin(part.member, shaped)] = 0
    return np.concatenate((own, part.grown.dots.level.astype(np.int32)))


def _trims(part: PlacedRow) -> Whole:
    return np.concatenate((np.full(len(part.x), -1, np.int32), part.grown.dots.trim.astype(np.int32)))


def _below(part: PlacedRow) -> Whole:
    return np.concatenate((np.arange(len(part.x), dtype=np.int32), part.grown.dots.below.astype(np.int32)))


def _marked(
    parts: list[tuple[int, Row, PlacedRow]], first: list[int], shades: list[Whole], palette: Palette
) -> Iterator[Marked]:
    for (index, rule, part), begin, shade in zip(parts, first, shades, strict=False):
        trims = list(trims_of(rule.trims))
        for mark in part.grown.marks:
            own = trims[mark.trim].shades if mark.trim >= 0 else ()
            chosen = palette.index(own[mark.slot % len(own)]) if own else int(shade[mark.host])
            yield Marked(mark, index, chosen, begin + mark.host, part.half == "back")


def _normals(halves: Halves, placed: list[PlacedRow]) -> Array:
    found = []
    for part in placed:
        context = halves.of(part.half)
        if context is not None and part.count:
            mirror = -1.0 if part.half == "back" else 1.0
            x, y = _with(part, part.x, "x") * mirror, _with(part, part.y, "y")
            walk = _with(part, part.walk_each, "walk")
            found.append(np.stack(context.surface.normals(walk, np.arctan2(x, -y)), axis=1))
    return np.concatenate(found) if found else np.empty((0, 3))


def _joined(parts: list[Array]) -> Array:
    return np.concatenate(parts) if parts else np.empty(0)


def _joined_whole(parts: list[Whole]) -> Whole:
    return np.concatenate(parts) if parts else np.empty(0, np.int32)


def _shades(rule: Row, row: PlacedRow, palette: Palette) -> Whole:
    """The row's shades take turns along its places; a member's own shade comes first. Trims take their own."""
    turns = np.array([palette.index(shade) for shade in rule.shades], np.int32)
    place = np.arange(len(row.x)) if row.place is None else row.place
    own = turns[place % len(turns)]
    for k, member in enumerate(rule.pattern):
        if member.shade is not None and len(row.member):
            own = np.where(row.member == k, np.int32(palette.index(member.shade)), own)
    grown = row.grown.dots
    if not len(grown.x):
        return own
    tables = [[palette.index(shade) for shade in trim.shades] or [0] for trim in trims_of(rule.trims)]
    found = np.empty(len(grown.x), np.int32)
    for number, table in enumerate(tables):
        mine = grown.trim == number
        found[mine] = np.array(table, np.int32)[grown.slot[mine] % len(table)]
    return np.concatenate((own, found)).astype(np.int32)


def _hand(row: PlacedRow, shade: Whole) -> Whole:
    """The row's own dots by size and shade, largest first, within by the order of the hand; then each trim around."""
    own = len(row.x)
    if not row.count:
        return np.empty(0, np.int32)
    if row.walks is None and len(row.diameters) == 1 and (shade[:own] == shade[0]).all():
        ranks = ring_ranks(own)
    else:
        _, groups = np.unique(np.stack((-row.radius, shade[:own])), axis=1, return_inverse=True)
        ranks = hand_ranks(groups.ravel())
    if not len(row.grown.dots.x):
        return ranks
    grown = row.grown.dots
    order = np.lexsort((np.arange(len(grown.x)), ranks[grown.host], grown.trim))
    after = np.empty(len(order), np.int32)
    after[order] = np.arange(own, own + len(order), dtype=np.int32)
    return np.concatenate((ranks, after))
