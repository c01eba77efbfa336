"""The rows' dots joined into the one table of the plan, with shade, tool and order of the hand for each."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from itertools import accumulate, groupby

import numpy as np

from ..colour.palette import Palette
from ..document.piece import Piece
from ..document.row import Row
from ..dots.hand import hand_ranks, ring_ranks
from ..dots.rings import EvenRing, in_turn, rings_at
from ..dots.table import Array, Dots, Whole, concat, table
from ..geometry.surface import Plane
from .halves import Halves
from .placed import PlacedRow
from .tracks import track_of
from .trims.grown import Mark
from .trims.kind import TrimRule

HERE = 1e-6  # mm
SAME = 0.05  # a gap dot is made with the tool whose dot is this near (mm)


@dataclass(frozen=True)
class Marked:
    """A mark of the plan: its row, its shade, the dot it starts from, whether it lies on the back, and whether it is
    that dot pulled to a tail, in one shade with it."""

    mark: Mark
    row: int
    shade: int
    dot: int
    back: bool
    pulled: bool


@dataclass(frozen=True)
class Part:
    """A row on one half: its number and rule, where its dots begin in the plan, and its dots on the other half that
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
class Columns:
    """`first[i]` is the first dot of row i, with one end added. `normal` holds unit vectors perpendicular to the
    surface, shape (n, 3), None on a flat blank."""

    dots: Dots
    first: tuple[int, ...]
    normal: Array | None
    marked: tuple[Marked, ...]


def columns(piece: Piece, halves: Halves, rows: Sequence[PlacedRow], palette: Palette) -> Columns:
    """Every row's dots; twins follow their row."""
    parts = parts_of(piece, rows)
    tools = {tool.id: place for place, tool in enumerate(piece.tools)}
    curved = not isinstance(halves.front.surface, Plane)
    tables: list[Dots] = []
    normals = [np.empty((0, 3))]
    for (plain, half), run in groupby(parts, key=lambda part: (part.plain, part.row.half)):
        own = list(run)
        found = (
            [rings_table(own, palette, tools)] if plain else [row_table(part, piece, palette, tools) for part in own]
        )
        tables += found
        normals += [_normals(halves, half, dots) for dots in found if curved]
    dots = concat(tables)
    first = tuple(accumulate((row.total for row in rows), initial=0))
    return Columns(dots, first, np.concatenate(normals) if curved else None, tuple(_marked(parts, dots, palette)))


def parts_of(piece: Piece, rows: Sequence[PlacedRow]) -> list[Part]:
    parts, begin = [], 0
    for index, (rule, row) in enumerate(zip(piece.rows, rows, strict=True)):
        for part in row.both:
            parts.append(Part(index, rule, part, begin, row.count if part is not row else 0))
            begin += part.count
    return parts


def rings_table(parts: Sequence[Part], palette: Palette, tools: dict[str, int]) -> Dots:
    """Bare rings, all in one go."""
    rings = [part.row.own for part in parts if isinstance(part.row.own, EvenRing)]
    counts = np.array([ring.n for ring in rings])
    order, angle, x, y, z, radius, walk = rings_at(rings)
    turns = [_turns(part.rule, palette) for part in parts]
    shade = in_turn(turns, counts, order).astype(np.int32)
    makes = [_tools(part.rule, tools) for part in parts]
    sizes = np.array([len(ring.diameters) for ring in rings])
    numbers = [[part.index for part in parts], [part.before for part in parts], [part.begin for part in parts]]
    row, before, begin = np.array(numbers, np.int32).repeat(counts, axis=1)
    hands = [
        ring_ranks(ring.n) if len(ring.diameters) == len(turn) == 1 else _ranks(radius[own], shade[own])
        for ring, turn, own in zip(rings, turns, _stretches(counts.tolist()), strict=True)
    ]
    dot = order + begin
    return table(
        len(order), x=x, y=y, z=z, radius=radius, walk=walk, out_rad=angle, row=row, dot=dot, host=dot, below=dot,
        place=order, slot=order, member=order % sizes.repeat(counts), tool=in_turn(makes, counts, order),
        shade=shade, hand=np.concatenate(hands) + before,
    )  # fmt: skip


def row_table(part: Part, piece: Piece, palette: Palette, tools: dict[str, int]) -> Dots:
    """One row with its trims."""
    dots, row, begin = part.row.dots, part.row, part.begin
    shade = _shades(part.rule, dots, row.n, palette)
    return dots.replaced(
        row=part.index,
        dot=dots.dot + begin,
        host=dots.host + begin,
        below=dots.below + begin,
        tool=np.concatenate((own_tools(part.rule, row, piece, tools), dots.tool[row.n :])),
        shade=shade,
        hand=_hand(dots, row.n, shade) + part.before,
    )


