"""Rows that were begun: what the plan had of them put into the document, and taken from it again as it is."""

from collections.abc import Collection, Sequence
from dataclasses import replace
from math import inf, radians
from typing import TYPE_CHECKING

import numpy as np

from ..document.painted import Painted, PaintedDots, PaintedMark, PaintedPart
from ..dots.index import Index
from ..dots.table import Array, Dots, Whole, table
from .context import Context
from .halves import Halves
from .motifs.joined import joined
from .motifs.places import places_of
from .motifs.seen import seen_from
from .placed import PlacedRow
from .trims.growing import grown
from .trims.grown import Grown, Mark
from .trims.kind import TrimRule, trims_of

if TYPE_CHECKING:
    from ..document.piece import Piece
    from ..document.row import Row

SAME = 1e-9  # mm
RULES = 1  # the number of the way of planning; another one once the plans of kept documents change
PLAIN = ("x", "y", "z", "walk", "place", "member", "layer", "side", "level", "slot")
SPINE = (("walk", "walks"), ("z", "rise"), ("girth", "girth"))


def kept(piece: "Piece", row: "Row", placed: PlacedRow, own_tools: Sequence[Whole], begun: Collection[str]) -> "Row":
    """The row with what is on the piece: its own dots, and those of the trims of which one was `begun` (ids).

    `own_tools` are those of the own dots of every part, as places among the piece's.
    """
    rule = placed.rule or row
    known = rule.painted.trims if rule.painted else ()
    trims = [one.id for trim in rule.trims for one in _begun(trim, {*begun, *known})]
    numbers = {ident: number for number, ident in enumerate(trims)}
    of = np.array([numbers.get(trim.id, -1) for trim in rule.all_trims] + [-1], np.int32)  # the last is an own dot's
    chosen = {number for number, trim in enumerate(rule.all_trims) if trim.id in numbers}
    before = rule.painted.parts if rule.painted else ()
    parts = [
        _part(part, own, of, chosen, before[k].measured if k < len(before) else ())
        for k, (part, own) in enumerate(zip(parts_of_row(placed), own_tools, strict=True))
    ]
    tools = tuple(tool.id for tool in piece.tools)
    motif, turn = piece.motif_of(row), piece.turn
    if rule.painted is not None:
        motif, turn = rule.painted.motif, rule.painted.turn
    painted = Painted(rules=RULES, trims=tuple(trims), tools=tools, parts=tuple(parts), motif=motif, turn=turn)
    return rule.model_copy(update={"painted": painted, "fit": None})


def parts_of_row(placed: PlacedRow) -> tuple[PlacedRow, ...]:
    """A row at each place of its motif, one for all where they are alike; else on each half."""
    return placed.at or placed.both


def _begun(trim: TrimRule, begun: Collection[str]) -> list[TrimRule]:
    """A trim with those on it, if one of them was begun."""
    all_of_it = [trim, *trims_of(trim.carried)]
    return all_of_it if any(one.id in begun for one in all_of_it) else []


def _part(
    part: PlacedRow, own_tools: Whole, of: Whole, chosen: Collection[int], measured: Sequence[int]
) -> PaintedPart:
    grown_dots = part.grown.dots
    lines = np.concatenate((np.arange(part.n), part.n + np.flatnonzero(np.isin(grown_dots.trim, list(chosen)))))
    dots, number = part.dots.take(lines), np.zeros(part.count, np.int32)
    number[lines] = np.arange(len(lines))
    tool = np.concatenate((own_tools, grown_dots.tool))[lines]
    columns = {name: tuple(getattr(dots, name).tolist()) for name in PLAIN}
    columns |= {
        "diameter": tuple((2 * dots.radius).tolist()),
        "out": tuple(np.degrees(dots.out_rad).tolist()),
        "trim": tuple(of[dots.trim].tolist()),
        "tool": tuple(tool.tolist()),
        "host": tuple(dots.host.tolist()),
        "below": tuple(number[dots.below].tolist()),
    }
    marks = tuple(_mark(mark, of) for mark in part.grown.marks if mark.trim < 0 or mark.trim in chosen)
    return PaintedPart(
        half=part.half,
        own=part.n,
        repeats=part.repeats,
        diameters=part.diameters,
        walk=part.walk,
        clear=None if part.clear == inf else part.clear,
        round=part.round,
        ring=() if part.ring_rad is None else tuple(np.degrees(part.ring_rad).tolist()),
        left_out=part.left_out,
        drawn=part.drawn,
        depth=part.depth,
        dots=PaintedDots(**columns),
        marks=marks,
        measured=tuple(measured),
    )


