"""One row solved: its rule in, its numbers and dots out."""

from dataclasses import replace
from math import gcd

import numpy as np

from ..document.count import Absolute
from ..document.distance import AtWalk
from ..document.row import Row
from .context import Context
from .cut import cut
from .drawn import drawn, sampled
from .grouped import grouped
from .halves import Halves
from .meeting import met
from .motifs.joined import joined, one_distance
from .motifs.seen import seen_from
from .painted import as_painted
from .placed import PlacedRow, unplaced
from .tracks import track_of
from .tracks.ring import carries_on
from .trims.growing import grown


def solve(row: Row, index: int, context: Context) -> PlacedRow:
    """The row with its groups, cuts and trims. One for which there is no room comes back empty and says why."""
    if row.fit == "meet":
        found = met(row, context)
        if isinstance(found, str):
            return unplaced(row, index, found)
        rule, remainder = found
        return replace(solve(rule, index, context), rule=rule, remainder=remainder)
    if row.drawn:
        placed = track_of(row.track).solve(sampled(row, context), index, context)
        placed = placed if placed.noroom else cut(row, placed, context)
        return placed if placed.noroom else _levelled(row, drawn(row, placed, context))
    placed = track_of(row.track).solve(row, index, context)
    if placed.noroom:
        return placed
    placed = grouped(row, placed, context)
    if row.copies > 1:
        own = placed.own_dots
        placed = replace(placed, own=own.replaced(slot=own.place // 2))  # both of a pair take one turn of the shades
    placed = cut(row, placed, context)
    shaped = [k for k, member in enumerate(row.pattern) if member.shaped]
    if placed.noroom or not (row.trims or shaped):
        return placed
    if shaped:
        own = placed.own_dots
        placed = replace(placed, own=own.replaced(level=np.where(np.isin(own.member, shaped), 0, 1)))
    return _levelled(row, replace(placed, grown=placed.grown.with_more(grown(row, placed, context), placed.n)))


def _levelled(row: Row, placed: PlacedRow) -> PlacedRow:
    """Marks laid under the dots or over them lie on a level of their own."""
    if row.laid == "beside":
        return placed
    level = {"under": 0, "over": 2}[row.laid]
    marks = tuple(replace(mark, level=level) for mark in placed.grown.marks)
    return replace(placed, laid=True, grown=replace(placed.grown, marks=marks))


def solve_on_halves(row: Row, index: int, halves: Halves) -> PlacedRow:
    """The row on the half or halves it belongs to; one that was begun as it is there."""
    if row.painted is not None:
        return as_painted(row, row.painted, index, halves)
    if row.motif is not None:
        return _in_motif(row, index, halves.front)
    wanted = ("front", "back") if row.half == "both" else (row.half,)
    parts = [_on(row, index, half, halves.of(half)) for half in wanted]
    if len(parts) == 2 and not parts[1].noroom:
        return replace(parts[0], twin=parts[1]) if not parts[0].noroom else parts[0]
    return parts[-1] if parts[-1].noroom else parts[0]


def _in_motif(row: Row, index: int, front: Context) -> PlacedRow:
    """The row at every place of its motif, as far from its centre at each: once where they are alike, else as far as
    the place asks that leaves it least room.
    """
    motif = row.motif or ""
    places = front.motifs[motif]
    why = next((place.why for place in places.all if place.why), "")
    if why:
        return unplaced(row, index, why)
    alike = places.alike and gcd(front.order, len(places.all)) == len(places.all)
    once = alike and front.surface.axisymmetric and not front.bare and not carries_on(row.track)
    seen = list(seen_from(front, places, range(1 if once else len(places.all))))
    parts = [solve(row, index, context) for context in seen]
    walk = one_distance(parts) if track_of(row.track).round else None
    if walk is not None and not any(part.noroom for part in parts):
        furthest = max(parts, key=lambda part: part.walk)
        parts = [solve(_as_placed(row, furthest), index, context) for context in seen]
        parts = [replace(part, rule=furthest.rule, remainder=furthest.remainder) for part in parts]
    without = next((part for part in parts if part.noroom), None)
    return replace(without, motif=motif) if without else joined(parts, places, front.home)


def _as_placed(row: Row, placed: PlacedRow) -> Row:
    """The row with its numbers as they were found."""
    rule = placed.rule or row
    pattern = zip(rule.pattern, placed.diameters, strict=True)
    return rule.model_copy(
        update={
            "fit": None,
            "count": Absolute(repeats=placed.repeats),
            "distance": AtWalk(walk=placed.walk),
            "pattern": tuple(member.model_copy(update={"diameter": size}) for member, size in pattern),
        }
    )


def _on(row: Row, index: int, half: str, context: Context | None) -> PlacedRow:
    if context is None:
        return unplaced(row, index, "this blank has no other half")
    placed = solve(row, index, context)
    return replace(placed, half=half) if half != "front" else placed