def _stretches(counts: Sequence[int]) -> Iterator[slice]:
    return (slice(end - n, end) for n, end in zip(counts, accumulate(counts), strict=True))


def _turns(rule: Row, palette: Palette) -> list[int]:
    return [palette.index(shade) for shade in rule.shades]


def _tools(rule: Row, tools: dict[str, int]) -> list[int]:
    """Place of each member's tool; a fitted size has none."""
    return [-1 if rule.fit == "size" else tools.get(member.tool or "", -1) for member in rule.pattern]


def own_tools(rule: Row, row: PlacedRow, piece: Piece, tools: dict[str, int]) -> Whole:
    """The tool of each own dot: its member's, or where sizes come from the kit the one that makes the size; of a row
    that is painted the one that it was set with."""
    own = row.own_dots
    if rule.painted is not None:
        return own.tool
    if track_of(rule.track).sized:
        return np.array(_tools(rule, tools), np.int32)[own.member]
    made = [(dot, place) for place, tool in enumerate(piece.tools) for dot in tool.made]
    sizes, places = np.array([dot for dot, _ in made] or [0.0]), np.array([place for _, place in made] or [-1])
    off = np.abs(2 * own.radius[:, None] - sizes)
    nearest = off.argmin(axis=1)
    return np.where(off.min(axis=1) <= SAME, places[nearest], -1).astype(np.int32)


def _shades(rule: Row, dots: Dots, n: int, palette: Palette) -> Whole:
    """The row's shades take turns along its places; a member's own shade comes first. Trims take their own."""
    turns = np.array(_turns(rule, palette), np.int32)
    shade = turns[dots.slot % len(turns)]
    for k, member in enumerate(rule.pattern):
        if member.shade is not None:
            shade[:n][dots.member[:n] == k] = palette.index(member.shade)
    for number, trim in enumerate(rule.all_trims):
        own = np.array([palette.index(one) for one in trim.painted] or [0], np.int32)
        mine = np.flatnonzero(dots.trim == number)
        for level in np.unique(dots.level[mine]):  # a stack from below upward, since each may ask what is below it
            part = mine[dots.level[mine] == level]
            shade[part] = _over(trim, own, dots.slot[part] % len(own), shade[dots.below[part]], palette)
    return shade


def _over(trim: TrimRule, own: Whole, slot: Whole, below: Whole, palette: Palette) -> Whole:
    """Shades of dots whose turn it is at these places of the trim's own, over dots of these shades."""
    found = own[slot]
    if trim.skips and len(own) > 1:
        found = np.where(found == below, own[(slot + 1) % len(own)], found)
    for one in trim.table:
        found = np.where(below == palette.index(one.below), palette.index(one.shade), found)
    return np.asarray(found, np.int32)


def _hand(dots: Dots, n: int, shade: Whole) -> Whole:
    """The row's own dots by size and shade, largest first, within by the order of the hand; then each trim around."""
    ranks = _ranks(dots.radius[:n], shade[:n])
    host, trim = dots.host[n:], dots.trim[n:]
    order = np.lexsort((np.arange(len(host)), ranks[host], trim))
    after = np.empty(len(order), np.int32)
    after[order] = np.arange(n, n + len(order), dtype=np.int32)
    return np.concatenate((ranks, after))


def _ranks(radius: Array, shade: Whole) -> Whole:
    if not len(radius):
        return np.empty(0, np.int32)
    _, groups = np.unique(np.stack((-radius, shade)), axis=1, return_inverse=True)
    return hand_ranks(groups.ravel())


def _marked(parts: Sequence[Part], dots: Dots, palette: Palette) -> Iterator[Marked]:
    shade = dots.shade
    for part in parts:
        trims = part.rule.all_trims
        for mark in part.row.grown.marks:
            dot = part.begin + mark.host
            chosen = int(shade[dot])
            if mark.trim >= 0 and trims[mark.trim].named_shades:
                trim = trims[mark.trim]
                own = np.array([palette.index(one) for one in trim.painted] or [chosen], np.int32)
                chosen = int(_over(trim, own, np.array([mark.slot % len(own)]), shade[dot : dot + 1], palette)[0])
            apart = abs(mark.spine[0, 0] - dots.x[dot]) + abs(mark.spine[0, 1] - dots.y[dot])
            pulled = bool(apart < HERE and chosen == shade[dot] and dots.level[dot] == mark.level)
            yield Marked(mark, part.index, chosen, dot, part.row.half == "back", pulled)


def _normals(halves: Halves, half: str, dots: Dots) -> Array:
    context = halves.of(half)
    if context is None or isinstance(context.surface, Plane):
        return np.empty((0, 3))
    surface = context.surface
    return np.stack(surface.normals(dots.walk, np.arctan2(dots.x * surface.side, -dots.y)), axis=1)
