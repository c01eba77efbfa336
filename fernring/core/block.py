"""Columns of a stretch of the plan's dots: of one row with all it carries, or of bare rings one after the other."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, fields
from itertools import accumulate

import numpy as np
from numpy.typing import NDArray

from .colour.shades import Palette
from .document.row import Row
from .document.trim import trims_of
from .geometry.surface import Array
from .rows.hand import hand_ranks, ring_ranks
from .rows.own import EvenRing, in_turn, rings_at
from .rows.placed import PlacedRow

Whole = NDArray[np.int32]


@dataclass(frozen=True)
class Part:
    """A row on one half: its number and rule, where its dots begin in the plan, and its places on the other half that
    come before."""

    index: int
    rule: Row
    row: PlacedRow
    begin: int
    before: int

    @property
    def plain(self) -> bool:
        """Whether it is a bare ring whose places alone decide the shades."""
        return self.row.ring is not None and all(member.shade is None for member in self.rule.pattern)


@dataclass(frozen=True)
class Block:
    """x, y, z, radius and walk in mm, `out_rad` the direction outward; `place` says which dot of its row it is.

    `level` counts dots stacked on dots from 1; 0 is a place whose mark is no dot. `trim` is -1 for the row's own
    dots, else the number of the trim that grew it; `below` the dot it sits on or beside (itself for own dots). `shade`
    indexes the plan's shades; `hand` is the rank in which the dot is painted within its row.
    """

    x: Array
    y: Array
    z: Array
    radius: Array
    walk: Array
    out_rad: Array
    place: Whole
    level: Whole
    trim: Whole
    below: Whole
    shade: Whole
    hand: Whole


COLUMNS = tuple(field.name for field in fields(Block))
NOTHING = Block(**{name: np.empty(0, float if k < 6 else np.int32) for k, name in enumerate(COLUMNS)})


def rings_block(parts: Sequence[Part], palette: Palette) -> Block:
    """Bare rings, all in one go."""
    rings = [part.row.own for part in parts if isinstance(part.row.own, EvenRing)]
    counts = np.array([ring.n for ring in rings])
    order, angle, x, y, z, radius = rings_at(rings)
    place = order.astype(np.int32)
    turns = [_turns(part.rule, palette) for part in parts]
    shade = in_turn(turns, counts, order).astype(np.int32)
    numbers = [[part.before for part in parts], [part.begin for part in parts]]
    before, begin = np.array(numbers, np.int32).repeat(counts, axis=1)
    hands = [
        ring_ranks(ring.n) if len(ring.diameters) == len(turn) == 1 else _ranks(radius[own], shade[own])
        for ring, turn, own in zip(rings, turns, _stretches(counts.tolist()), strict=True)
    ]
    walk = np.array([part.row.walk for part in parts]).repeat(counts)
    one = np.ones(len(place), np.int32)
    return Block(
        x, y, z, radius, walk, angle,
        place + before, one, -one, place + begin, shade, np.concatenate(hands) + before,
    )  # fmt: skip


def _stretches(counts: Sequence[int]) -> Iterator[slice]:
    return (slice(end - n, end) for n, end in zip(counts, accumulate(counts), strict=True))


def row_block(part: Part, palette: Palette) -> Block:
    """One row with its trims."""
    row, grown = part.row, part.row.grown.dots
    shade = _shades(part.rule, row, palette)
    own = np.arange(row.n, dtype=np.int32)
    return Block(
        np.concatenate((row.x, grown.x)),
        np.concatenate((row.y, grown.y)),
        np.concatenate((row.z, grown.z)),
        np.concatenate((row.radius, grown.radius)),
        np.concatenate((row.walk_each, grown.walk)),
        np.concatenate((row.angle_rad, grown.out_rad)),
        np.arange(part.before, part.before + row.count, dtype=np.int32),
        np.concatenate((_levels(part.rule, row), grown.level.astype(np.int32))),
        np.concatenate((np.full(row.n, -1, np.int32), grown.trim.astype(np.int32))),
        np.concatenate((own, grown.below.astype(np.int32))) + np.int32(part.begin),
        shade,
        _hand(row, shade) + np.int32(part.before),
    )


def _levels(rule: Row, row: PlacedRow) -> Whole:
    """Level of the row's own dots: nought where the mark is no dot."""
    shaped = [k for k, member in enumerate(rule.pattern) if member.shaped]
    return np.where(np.isin(row.member, shaped), np.int32(0), np.int32(1))


def _turns(rule: Row, palette: Palette) -> list[int]:
    return [palette.index(shade) for shade in rule.shades]


def _shades(rule: Row, row: PlacedRow, palette: Palette) -> Whole:
    """The row's shades take turns along its places; a member's own shade comes first. Trims take their own."""
    turns = np.array(_turns(rule, palette), np.int32)
    place = np.arange(row.n) if row.place is None else row.place
    own = turns[place % len(turns)]
    for k, member in enumerate(rule.pattern):
        if member.shade is not None:
            own = np.where(row.member == k, np.int32(palette.index(member.shade)), own)
    grown = row.grown.dots
    tables = [[palette.index(shade) for shade in trim.shades] or [0] for trim in trims_of(rule.trims)]
    found = np.empty(len(grown.x), np.int32)
    for number, table in enumerate(tables):
        mine = grown.trim == number
        found[mine] = np.array(table, np.int32)[grown.slot[mine] % len(table)]
    return np.concatenate((own, found))


def _hand(row: PlacedRow, shade: Whole) -> Whole:
    """The row's own dots by size and shade, largest first, within by the order of the hand; then each trim around."""
    own, grown = row.n, row.grown.dots
    ranks = _ranks(row.radius, shade[:own])
    order = np.lexsort((np.arange(len(grown.x)), ranks[grown.host], grown.trim))
    after = np.empty(len(order), np.int32)
    after[order] = np.arange(own, own + len(order), dtype=np.int32)
    return np.concatenate((ranks, after))


def _ranks(radius: Array, shade: Whole) -> Whole:
    if not len(radius):
        return np.empty(0, np.int32)
    _, groups = np.unique(np.stack((-radius, shade)), axis=1, return_inverse=True)
    return hand_ranks(groups.ravel())
