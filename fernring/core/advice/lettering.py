"""Verdicts on words: strokes too narrow for the dots, counters that close, joints thinner than the pen, lines too long.

The width of a stroke is that of the largest circle about each place of its middle. How much of a word may be too narrow
before it is said is a judgement.
"""

from collections.abc import Iterator
from math import ceil, pi
from typing import TYPE_CHECKING

import numpy as np

from ..document.changes import change
from ..document.region import BareArea, WordRegion
from ..document.row import Row
from ..lettering.layout import Set, letters
from ..lettering.strokes import strokes
from ..regions.bare import visible_ground
from ..rows.tracks.edge import EdgeTrack
from ..rows.tracks.fill import FillTrack
from ..solved import Solved
from ..words.lengths import mm
from ..words.numbers import counted
from .verdict import Remedy, Verdict, each

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

TOO_MUCH = 0.1  # of the strokes' length
SMALL = 0.02  # of the height: a stroke's end is narrower than the stroke


def lettering_verdicts(solved: Solved) -> Iterator[Verdict]:
    for number, area in enumerate(solved.piece.bare):
        if not isinstance(area.area, WordRegion):
            continue
        yield from _too_long(number, area, area.area)
        rows = [(index, row) for index, row in enumerate(solved.rules) if area.id in row.track.about]
        body = visible_ground(area, solved.piece.bare, solved.ground.sites[0]) if rows else None
        for index, row in rows:
            if body is not None and not body.is_empty:
                yield from _narrow(number, area, area.area, body, index, row)
                yield from _closed(area, body, index, row)


def _too_long(number: int, area: BareArea, word: WordRegion) -> Iterator[Verdict]:
    """A line that meets itself round its circle."""
    if "circle" not in word.runs:
        return
    _, length = letters(Set(word.text, word.font, word.height, word.spacing))
    around = 2 * pi * word.radius
    if length > around:
        text = f"{area.name} is {mm(length)} long and its circle {mm(around)} round: the words run into themselves."
        larger = Remedy("Make the circle larger", (change("bare", number, "area", "radius", ceil(length / 2 / pi)),))
        yield Verdict("words too long", f"words too long:{area.id}", "warning", text, ways=each(larger))


def _narrow(
    number: int, area: BareArea, word: WordRegion, body: "BaseGeometry", index: int, row: Row
) -> Iterator[Verdict]:
    """What is filled with dots, or lined by a pen, needs strokes wide enough for them."""
    needs = _needed(row)
    if needs <= 0:
        return
    found = strokes(body)
    width = 2 * np.concatenate([stroke.half for stroke in found])
    share = float((width < needs).mean())
    if share <= TOO_MUCH:
        return
    low = float(np.quantile(width, TOO_MUCH))
    what = "the line on either side of them" if row.drawn else f"dots of {mm(min(row.sizes))} and their gaps"
    text = f"The strokes of {area.name} are {mm(round(low, 2))} wide where they are narrow; {what} need {mm(needs)}."
    height = ceil(word.height * needs / max(low, SMALL * word.height) * 2) / 2
    larger = Remedy(f"Make its capitals {mm(height)} high", (change("bare", number, "area", "height", height),))
    key = f"strokes too narrow:{area.id}:{row.id}"
    yield Verdict("strokes too narrow", key, "warning", text, (index,), (), each(larger) if height <= 1000 else ())


def _needed(row: Row) -> float:
    """How wide a stroke has to be for the row (mm), 0 where it does not matter."""
    if isinstance(row.track, FillTrack) and row.track.where == "inside":
        return min(row.sizes) + 2 * row.gap
    if isinstance(row.track, EdgeTrack) and row.track.side != "outside":
        inside = row.track.off + min(row.sizes) if row.track.side == "inside" else min(row.sizes) / 2
        return 2 * inside
    return 0.0


def _closed(area: BareArea, body: "BaseGeometry", index: int, row: Row) -> Iterator[Verdict]:
    """Counters, the rooms inside letters, that stay empty while what lies round the word is filled."""
    import shapely

    if not (isinstance(row.track, FillTrack) and row.track.where == "round"):
        return
    needs = min(row.sizes) / 2 + row.gap
    rooms = [shapely.Polygon(ring) for part in shapely.get_parts(body) for ring in part.interiors]
    closed = [room for room in rooms if shapely.maximum_inscribed_circle(room).length < needs]
    if closed:
        rooms_words = "one room" if len(closed) == 1 else f"{counted(len(closed))} rooms"
        text = f"Inside the letters of {area.name} {rooms_words} stay empty: no dot of {mm(min(row.sizes))} fits there."
        yield Verdict("letters close", f"letters close:{area.id}:{row.id}", "note", text, (index,))