def _mark(mark: Mark, of: Whole) -> PaintedMark:
    x, y = mark.spine.T.tolist()
    outline_x, outline_y = mark.outline.T.tolist()
    return PaintedMark(
        x=tuple(x),
        y=tuple(y),
        outline_x=tuple(outline_x),
        outline_y=tuple(outline_y),
        outline_z=tuple(mark.heights.tolist()),
        host=mark.host,
        trim=int(of[mark.trim]),
        slot=mark.slot,
        area=mark.area,
        level=mark.level,
        glued=mark.glued,
        **{name: tuple(getattr(mark, column).tolist()) for name, column in SPINE},
    )


def as_painted(row: "Row", painted: Painted, index: int, halves: Halves) -> PlacedRow:
    """The row as it is on the piece; trims that were not begun grow on it."""
    if painted.motif is not None:
        places = places_of(painted.motif, halves.front.ground, radians(painted.turn))
        few = min(len(painted.parts), len(places.all))
        seen = seen_from(halves.front, places, range(few))
        parts = [_placed(row, painted, part, index, at) for part, at in zip(painted.parts, seen, strict=False)]
        return joined(parts, places, halves.front.home)
    parts = [
        _placed(row, painted, part, index, context)
        for part in painted.parts
        if (context := halves.of(part.half)) is not None
    ]
    return replace(parts[0], twin=parts[1]) if len(parts) > 1 else parts[0]


def _placed(row: "Row", painted: Painted, part: PaintedPart, index: int, context: Context) -> PlacedRow:
    numbers = {trim.id: number for number, trim in enumerate(row.all_trims)}
    of = np.array([*(numbers[ident] for ident in painted.trims), -1], np.int32)
    tools = np.array([*(context.tools.get(ident, -1) for ident in painted.tools), -1], np.int32)
    dots = _dots(part.dots, of, tools)
    own = dots.take(slice(0, part.own))
    even = _even(part, own)
    marks = tuple(_placed_mark(mark, of) for mark in part.marks)
    found = PlacedRow(
        index,
        part.repeats if even else 1,
        part.diameters,
        part.walk,
        _clear(own) if part.measured else inf if part.clear is None else part.clear,
        own,
        boundary=row.boundary,
        round=part.round and even,
        half=part.half,
        ring_rad=np.radians(part.ring) if part.ring else None,
        grown=Grown(dots.take(slice(part.own, None)), marks),
        left_out=part.left_out,
        depth=part.depth,
        drawn=part.drawn,
        laid=row.laid != "beside",
    )
    return replace(found, grown=found.grown.with_more(grown(row, found, context), found.n))


def _even(part: PaintedPart, own: Dots) -> bool:
    """Whether the row still repeats as its rule says: nothing was measured but all of its own dots, and alike."""
    if not part.measured:
        return True
    sizes = np.array(part.diameters)[own.member]
    alike = np.abs(2 * own.radius - sizes).max(initial=0.0) < SAME and np.ptp(own.walk) < SAME
    return bool(alike) and part.measured[-1] < part.own


def _dots(given: PaintedDots, of: Whole, tools: Whole) -> Dots:
    plain = {name: np.array(getattr(given, name)) for name in PLAIN}
    return table(
        given.count,
        **plain,
        radius=np.array(given.diameter) / 2,
        out_rad=np.radians(given.out),
        trim=of[list(given.trim)],
        tool=tools[list(given.tool)],
        host=np.array(given.host),
        below=np.array(given.below),
        dot=np.arange(given.count),
    )


def _placed_mark(given: PaintedMark, of: Whole) -> Mark:
    outline, spine = _plan(given.outline_x, given.outline_y), _plan(given.x, given.y)
    z, walks, girth = (np.array(column) for column in (given.z, given.walk, given.girth))
    return Mark(
        outline, np.array(given.outline_z), spine, z, walks, girth, given.host, int(of[given.trim]), given.slot,
        given.area, given.level, given.glued,
    )  # fmt: skip


def _plan(x: Sequence[float], y: Sequence[float]) -> Array:
    return np.stack((np.array(x), np.array(y)), axis=1)


def _clear(own: Dots) -> float:
    """The smallest clear distance between two of these dots (mm); infinite for one."""
    if len(own) < 2:
        return inf
    there, reach = Index.of(own), 4 * float(own.radius.max())
    while True:
        one, other, clear = there.within(own.x, own.y, own.z, reach)
        found = (clear - own.radius[one])[one != other]
        if len(found):
            return float(found.min())
        reach *= 2
